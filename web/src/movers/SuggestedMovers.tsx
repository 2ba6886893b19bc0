import { Popover } from "radix-ui";
import { useState } from "react";
import { useSuggestedMovers } from "../api/queries";
import type { Album } from "../api/types";
import { useStep } from "../api/useStep";
import { Measures } from "../ui/Measures";

/** Movers for what is left over, worked out when it is asked for. */
export function SuggestedMovers({ album }: { album: Album }) {
  const [asked, setAsked] = useState(false);
  const { data: found, isPlaceholderData } = useSuggestedMovers(album, asked);
  const step = useStep(album.id);
  if (!album.spread.left && !album.spread.right) {
    return null;
  }
  return (
    <Popover.Root open={asked} onOpenChange={setAsked}>
      <Popover.Trigger className="mt-1 text-left text-[13px] leading-tight font-semibold underline underline-offset-2">
        Movers for them
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          collisionPadding={8}
          aria-label="Movers for what is left over"
          className="z-50 w-[380px] max-w-[92vw] border border-ink bg-sheet p-3 text-[13px] shadow-[0_6px_20px_rgb(16_38_44/0.3)]"
        >
          {found && (
            <>
              <p className="text-quiet">
                {found.suggestions.length === 0
                  ? "Nothing goes on this spread without being in the way; or no sleeves of these sizes are left."
                  : `${found.faces} places on this spread for the ${found.waiting} that wait, none in another's way:`}
              </p>
              <ul className="mt-1">
                {found.suggestions.map((each) => (
                  <li
                    key={each.slot}
                    className="flex items-baseline justify-between gap-x-3 border-t border-hair py-1"
                  >
                    <span>
                      <Measures text={each.text} />
                    </span>
                    <button
                      type="button"
                      // What is listed may be of the spread or the step before.
                      disabled={isPlaceholderData}
                      className="shrink-0 font-semibold text-fold underline underline-offset-2"
                      onClick={() =>
                        each.kind === "flap"
                          ? step("/api/albums/{id}/flaps/add", {
                              slot: each.slot,
                              hinge: each.edge,
                            })
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
            </>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
