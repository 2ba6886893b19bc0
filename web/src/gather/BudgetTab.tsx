import type { Album, Budget, ChapterBudget } from "../api/types";
import { useHand } from "../bench/hand";
import { pictureUrl } from "../ui/Picture";
import { useSheetView } from "./sheetView";
import { useChoose } from "./useChoose";

interface Props {
  album: Album;
  budget: Budget | undefined;
}

/** Kept photos against places, for the whole and for each chapter, and what to drop first. */
export function BudgetTab({ album, budget }: Props) {
  if (!budget) {
    return (
      <p className="text-quiet" role="status">
        Counting
      </p>
    );
  }
  const { whole } = budget;
  return (
    <>
      <p className="great text-[44px]">
        {whole.kept}
        <span className="mx-[0.14em] text-[0.55em] font-normal">kept for</span>
        {whole.places}
      </p>
      <p className="text-[15px] font-semibold">
        {whole.places === 1 ? "place" : "places"}: {whole.text}
      </p>
      <p className="mt-1 text-[13px] text-quiet">
        {whole.undecided} undecided, {whole.maybe} maybe. A maybe goes in where there is room.
      </p>
      {budget.chapters.map((chapter) => (
        <ChapterBudgetPart key={chapter.chapter} album={album} chapter={chapter} />
      ))}
    </>
  );
}

function ChapterBudgetPart({ album, chapter }: { album: Album; chapter: ChapterBudget }) {
  const { choose } = useChoose(album.id);
  const standAt = useHand((hand) => hand.standAt);
  const { turnTo, show } = useSheetView();
  const most = Math.max(chapter.kept, chapter.places, 1);
  const shapes = chapter.shapes.filter((shape) => shape.kept + shape.places > 0);
  return (
    <section
      aria-label={`Budget of ${chapter.title}`}
      className="mt-4 border-t-2 border-ink pt-1.5"
    >
      <h3 className="text-[15px] leading-tight">{chapter.title}</h3>
      <p className="mt-0.5 text-[13px]">
        {chapter.kept} kept, {chapter.places} {chapter.places === 1 ? "place" : "places"}:{" "}
        <strong className={chapter.state === "over" ? "text-signal-text" : ""}>
          {chapter.text}
        </strong>
      </p>
      {chapter.places > 0 && (
        <div
          className="mt-1 h-3 border border-ink/60 bg-sheet"
          style={{ width: `${(100 * chapter.places) / most}%`, minWidth: 2 }}
        >
          <div
            className={`h-full ${chapter.state === "over" ? "bg-signal" : "bg-fits"}`}
            style={{
              width: `${(100 * chapter.kept) / chapter.places}%`,
            }}
          />
        </div>
      )}
      <p className="mt-1 text-[12px] text-quiet">
        {shapes.map((shape) => `${shape.shape} ${shape.kept} for ${shape.places}`).join(" · ")}
        {chapter.pages && ` · ${chapter.pages}`}
        {chapter.undecided > 0 && ` · ${chapter.undecided} undecided`}
      </p>
      {chapter.drops.length > 0 && (
        <>
          <h4 className="mt-2 text-[13px] font-semibold">To drop first, if you agree</h4>
          <ul>
            {chapter.drops.map((drop) => (
              <li
                key={drop.photo}
                className="flex items-center gap-2.5 border-b border-hair py-1.5"
              >
                <button
                  type="button"
                  className="flex h-11 w-14 shrink-0 items-center justify-center"
                  aria-label={`Look at ${drop.name}`}
                  onClick={() => {
                    show("line");
                    standAt(drop.photo);
                    turnTo("look");
                  }}
                >
                  <img
                    src={pictureUrl(drop.photo, "small")}
                    alt=""
                    className="max-h-full max-w-full"
                  />
                </button>
                <p className="min-w-0 flex-1 text-[12px] leading-tight">
                  <span className="block truncate font-semibold">{drop.name}</span>
                  {drop.why}
                </p>
                <button
                  type="button"
                  aria-label={`Drop ${drop.name}`}
                  className="text-[13px] underline underline-offset-2"
                  onClick={() => choose([drop.photo], "out")}
                >
                  drop
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
