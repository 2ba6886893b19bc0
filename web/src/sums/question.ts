import type { Field } from "./definitions";

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
    if (text.trim() !== "" || field.kind === "flag" || LINES.includes(field.kind)) {
      put(whole, field.path.split("."), value(field, text, metric));
    }
  }
  return whole;
}

/** What is written a line each. */
const LINES = ["boxes", "photos", "slots"];

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

/** A number without a unit is meant in the units of the house; sums take it for inches. */
function inUnits(text: string, metric: boolean) {
  return metric && /^-?(\d+(\.\d*)?|\.\d+)$/.test(text.trim()) ? `${text.trim()} mm` : text;
}

/** What is no number goes as it was written, and is refused with what is accepted. */
function numberOrText(text: string) {
  return /^\d+(\.\d+)?$/.test(text.trim()) ? Number(text) : text;
}
