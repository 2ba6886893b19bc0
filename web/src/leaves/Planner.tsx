import { useMetric } from "../api/queries";
import type { Album, Block, LeafDetail, Mount, Shape } from "../api/types";
import { useStep } from "../api/useStep";
import { Button } from "../ui/Button";
import { Measures } from "../ui/Measures";
import { BlockFields } from "./BlockFields";
import { blockWords, newBlock, SHAPES } from "./blocks";
import type { Draft } from "./useDraft";

interface Props {
  album: Album;
  detail: LeafDetail;
  side: "front" | "back";
  onSide: (side: "front" | "back") => void;
  draft: Draft;
}

/** Mounts on a plain page, said by measure: what, how many, how far apart, and where. */
export function Planner({ album, detail, side, onSide, draft }: Props) {
  const step = useStep(album.id);
  const metric = useMetric();
  const blocks = draft.blocks ?? detail[side].blocks;
  const mounts = draft.mounts ?? detail[side].mounts;
  const chosen = blocks.find((block) => block.key === draft.chosen);
  const changed = draft.blocks !== null;

  function change(next: Block) {
    draft.say(blocks.map((block) => (block.key === next.key ? next : block)));
  }

  function add(shape: Shape["is"]) {
    const { w, h } = detail.leaf.size;
    const next = newBlock(shape, blocks, Math.min(Number(w.in), Number(h.in)), metric);
    draft.say([...blocks, next]);
    draft.choose(next.key);
  }

  function remove(key: number) {
    draft.say(blocks.filter((block) => block.key !== key));
    draft.choose(null);
  }

  return (
    <section aria-label="Mounts" className="mb-5 border-b-2 border-ink pb-4">
      <div className="flex items-baseline justify-between">
        <h2 className="text-[17px]">Mounts</h2>
        <fieldset className="flex gap-3 text-[13.5px]">
          <legend className="sr-only">Which side</legend>
          {(["front", "back"] as const).map((each) => (
            <label key={each} className="flex items-center gap-1.5">
              <input
                type="radio"
                name="side"
                checked={side === each}
                onChange={() => onSide(each)}
                className="accent-fold"
              />
              {each}
            </label>
          ))}
        </fieldset>
      </div>
      <ul className="mt-2">
        {blocks.map((block) => (
          <li key={block.key} className="border-t border-hair">
            <button
              type="button"
              aria-expanded={block.key === draft.chosen}
              onClick={() => draft.choose(block.key === draft.chosen ? null : block.key)}
              className="flex w-full items-baseline gap-2 py-1.5 text-left"
            >
              <span className="w-4 text-[13px] font-semibold text-quiet">{block.key}</span>
              <span className="flex-1 font-semibold">
                <Measures text={blockWords(block)} />
              </span>
            </button>
            {chosen?.key === block.key && (
              <>
                <BlockFields
                  block={block}
                  others={blocks.filter((each) => each.key < block.key)}
                  refusal={draft.refusal}
                  onChange={change}
                />
                <Marks mounts={mounts.filter((mount) => mount.block === block.key)} />
                <button
                  type="button"
                  onClick={() => remove(block.key)}
                  className="mt-1 mb-2 text-[13px] underline underline-offset-2"
                >
                  take this block away
                </button>
              </>
            )}
          </li>
        ))}
      </ul>
      {draft.refusal && (
        <p role="alert" className="mt-1 border-l-4 border-signal pl-2 text-[13.5px] leading-snug">
          <Measures text={draft.refusal.message} />
        </p>
      )}
      <p className="mt-2 text-[13px] text-quiet">
        {blocks.length === 0 ? "Add photos or groups to this side." : "Add another:"}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {SHAPES.map(([shape, words]) => (
          <Button key={shape} onClick={() => add(shape)} className="!px-2 text-[13px]">
            {words}
          </Button>
        ))}
      </div>
      {changed && (
        <div className="mt-3 flex gap-3 border-t border-hair pt-3">
          <Button
            strong
            disabled={draft.refusal !== null}
            onClick={() =>
              step("/api/albums/{id}/leaves/plan", { leaf: detail.leaf.key, side, blocks })
            }
          >
            Keep these places
          </Button>
          <Button onClick={() => draft.say(null)}>Leave as it was</Button>
        </div>
      )}
    </section>
  );
}

/** The ruler marks of a block, absolute, with the range in which each still works. */
function Marks({ mounts }: { mounts: Mount[] }) {
  return (
    <table className="mt-2 mb-1 w-full text-[12.5px] leading-tight" aria-label="Ruler marks">
      <thead className="text-left text-quiet">
        <tr>
          <th className="py-1 font-normal">stick</th>
          <th className="py-1 font-normal">left edge</th>
          <th className="py-1 font-normal">top edge</th>
        </tr>
      </thead>
      <tbody>
        {[...mounts]
          .sort((a, b) => a.order - b.order)
          .slice(0, 40)
          .map((mount) => (
            <tr key={mount.index} className="border-t border-hair align-baseline">
              <td className="py-1 pr-2">{mount.order}.</td>
              {mount.marks.map((mark) => (
                <td key={mark.edge} className="py-1 pr-1">
                  <strong>
                    <Measures text={mark.at.text} />
                  </strong>
                  <span className="block text-[11.5px] text-quiet">
                    <Measures text={`${mark.from.text} to ${mark.to.text}`} />
                  </span>
                </td>
              ))}
            </tr>
          ))}
      </tbody>
    </table>
  );
}
