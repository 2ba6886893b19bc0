import { useDraggable, useDroppable } from "@dnd-kit/core";
import { type KeyboardEvent, useEffect, useRef } from "react";
import { useNavigate } from "react-router";
import type { Album, Leaf } from "../api/types";
import { deedOf } from "../ui/keys";
import { useHand } from "./hand";
import { useTurnTo } from "./turning";
import { useLeafSteps } from "./useLeafSteps";

const DEEPEST = 78;

/**
 * The album seen from its edge: its leaves a stack of slabs, the first on top, each as deep and as
 * thick as it is. A leaf is turned to, moved, turned over, duplicated or taken out here.
 */
export function ForeEdge({ album }: { album: Album }) {
  const hand = useHand();
  const turnTo = useTurnTo();
  const navigate = useNavigate();
  const steps = useLeafSteps(album);
  const list = useRef<HTMLDivElement>(null);
  const widest = Math.max(...album.leaves.map((leaf) => Number(leaf.size.w.in)), 1);
  const open = album.spread;
  const current =
    album.leaves.find((leaf) => leaf.key === hand.leaf) ??
    album.leaves.find((leaf) => leaf.number === open.number + 1) ??
    album.leaves.at(-1);

  useEffect(() => {
    document.getElementById(`leaf-${current?.key ?? ""}`)?.scrollIntoView({ block: "nearest" });
  }, [current?.key]);

  function look(leaf: Leaf) {
    hand.lookAtLeaf(leaf.key);
    // Where the leaf is neither page of what lies open, its front is turned to.
    if (leaf.number !== open.number && leaf.number !== open.number + 1) {
      turnTo(leaf.number - 1);
    }
  }

  function onKey(event: KeyboardEvent) {
    if (!current || event.ctrlKey || event.metaKey) {
      return;
    }
    const by = event.key === "ArrowUp" ? -1 : event.key === "ArrowDown" ? 1 : 0;
    const does = deedOf(event, "leaves");
    if (by !== 0 && event.altKey) {
      steps.move(current.key, current.number + by);
    } else if (by !== 0) {
      const next = album.leaves.find((leaf) => leaf.number === current.number + by);
      if (next) {
        look(next);
      }
    } else if (does === "take-out") {
      void steps.remove(current.key);
    } else if (does === "turn-over") {
      steps.turnOver(current.key);
    } else if (does === "duplicate") {
      void steps.duplicate(current.key);
    } else if (event.key === "Enter") {
      void navigate({ pathname: `/albums/${album.id}/leaves`, search: window.location.search });
    } else {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
  }

  return (
    <div className="hidden min-h-0 flex-1 flex-col pt-4 md:flex">
      <div className="mb-1 px-4 text-xs text-edge-quiet">Fore-edge</div>
      {album.leaves.length === 0 ? (
        <p className="px-4 text-xs text-edge-quiet">No leaves yet.</p>
      ) : (
        <div
          ref={list}
          role="listbox"
          tabIndex={0}
          aria-label="Leaves, seen from the edge"
          aria-activedescendant={current ? `leaf-${current.key}` : undefined}
          data-own-keys=""
          onKeyDown={onKey}
          className="slim-scroll min-h-0 flex-1 overflow-x-hidden overflow-y-auto py-1 pl-4 outline-offset-[-2px]"
        >
          {album.leaves.map((leaf) => (
            <div key={leaf.key}>
              {leaf.number === open.number + 1 && leaf.number > 1 && <Gap />}
              <Slab
                leaf={leaf}
                depth={(DEEPEST * Number(leaf.size.w.in)) / widest}
                selected={leaf.key === current?.key}
                open={leaf.number === open.number || leaf.number === open.number + 1}
                onLook={() => {
                  look(leaf);
                  list.current?.focus();
                }}
              />
            </div>
          ))}
        </div>
      )}
    </div>
  );
}

/** Where the album lies open. */
function Gap() {
  return <div aria-hidden="true" className="my-[3px] h-px w-full bg-signal" />;
}

interface SlabProps {
  leaf: Leaf;
  depth: number;
  selected: boolean;
  open: boolean;
  onLook: () => void;
}

function Slab({ leaf, depth, selected, open, onLook }: SlabProps) {
  const id = `leaf:${leaf.key}`;
  const drop = useDroppable({ id });
  const drag = useDraggable({
    id,
    data: { photo: null, slot: null, name: `Leaf ${leaf.number}` },
  });
  const sheets = Math.min(6, Math.max(1, Math.round(leaf.layers)));
  return (
    // biome-ignore lint/a11y/useFocusableInteractive: the list has the focus and says which is active
    // biome-ignore lint/a11y/useKeyWithClickEvents: the keys are those of the list
    <div
      ref={(element) => {
        drop.setNodeRef(element);
        drag.setNodeRef(element);
      }}
      {...drag.listeners}
      id={`leaf-${leaf.key}`}
      role="option"
      aria-selected={selected}
      aria-label={`Leaf ${leaf.number}, ${leaf.pattern}, ${leaf.held} of ${leaf.pockets} filled${leaf.turned ? ", turned over" : ""}`}
      data-leaf={leaf.key}
      title={`${leaf.pattern}, ${leaf.thickness} thick`}
      onClick={onLook}
      className="flex min-h-6 cursor-pointer touch-none items-center gap-1.5"
      style={{ opacity: drag.isDragging ? 0.4 : 1 }}
    >
      <span
        className={`w-5 text-right text-xs font-semibold ${selected ? "text-edge-text" : "text-edge-quiet"}`}
      >
        {leaf.number}
      </span>
      <span
        className={`flex flex-col justify-center gap-[2px] px-1 py-[4px] ${open ? "bg-paper" : "bg-[#b9c6c8]"} ${selected ? "outline-2 outline-signal outline-solid" : ""} ${drop.isOver && !drag.isDragging ? "ring-2 ring-fold" : ""}`}
        style={{ width: depth + (open ? 6 : 0) }}
      >
        {Array.from({ length: sheets }, (_, sheet) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the sheets are all alike
          <span key={sheet} className="block h-px bg-[#7d9398]" />
        ))}
      </span>
    </div>
  );
}
