import { useVirtualizer } from "@tanstack/react-virtual";
import { Progress } from "radix-ui";
import { useEffect, useRef } from "react";
import { useNavigate } from "react-router";
import type { Album } from "../api/types";
import { Button } from "../ui/Button";
import { pictureUrl } from "../ui/Picture";
import { type Arrival, bytesDone, useIntake } from "./intake";
import { useSheetView } from "./sheetView";

const ROW = 46;

interface Props {
  album: Album;
  onArrived: () => void;
}

/** The files that come in: how far, what was refused and why, and a stop. */
export function Arrivals({ album, onArrived }: Props) {
  const { arrivals, running, began, full, stop, again, clear } = useIntake();
  const navigate = useNavigate();
  const { turnTo, show } = useSheetView();
  const scroll = useRef<HTMLDivElement>(null);
  const count = (state: Arrival["state"]) => arrivals.filter((each) => each.state === state).length;
  const done = arrivals.length - count("waiting") - count("coming");
  const refused = arrivals.filter((each) => each.state === "refused");
  const stopped = count("stopped");
  const rows = useVirtualizer({
    count: arrivals.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW,
    overscan: 6,
  });

  function chooseNow() {
    show(album.counts.undecided > 0 ? "open" : "line");
    turnTo("look");
    document.getElementById("contact-sheet")?.focus();
  }

  useEffect(() => {
    if (running) {
      rows.scrollToIndex(Math.min(done + 3, arrivals.length - 1));
    }
  }, [running, done, arrivals.length, rows]);

  return (
    <div className="mt-5">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="text-[15px] font-semibold" role="status">
          {running ? `${done} of ${arrivals.length} came in` : summary(arrivals)}
          {running && <span className="font-normal text-quiet"> {timeLeft(arrivals, began)}</span>}
        </p>
        <span className="flex-1" />
        {running && <Button onClick={stop}>Stop</Button>}
        {!running && stopped > 0 && (
          <Button onClick={() => again(album.id, onArrived)}>Bring {stopped} again</Button>
        )}
        {!running && <Button onClick={clear}>Clear this list</Button>}
        {!running && album.counts.onLine > 0 && (
          <>
            <Button onClick={() => navigate(`/albums/${album.id}/place`)}>Go on to Place</Button>
            <Button strong onClick={chooseNow}>
              Choose among them
            </Button>
          </>
        )}
      </div>
      <Progress.Root
        value={done}
        max={arrivals.length}
        aria-label="Photos that came in"
        className="mt-2 h-1.5 bg-grid"
      >
        <Progress.Indicator
          className="h-full bg-fits"
          style={{ width: `${(100 * done) / arrivals.length}%` }}
        />
      </Progress.Root>
      {full && (
        <p role="alert" className="mt-3 border-l-4 border-signal pl-3 font-semibold">
          {full}
        </p>
      )}
      {refused.length > 0 && (
        <div className="mt-4 border-l-4 border-signal pl-3">
          <h3 className="text-[15px]">{refused.length} not taken in; the others are</h3>
          <ul className="slim-scroll mt-1 max-h-60 overflow-y-auto">
            {refused.map((each) => (
              <li key={each.key} className="[overflow-wrap:anywhere]">
                <strong>{each.name}</strong>: {each.reason}
              </li>
            ))}
          </ul>
        </div>
      )}
      <div
        ref={scroll}
        className="slim-scroll mt-3 max-h-[300px] overflow-y-auto border-t border-hair"
      >
        <ul className="relative" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map((row) => {
            const arrival = arrivals[row.index];
            return (
              arrival && (
                <li
                  key={arrival.key}
                  className="absolute right-0 left-0 flex items-center gap-3 border-b border-hair"
                  style={{ top: row.start, height: ROW }}
                >
                  <span className="flex h-9 w-12 items-center justify-center">
                    {arrival.photo && (
                      <img
                        src={pictureUrl(arrival.photo, "small")}
                        alt=""
                        className="max-h-full max-w-full"
                      />
                    )}
                  </span>
                  <span className="min-w-0 flex-1 truncate">{arrival.name}</span>
                  <span
                    className={`shrink-0 pr-2 text-[13px] ${arrival.state === "refused" ? "font-semibold text-signal-text" : "text-quiet"}`}
                  >
                    {word(arrival)}
                  </span>
                </li>
              )
            );
          })}
        </ul>
      </div>
    </div>
  );
}

function word(arrival: Arrival) {
  switch (arrival.state) {
    case "waiting":
      return "waits";
    case "coming":
      return "coming in";
    case "in":
      return "on the line";
    case "had":
      return "was here already";
    case "told":
      return "told of its photo";
    case "refused":
      return "not taken in";
    case "stopped":
      return arrival.reason === "stopped" ? "stopped" : "no answer";
  }
}

function summary(arrivals: Arrival[]) {
  const count = (state: Arrival["state"]) => arrivals.filter((each) => each.state === state).length;
  const parts = [`${count("in")} new on the line`];
  if (count("had") > 0) {
    parts.push(`${count("had")} here already`);
  }
  if (count("told") > 0) {
    parts.push(count("told") === 1 ? "1 sidecar read" : `${count("told")} sidecars read`);
  }
  if (count("stopped") > 0) {
    parts.push(`${count("stopped")} left out`);
  }
  return parts.join(", ");
}

/** How long it still takes, by the bytes that came in so far. */
function timeLeft(arrivals: Arrival[], began: { at: number; done: number }) {
  const done = bytesDone(arrivals) - began.done;
  const whole = arrivals.reduce((sum, each) => sum + each.bytes, 0) - began.done;
  const seconds = (performance.now() - began.at) / 1000;
  if (done <= 0 || seconds < 2) {
    return "";
  }
  const left = (seconds * (whole - done)) / done;
  return left < 60
    ? `about ${Math.max(1, Math.ceil(left / 5) * 5)} s left`
    : `about ${Math.ceil(left / 60)} min left`;
}
