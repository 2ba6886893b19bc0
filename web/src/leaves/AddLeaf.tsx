import { useState } from "react";
import { Link } from "react-router";
import { useCatalogue } from "../api/queries";
import type { Entry } from "../api/types";
import { PatternThumb } from "../bench/PatternThumb";
import { Measures } from "../ui/Measures";

interface Props {
  /** The number of the leaf it comes behind. */
  after: number;
  onAdd: (type: string, at: number) => Promise<void>;
}

/** The kinds of leaves to choose from, each drawn to one scale. */
export function AddLeaf({ after, onAdd }: Props) {
  const [before, setBefore] = useState(false);
  const catalogue = useCatalogue();
  const kinds = (catalogue.data?.entries ?? []).filter(
    (entry) => entry.kind === "leaf" && !entry.gone,
  );
  const pocketed = kinds.filter((entry) => entry.pockets);
  const plain = kinds.filter((entry) => !entry.pockets);
  const at = after === 0 ? 1 : before ? after : after + 1;
  return (
    <div className="mt-4">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h2 className="text-[17px]">Which kind?</h2>
        {after > 0 && (
          <fieldset className="flex gap-4 text-[13.5px]">
            <legend className="sr-only">Where</legend>
            {[false, true].map((each) => (
              <label key={String(each)} className="flex items-center gap-1.5">
                <input
                  type="radio"
                  name="where"
                  checked={before === each}
                  onChange={() => setBefore(each)}
                  className="accent-fold"
                />
                {each ? `before leaf ${after}` : `behind leaf ${after}`}
              </label>
            ))}
          </fieldset>
        )}
        <Link to="/shelf/builder" className="text-[13.5px] underline underline-offset-2">
          rule a protector of your own
        </Link>
      </div>
      <Kinds title="With pockets" kinds={pocketed} onAdd={(type) => onAdd(type, at)} />
      <Kinds title="Plain and punched pages" kinds={plain} onAdd={(type) => onAdd(type, at)} />
    </div>
  );
}

interface KindsProps {
  title: string;
  kinds: Entry[];
  onAdd: (type: string) => void;
}

function Kinds({ title, kinds, onAdd }: KindsProps) {
  return (
    <section className="mt-4" aria-label={title}>
      <h3 className="text-[13px] text-quiet">{title}</h3>
      <div className="mt-1.5 flex flex-wrap items-end gap-x-4 gap-y-4">
        {kinds.map((entry) => (
          <button
            key={entry.key}
            type="button"
            data-add-leaf={entry.key}
            onClick={() => onAdd(entry.key)}
            className="group w-[104px] text-left"
          >
            <PatternThumb entry={entry} inch={8} />
            <span className="mt-1 block text-[12px] leading-tight text-balance group-hover:underline">
              <Measures text={entry.name} />
            </span>
          </button>
        ))}
      </div>
    </section>
  );
}
