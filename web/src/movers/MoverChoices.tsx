import { useMoverChoices } from "../api/queries";
import type { Album, MoverChoice, MoverKind } from "../api/types";
import { Measures } from "../ui/Measures";

interface Props {
  album: Album;
  slot: string;
  onChoose: (kind: MoverKind) => void;
}

/** The movers that could go at a slot, each drawn to scale on its page. */
export function MoverChoices({ album, slot, onChoose }: Props) {
  const choices = useMoverChoices(album, slot).data;
  if (!choices) {
    return null;
  }
  if (choices.choices.length === 0) {
    return <p className="mt-2 text-quiet">No other mover goes here.</p>;
  }
  return (
    <ul aria-label="Movers that go here" className="mt-2">
      {choices.choices.map((choice) => (
        <li key={choice.kind} className="border-t border-hair">
          <button
            type="button"
            className="flex w-full items-center gap-3 py-1.5 text-left hover:bg-mat"
            onClick={() => onChoose(choice.kind)}
          >
            <Drawn choice={choice} page={choices.page} place={choices.place} />
            <span className="min-w-0 flex-1">
              <span className="font-semibold">{choice.name}</span>{" "}
              <span className="text-quiet">
                {choice.holds} {choice.holds === 1 ? "picture" : "pictures"}
              </span>
              <span
                className={`block leading-tight ${choice.wrong ? "text-signal-text" : "text-quiet"}`}
              >
                <Measures text={choice.says} />
              </span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

interface DrawnProps {
  choice: MoverChoice;
  page: { w: { in: number }; h: { in: number } };
  place: Box;
}

interface Box {
  x: { in: number };
  y: { in: number };
  w: { in: number };
  h: { in: number };
}

/** The page with the mover closed, and dashed where it reaches open. */
function Drawn({ choice, page, place }: DrawnProps) {
  const all = [...choice.closed, ...choice.open];
  const left = Math.min(0, ...all.map((box) => box.x.in));
  const top = Math.min(0, ...all.map((box) => box.y.in));
  const right = Math.max(page.w.in, ...all.map((box) => box.x.in + box.w.in));
  const bottom = Math.max(page.h.in, ...all.map((box) => box.y.in + box.h.in));
  const line = Math.max(right - left, bottom - top) / 70;
  return (
    <svg
      viewBox={`${left - line} ${top - line} ${right - left + 2 * line} ${bottom - top + 2 * line}`}
      className="h-14 w-[88px] shrink-0"
      aria-hidden="true"
    >
      <rect
        width={page.w.in}
        height={page.h.in}
        className="fill-sheet stroke-quiet"
        strokeWidth={line / 2}
      />
      <Rect box={place} className="fill-mat stroke-hair" line={line / 2} />
      {choice.open.map((box) => (
        <Rect
          key={`${box.x.in} ${box.y.in} ${box.w.in}`}
          box={box}
          className="fill-fold/10 stroke-fold"
          line={line / 2}
          dashed
        />
      ))}
      {choice.closed.map((box) => (
        <Rect
          key={`${box.x.in} ${box.y.in} ${box.w.in}`}
          box={box}
          className="fill-fold/30 stroke-fold"
          line={line}
        />
      ))}
    </svg>
  );
}

function Rect({
  box,
  className,
  line,
  dashed,
}: {
  box: Box;
  className: string;
  line: number;
  dashed?: boolean;
}) {
  return (
    <rect
      x={box.x.in}
      y={box.y.in}
      width={box.w.in}
      height={box.h.in}
      className={className}
      strokeWidth={line}
      strokeDasharray={dashed ? `${line * 3} ${line * 2}` : undefined}
    />
  );
}
