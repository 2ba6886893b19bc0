import type { ReactNode } from "react";
import type { Refusal } from "../api/client";
import type { BlockForm } from "../api/types";
import { ChoiceField, TextField } from "../ui/TextField";

interface Props {
  block: BlockForm;
  /** Blocks that it may lie beside. */
  others: BlockForm[];
  refusal: Refusal | null;
  onChange: (block: BlockForm) => void;
}

type Text = {
  [K in keyof BlockForm]: BlockForm[K] extends string | undefined ? K : never;
}[keyof BlockForm];

type Count = "pieces" | "columns" | "rows";

/** What is said of one block. */
export function BlockFields({ block, others, refusal, onChange }: Props) {
  function wrong(field: string) {
    return refusal?.field === `block ${block.key}.${field}` ? refusal.message : undefined;
  }

  function text(field: NonNullable<Text>, label: string) {
    return (
      <TextField
        label={label}
        value={block[field] ?? ""}
        wrong={wrong(field)}
        onChange={(value) => onChange({ ...block, [field]: value })}
      />
    );
  }

  function count(field: Count, label: string) {
    return (
      <TextField
        label={label}
        value={block[field] === undefined ? "" : String(block[field])}
        wrong={wrong(field)}
        onChange={(value) => {
          const digits = value.replace(/\D/g, "").slice(0, 4);
          onChange({ ...block, [field]: digits === "" ? undefined : Number(digits) });
        }}
      />
    );
  }

  function flag(field: "down" | "outerGaps" | "squares" | "uprightRight", label: string) {
    return (
      <label className="col-span-2 flex items-center gap-2 text-[13px]">
        <input
          type="checkbox"
          checked={block[field] === true}
          onChange={(event) => onChange({ ...block, [field]: event.target.checked })}
          className="h-4 w-4 accent-fold"
        />
        {label}
      </label>
    );
  }

  return (
    <div className="grid grid-cols-2 gap-x-3 gap-y-2 pb-1">
      {block.shape === "row" && (
        <>
          {count("pieces", "How many")}
          {text("span", "Total width")}
          {text("gap", "Apart by")}
          {text("piece", "or piece width")}
          {text("other", "Height (blank = square)")}
          {flag("outerGaps", "gaps outside too")}
          {flag("down", "one under the other")}
        </>
      )}
      {block.shape === "grid" && (
        <>
          {count("columns", "Columns")}
          {count("rows", "Rows")}
          {text("w", "Cell, width")}
          {text("h", "Cell, height")}
          {text("gap", "Apart by")}
          {text("border", "Border")}
        </>
      )}
      {block.shape === "mixed" && (
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
      )}
      {block.shape === "single" && (
        <>
          {text("w", "Width")}
          {text("h", "Height")}
        </>
      )}
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
      <Where block={block} others={others} onChange={onChange} text={text} />
    </div>
  );
}

interface WhereProps {
  block: BlockForm;
  others: BlockForm[];
  onChange: (block: BlockForm) => void;
  text: (field: NonNullable<Text>, label: string) => ReactNode;
}

/** Where it lies: on the page, or beside a block that was said before. */
function Where({ block, others, onChange, text }: WhereProps) {
  const besides: [string, string][] = others.flatMap((other) => [
    [`below ${other.key}`, `under block ${other.key}`],
    [`above ${other.key}`, `above block ${other.key}`],
    [`right-of ${other.key}`, `right of block ${other.key}`],
    [`left-of ${other.key}`, `left of block ${other.key}`],
  ]);
  const value = block.beside ? `${block.beside} ${block.block}` : "page";
  const along = block.beside === "below" || block.beside === "above" ? "across" : "down";
  return (
    <>
      <ChoiceField
        wide
        label="Where"
        value={value}
        onChange={(chosen) => {
          const [beside, key] = chosen.split(" ");
          onChange(
            key
              ? { ...block, beside, block: Number(key), distance: block.distance ?? "1/8 in" }
              : { ...block, beside: undefined, block: undefined },
          );
        }}
        choices={[["page", "on the page itself"], ...besides]}
      />
      {block.beside ? (
        <>
          {text("distance", "Apart by")}
          <ChoiceField
            label="Lined up"
            value={block.across ?? "start"}
            onChange={(across) => onChange({ ...block, across })}
            choices={
              along === "across"
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
      ) : (
        <>
          <ChoiceField
            label="Across, from"
            value={block.across ?? "middle"}
            onChange={(across) => onChange({ ...block, across })}
            choices={[
              ["start", "the left edge"],
              ["middle", "the centre"],
              ["end", "the right edge"],
            ]}
          />
          {text("dx", "by")}
          <ChoiceField
            label="Down, from"
            value={block.alongDown ?? "middle"}
            onChange={(alongDown) => onChange({ ...block, alongDown })}
            choices={[
              ["start", "the top edge"],
              ["middle", "the centre"],
              ["end", "the foot"],
            ]}
          />
          {text("dy", "by")}
        </>
      )}
    </>
  );
}
