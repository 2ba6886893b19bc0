import type { PartRequest } from "../../api/types";
import { ChoiceField } from "../../ui/TextField";
import type { Kind } from "./kind";

/** How often a part may be divided in its turn. */
const DEEPEST = 3;

/** In how many equal pieces a part is divided, and which way. */
const WAYS: [string, string][] = [
  ["whole", "one print"],
  ["across 2", "2 in a row"],
  ["across 3", "3 in a row"],
  ["across 4", "4 in a row"],
  ["down 2", "2 in a column"],
  ["down 3", "3 in a column"],
  ["down 4", "4 in a column"],
];

const WHOLE: PartRequest = { is: "whole" };

function piecesOf(part: PartRequest): PartRequest[] {
  return "parts" in part ? (part.parts ?? []) : [];
}

function wayOf(part: PartRequest) {
  return "direction" in part ? `${part.direction} ${piecesOf(part).length}` : "whole";
}

function dividedBy(way: string): PartRequest {
  const [direction, count] = way.split(" ");
  return direction === "across" || direction === "down"
    ? {
        is: "shared",
        direction,
        parts: Array.from({ length: Number(count) }, () => WHOLE),
      }
    : WHOLE;
}

interface Props {
  part: PartRequest;
  /** Its name, such as “Part 2.1”. */
  name: string;
  level: number;
  onChange: (next: PartRequest) => void;
}

/** A part, and the parts that it is divided into. */
function PartFields({ part, name, level, onChange }: Props) {
  const pieces = piecesOf(part);
  const way = wayOf(part);
  const known = WAYS.some(([value]) => value === way);
  const prefix = name === "Divided" ? "" : `${name.replace("Part ", "")}.`;
  const named = pieces.map((piece, index) => ({
    piece,
    index,
    name: `Part ${prefix}${index + 1}`,
  }));
  return (
    <>
      <ChoiceField
        label={name}
        value={way}
        onChange={(next) => onChange(dividedBy(next))}
        choices={known ? WAYS : [...WAYS, [way, "as it is"]]}
      />
      {level < DEEPEST &&
        named.map(({ piece, name: own, index }) => (
          <PartFields
            key={own}
            part={piece}
            name={own}
            level={level + 1}
            onChange={(next) =>
              "parts" in part &&
              onChange({
                ...part,
                parts: pieces.map((each, at) => (at === index ? next : each)),
              })
            }
          />
        ))}
    </>
  );
}

export const divided: Kind<"divided-place"> = {
  size: () => "Card",
  stays: true,
  measures: [],
  choices: (made, save) => (
    <PartFields
      part={made.part ?? dividedBy("across 2")}
      name="Divided"
      level={0}
      onChange={(part) => save({ ...made, part })}
    />
  ),
};
