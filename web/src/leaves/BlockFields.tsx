import type { Refusal } from "../api/client";
import type { Anchor, Block, Outline, Shape } from "../api/types";
import { ChoiceField, TextField } from "../ui/TextField";

interface Props {
  block: Block;
  /** Blocks that it may lie beside. */
  others: Block[];
  refusal: Refusal | null;
  onChange: (block: Block) => void;
}

/** What is said of one block. */
export function BlockFields({ block, others, refusal, onChange }: Props) {
  const wrong = (field: string) =>
    refusal?.field === `block ${block.key}.${field}` ? refusal.message : undefined;
  const { text } = fieldsOf(block, onChange, wrong);
  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2 pb-1">
      <ShapeFields
        shape={block.shape}
        wrong={wrong}
        onChange={(shape) => onChange({ ...block, shape })}
      />
      <OutlineFields
        outline={block.outline ?? { is: "straight" }}
        wrong={wrong}
        onChange={(outline) => onChange({ ...block, outline })}
      />
      {text("mat", "Mat shows each side")}
      <ChoiceField
        label="For"
        value={block.holds ?? "photo"}
        onChange={(holds) => onChange({ ...block, holds })}
        choices={[
          ["photo", "photos"],
          ["words", "words"],
          ["keepsake", "keepsakes"],
        ]}
      />
      <AnchorFields
        anchor={block.anchor}
        others={others}
        wrong={wrong}
        onChange={(anchor) => onChange({ ...block, anchor })}
      />
    </div>
  );
}

type Wrong = (field: string) => string | undefined;

type FieldOf<T, V> = {
  [K in keyof T]-?: Exclude<T[K], undefined> extends V ? K : never;
}[keyof T] &
  string;

/** The fields of one part of a block. */
function fieldsOf<T extends object>(part: T, onChange: (part: T) => void, wrong: Wrong) {
  return {
    text: (field: FieldOf<T, string>, label: string) => (
      <TextField
        label={label}
        value={String(part[field] ?? "")}
        wrong={wrong(field)}
        onChange={(value) => onChange({ ...part, [field]: value })}
      />
    ),
    count: (field: FieldOf<T, number>, label: string) => (
      <TextField
        label={label}
        value={part[field] === undefined ? "" : String(part[field])}
        wrong={wrong(field)}
        onChange={(value) => {
          const digits = value.replace(/\D/g, "").slice(0, 4);
          onChange({ ...part, [field]: digits === "" ? undefined : Number(digits) });
        }}
      />
    ),
    flag: (field: FieldOf<T, boolean>, label: string) => (
      <label className="col-span-2 flex items-center gap-2 text-[13px]">
        <input
          type="checkbox"
          checked={part[field] === true}
          onChange={(event) => onChange({ ...part, [field]: event.target.checked })}
          className="h-4 w-4 accent-fold"
        />
        {label}
      </label>
    ),
  };
}

interface ShapeProps {
  shape: Shape;
  wrong: Wrong;
  onChange: (shape: Shape) => void;
}

function ShapeFields({ shape, wrong, onChange }: ShapeProps) {
  switch (shape.is) {
    case "row": {
      const { text, count, flag } = fieldsOf(shape, onChange, wrong);
      return (
        <>
          {count("pieces", "How many")}
          {text("span", "Total width")}
          {text("gap", "Apart by")}
          {text("piece", "or piece width")}
          {text("other", "Height (blank = square)")}
          {flag("outerGaps", "gaps outside too")}
          {flag("down", "one under the other")}
        </>
      );
    }
    case "grid": {
      const { text, count } = fieldsOf(shape, onChange, wrong);
      return (
        <>
          {count("columns", "Columns")}
          {count("rows", "Rows")}
          {text("w", "Cell, width")}
          {text("h", "Cell, height")}
          {text("gap", "Apart by")}
          {text("border", "Border")}
          <TextField
            wide
            label="Cells made one, by two opposite corners"
            placeholder="such as 1+2, 4+8"
            value={shape.joined ?? ""}
            wrong={wrong("joined")}
            onChange={(joined) => onChange({ ...shape, joined })}
          />
        </>
      );
    }
    case "mixed": {
      const { text, count, flag } = fieldsOf(shape, onChange, wrong);
      return (
        <>
          {text("uprightW", "Upright, width")}
          {text("uprightH", "Upright, height")}
          {text("w", "Wide, width")}
          {text("h", "Wide, height")}
          {count("pieces", "Pieces under it")}
          {text("gap", "Apart by")}
          {flag("squares", "squares, with one margin wider")}
          {flag("uprightRight", "upright one at the right")}
        </>
      );
    }
    case "single": {
      const { text } = fieldsOf(shape, onChange, wrong);
      return (
        <>
          {text("w", "Width")}
          {text("h", "Height")}
        </>
      );
    }
  }
}

interface OutlineProps {
  outline: Outline;
  wrong: Wrong;
  onChange: (outline: Outline) => void;
}

/** How each mount of a block is cut. */
function OutlineFields({ outline, wrong, onChange }: OutlineProps) {
  return (
    <>
      <ChoiceField
        label="Cut"
        value={outline.is}
        onChange={(is) => {
          if (is === "rounded") {
            onChange({ is, radius: "1/4 in" });
          } else {
            onChange({ is: is === "oval" ? "oval" : "straight" });
          }
        }}
        choices={[
          ["straight", "straight"],
          ["rounded", "round corners"],
          ["oval", "round or oval"],
        ]}
      />
      {outline.is === "rounded" ? (
        <TextField
          label="Corners, radius"
          value={outline.radius ?? ""}
          wrong={wrong("outline.radius")}
          onChange={(radius) => onChange({ ...outline, radius })}
        />
      ) : (
        <span aria-hidden="true" />
      )}
    </>
  );
}

interface AnchorProps {
  anchor: Anchor;
  others: Block[];
  wrong: Wrong;
  onChange: (anchor: Anchor) => void;
}

/** The sides of another block at which one can lie. */
const SIDES: [Extract<Anchor, { on: "block" }>["beside"] & string, string][] = [
  ["below", "under"],
  ["above", "above"],
  ["right-of", "right of"],
  ["left-of", "left of"],
];

/** Where it lies: on the page, or beside a block that was said before. */
function AnchorFields({ anchor, others, wrong, onChange }: AnchorProps) {
  const besides = others.flatMap(({ key }) =>
    SIDES.map(([beside, words]) => ({ beside, block: key, words: `${words} block ${key}` })),
  );
  return (
    <>
      <ChoiceField
        wide
        label="Where"
        value={anchor.on === "block" ? `${anchor.beside} ${anchor.block}` : "page"}
        onChange={(chosen) => {
          const at = besides.find(({ beside, block }) => `${beside} ${block}` === chosen);
          const distance = anchor.on === "block" ? anchor.distance : "1/8 in";
          const align = anchor.on === "block" ? anchor.align : "start";
          onChange(
            at
              ? { on: "block", beside: at.beside, block: at.block, distance, align }
              : { on: "page" },
          );
        }}
        choices={[
          ["page", "on the page itself"],
          ...besides.map(({ beside, block, words }): [string, string] => [
            `${beside} ${block}`,
            words,
          ]),
        ]}
      />
      {anchor.on === "block" ? (
        <Beside anchor={anchor} wrong={wrong} onChange={onChange} />
      ) : (
        <OnPage anchor={anchor} wrong={wrong} onChange={onChange} />
      )}
    </>
  );
}

interface PartProps<A extends Anchor> {
  anchor: A;
  wrong: Wrong;
  onChange: (anchor: A) => void;
}

function Beside({ anchor, wrong, onChange }: PartProps<Extract<Anchor, { on: "block" }>>) {
  const { text } = fieldsOf(anchor, onChange, wrong);
  return (
    <>
      {text("distance", "Apart by")}
      <ChoiceField
        label="Lined up"
        value={anchor.align ?? "start"}
        onChange={(align) => onChange({ ...anchor, align })}
        choices={
          anchor.beside === "below" || anchor.beside === "above"
            ? [
                ["start", "at the left"],
                ["middle", "centred"],
                ["end", "at the right"],
              ]
            : [
                ["start", "at the top"],
                ["middle", "centred"],
                ["end", "at the foot"],
              ]
        }
      />
    </>
  );
}

function OnPage({ anchor, wrong, onChange }: PartProps<Extract<Anchor, { on: "page" }>>) {
  const { text } = fieldsOf(anchor, onChange, wrong);
  return (
    <>
      <ChoiceField
        label="Across, from"
        value={anchor.across ?? "middle"}
        onChange={(across) => onChange({ ...anchor, across })}
        choices={[
          ["start", "the left edge"],
          ["middle", "the centre"],
          ["end", "the right edge"],
        ]}
      />
      {text("dx", "by")}
      <ChoiceField
        label="Down, from"
        value={anchor.down ?? "middle"}
        onChange={(down) => onChange({ ...anchor, down })}
        choices={[
          ["start", "the top edge"],
          ["middle", "the centre"],
          ["end", "the foot"],
        ]}
      />
      {text("dy", "by")}
    </>
  );
}
