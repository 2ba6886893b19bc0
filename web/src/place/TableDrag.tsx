import {
  DndContext,
  type DragEndEvent,
  type DragOverEvent,
  DragOverlay,
  type DragStartEvent,
  MouseSensor,
  type Over,
  pointerWithin,
  TouchSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { type ReactNode, useState } from "react";
import type { Album, Line } from "../api/types";
import { useStep } from "../api/useStep";
import { type InHand, useHand } from "../bench/hand";
import { usePreview } from "../ticket/preview";
import { pictureUrl } from "../ui/Picture";

interface Props {
  album: Album;
  line: Line;
  children: ReactNode;
}

/** What something is dropped on: a slot, wherever it is shown, a leaf or the tray. */
function target(over: Over) {
  return String(over.data.current?.slot ?? over.id);
}

/** Lets photos be dragged from the line and from slots, into slots and out of them. */
export function TableDrag({ album, line, children }: Props) {
  const step = useStep(album.id);
  const lookAtSlot = useHand((hand) => hand.lookAtSlot);
  const [dragged, setDragged] = useState<InHand | null>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 180, tolerance: 8 } }),
  );

  function start(event: DragStartEvent) {
    setDragged(event.active.data.current as InHand);
  }

  function over(event: DragOverEvent) {
    const { photo, slot } = event.active.data.current as InHand;
    const id = event.over === null ? null : target(event.over);
    if (photo && id && id !== slot && id !== "tray" && !id.startsWith("leaf:")) {
      usePreview.getState().ask({ album: album.id, slot: id, photo });
    } else {
      usePreview.getState().end();
    }
  }

  async function end(event: DragEndEvent) {
    const from = event.active.data.current as InHand;
    setDragged(null);
    try {
      await drop(event, from);
    } finally {
      usePreview.getState().end();
    }
  }

  async function drop(event: DragEndEvent, from: InHand) {
    const id = event.over ? target(event.over) : null;
    if (id === null || id === from.slot) {
      return;
    }
    if (String(event.active.id).startsWith("leaf:")) {
      const leaf = Number(String(event.active.id).slice(5));
      const number = album.leaves.find((each) => each.key === leaf)?.number;
      const target = album.leaves.find((each) => `leaf:${each.key}` === id)?.number;
      if (target !== undefined && target !== number) {
        await step("/api/albums/{id}/leaves/move", { leaf, to: target });
      }
      return;
    }
    if (id.startsWith("leaf:")) {
      return;
    }
    if (id === "tray") {
      if (from.slot) {
        await step("/api/albums/{id}/take-out", { slot: from.slot });
      }
      return;
    }
    const done = from.slot
      ? await step("/api/albums/{id}/swap", { from: from.slot, to: id })
      : from.ephemera != null
        ? await step("/api/albums/{id}/ephemera/lay", { ephemera: from.ephemera, slot: id })
        : from.photo && (await step("/api/albums/{id}/put", { photo: from.photo, slot: id }));
    if (done) {
      lookAtSlot(id);
    }
  }

  const photo = line.chapters
    .flatMap((chapter) => chapter.photos)
    .find((each) => each.id === dragged?.photo);
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      autoScroll={false}
      onDragStart={start}
      onDragEnd={end}
      onDragOver={over}
      onDragCancel={() => {
        setDragged(null);
        usePreview.getState().end();
      }}
    >
      {children}
      <DragOverlay dropAnimation={null}>
        {!photo && dragged && (
          <span className="block max-w-40 truncate border border-ink bg-sheet px-2 py-1 text-[13px] font-semibold text-ink shadow-xl">
            {dragged.name}
          </span>
        )}
        {photo && (
          <img
            src={pictureUrl(photo.id, "small")}
            alt=""
            className="border-2 border-white shadow-xl"
            style={{ width: photo.pixels.w >= photo.pixels.h ? 120 : 84 }}
          />
        )}
      </DragOverlay>
    </DndContext>
  );
}
