import type { Field, FieldKind } from "./definitions";

export type Written = Record<string, string>;

/** What was written, as the question is put; fields left empty are left out. */
export function question(
  fields: Field[],
  written: Written,
  metric: boolean,
): Record<string, unknown> {
  const whole: Record<string, unknown> = {};
  for (const field of fields) {
    const text = written[field.path] ?? "";
    if (
      isAsked(field, written) &&
      (text.trim() !== "" || field.kind === "flag" || LINES.includes(field.kind))
    ) {
      put(whole, field.path.split("."), value(field, text, metric));
    }
  }
  return whole;
}

/** Whether a field has a meaning with what is written in the others. */
export function isAsked({ when }: Field, written: Written) {
  return !when || written[when.path] === when.is;
}

/** What is written a line each. */
export const LINES: FieldKind[] = ["boxes", "photos", "slots", "flaps"];

function lines(text: string) {
  return text
    .split("\n")
    .filter((line) => line.trim() !== "")
    .map((line) => line.split(",").map((part) => part.trim()));
}

function put(into: Record<string, unknown>, path: string[], what: unknown) {
  const [first = "", ...rest] = path;
  if (rest.length === 0) {
    into[first] = what;
    return;
  }
  const inner = (into[first] ?? {}) as Record<string, unknown>;
  into[first] = inner;
  put(inner, rest, what);
}

function value(field: Field, text: string, metric: boolean): unknown {
  switch (field.kind) {
    case "flag":
      return text === "true";
    case "count":
    case "number":
      return numberOrText(text);
    case "boxes":
      return lines(text).map(([x = "", y = "", w = "", h = ""]) => ({
        x: inUnits(x, metric),
        y: inUnits(y, metric),
        w: inUnits(w, metric),
        h: inUnits(h, metric),
      }));
    case "photos":
      return lines(text).map(([id = "", w = "", h = ""]) => ({
        id,
        pixels: { w: numberOrText(w), h: numberOrText(h) },
      }));
    case "slots":
      return lines(text).map(([id = "", w = "", h = ""]) => ({
        id,
        w: inUnits(w, metric),
        h: inUnits(h, metric),
      }));
    case "flaps":
      return lines(text).map((parts) => flap(parts, metric));
    case "letters":
      return Object.fromEntries(
        text.split(",").map((part) => {
          const [letter = "", ...rest] = part.trim().split(/\s+/);
          const amount = rest.join(" ");
          return [letter, field.path === "stock" ? numberOrText(amount) : inUnits(amount, metric)];
        }),
      );
    case "length":
      return inUnits(text, metric);
    default:
      return text;
  }
}

/** A flap: its name, its box, its hinge, and what it lies on or is fixed to, in any order. */
function flap(
  [id = "", x = "", y = "", w = "", h = "", hinge = "", ...more]: string[],
  metric: boolean,
) {
  const rest = more.map((part) => {
    const other = /^(on|fixed to)\s+(.+)$/i.exec(part);
    if (other) {
      return [other[1]?.toLowerCase() === "on" ? "on" : "fixedTo", other[2]];
    }
    return ["mount", part.toLowerCase()];
  });
  return {
    id,
    x: inUnits(x, metric),
    y: inUnits(y, metric),
    w: inUnits(w, metric),
    h: inUnits(h, metric),
    hinge: hinge.toLowerCase(),
    ...Object.fromEntries(rest),
  };
}

/** A number without a unit is meant in the units of the house; sums take it for inches. */
function inUnits(text: string, metric: boolean) {
  return metric && /^-?(\d+(\.\d*)?|\.\d+)$/.test(text.trim()) ? `${text.trim()} mm` : text;
}

/** What is no number goes as it was written, and is refused with what is accepted. */
function numberOrText(text: string) {
  return /^\d+(\.\d+)?$/.test(text.trim()) ? Number(text) : text;
}
