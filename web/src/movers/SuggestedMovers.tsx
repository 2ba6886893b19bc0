import { useState } from "react";
import { useSuggestedMovers } from "../api/queries";
import type { Album } from "../api/types";
import { useStep } from "../api/useStep";
import { Measures } from "../ui/Measures";

/** Movers for what is left over, worked out when it is asked for. */
export function SuggestedMovers({ album }: { album: Album }) {
  const [asked, setAsked] = useState(false);
  const found = useSuggestedMovers(album, asked).data;
  const step = useStep(album.id);
  if (!album.spread.left && !album.spread.right) {
    return null;
  }
  return (
    <section aria-label="Movers for what is left over" className="mt-1.5 ml-6 text-[13px]">
      <button
        type="button"
        aria-expanded={asked}
        className="font-semibold underline underline-offset-2"
        onClick={() => setAsked(!asked)}
      >
        Movers for what is left over
      </button>
      {asked && found && (
        <div className="mt-1">
          <p className="text-quiet">
            {found.suggestions.length === 0
              ? "Nothing goes here without being in the way; or no sleeves of these sizes are left."
              : `${found.faces} places for ${found.waiting} that wait, none in another's way:`}
          </p>
          <ul>
            {found.suggestions.map((each) => (
              <li key={each.slot} className="flex flex-wrap items-baseline gap-x-3 py-0.5">
                <Measures text={each.text} />
                <button
                  type="button"
                  className="font-semibold text-fold underline underline-offset-2"
                  onClick={() =>
                    each.kind === "flap"
                      ? step("/api/albums/{id}/flaps/add", { slot: each.slot, hinge: each.edge })
                      : step("/api/albums/{id}/movers/add", {
                          slot: each.slot,
                          kind: each.kind,
                          edge: each.edge,
                        })
                  }
                >
                  Put it there
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
