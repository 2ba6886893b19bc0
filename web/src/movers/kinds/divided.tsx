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

/** How many prints it holds. */
function printsOf(part: PartRequest): number {
  const pieces = piecesOf(part);
  return pieces.length === 0 ? 1 : pieces.reduce((sum, piece) => sum + printsOf(piece), 0);
}

/** Its name by the prints in it, as they are counted in reading order. */
function nameOf(part: PartRequest, first: number) {
  const last = first + printsOf(part) - 1;
  return last === first ? `Part ${first}` : `Parts ${first} to ${last}`;
}

interface Props {
  part: PartRequest;
  name: string;
  /** The number of the first print in it. */
  first: number;
  level: number;
  onChange: (next: PartRequest) => void;
}

/** A part, and the parts that it is divided into. */
function PartFields({ part, name, first, level, onChange }: Props) {
  const pieces = piecesOf(part);
  const way = wayOf(part);
  const known = WAYS.some(([value]) => value === way);
  const counted = pieces.map((piece, index) => ({
    piece,
    index,
    from: first + pieces.slice(0, index).reduce((sum, before) => sum + printsOf(before), 0),
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
        counted.map(({ piece, from, index }) => (
          <PartFields
            key={from}
            part={piece}
            name={nameOf(piece, from)}
            first={from}
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
      first={1}
      level={0}
      onChange={(part) => save({ ...made, part })}
    />
  ),
};
