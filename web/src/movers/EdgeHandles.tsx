import { type KeyboardEvent, type PointerEvent, useState } from "react";
import type { Edge, Flap, Length } from "../api/types";
import { useStep } from "../api/useStep";
import { isAtSide } from "./lying";

interface Props {
  album: number;
  flap: Flap;
  /** Pixels to an inch. */
  inch: number;
  /** How far ruler marks lie apart. */
  mark: Length;
}

/** Where the handle of each edge is, inside it. */
const PLACES: Record<Edge, string> = {
  left: "left-0 top-1/4 h-8 w-2.5 -translate-y-1/2 cursor-ew-resize",
  right: "right-0 top-1/4 h-8 w-2.5 -translate-y-1/2 cursor-ew-resize",
  top: "top-0 left-1/4 h-2.5 w-8 -translate-x-1/2 cursor-ns-resize",
  bottom: "bottom-0 left-1/4 h-2.5 w-8 -translate-x-1/2 cursor-ns-resize",
};

const KEYS: Record<string, { side: boolean; by: number }> = {
  ArrowLeft: { side: true, by: -1 },
  ArrowRight: { side: true, by: 1 },
  ArrowUp: { side: false, by: -1 },
  ArrowDown: { side: false, by: 1 },
};

interface Drag {
  edge: Edge;
  from: number;
  marks: number;
}

/** The edges of the flap that is looked at, to be drawn from ruler mark to ruler mark. */
export function EdgeHandles({ album, flap, inch, mark }: Props) {
  const step = useStep(album);
  const [drag, setDrag] = useState<Drag | null>(null);
  const pixels = inch * Number(mark.in);

  function move(edge: Edge, marks: number) {
    if (marks !== 0) {
      void step("/api/albums/{id}/movers/edge", { flap: flap.id, edge, marks });
    }
  }

  function onKeyDown(event: KeyboardEvent, edge: Edge) {
    const key = KEYS[event.key];
    if (key && key.side === isAtSide(edge)) {
      event.preventDefault();
      event.stopPropagation();
      move(edge, key.by);
    }
  }

  function onPointerMove(event: PointerEvent) {
    if (drag) {
      const at = isAtSide(drag.edge) ? event.clientX : event.clientY;
      setDrag({ ...drag, marks: Math.round((at - drag.from) / pixels) });
    }
  }

  const off = drag ? drag.marks * pixels : 0;
  return (
    <>
      {drag && (
        <span
          aria-hidden="true"
          className="pointer-events-none absolute z-40 border-2 border-fold border-dashed"
          style={{
            left: drag.edge === "left" ? off : 0,
            right: drag.edge === "right" ? -off : 0,
            top: drag.edge === "top" ? off : 0,
            bottom: drag.edge === "bottom" ? -off : 0,
          }}
        />
      )}
      {(flap.edges as Edge[]).map((edge) => (
        <button
          key={edge}
          type="button"
          data-edge={edge}
          aria-label={`Move the ${edge === "bottom" ? "foot" : `${edge} edge`} of ${flap.label.toLowerCase()}: drag it, or use the arrow keys`}
          className={`pointer-events-auto absolute z-40 touch-none border border-white bg-signal ${PLACES[edge]}`}
          onKeyDown={(event) => onKeyDown(event, edge)}
          onPointerDown={(event) => {
            event.stopPropagation();
            event.currentTarget.setPointerCapture(event.pointerId);
            const from = isAtSide(edge) ? event.clientX : event.clientY;
            setDrag({ edge, from, marks: 0 });
          }}
          onPointerMove={onPointerMove}
          onPointerUp={() => {
            if (drag) {
              move(drag.edge, drag.marks);
            }
            setDrag(null);
          }}
          onPointerCancel={() => setDrag(null)}
        />
      ))}
    </>
  );
}
