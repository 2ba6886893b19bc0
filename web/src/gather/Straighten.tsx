import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answered, api, type Refusal } from "../api/client";
import type { Album, Corner, Line, Photo } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { Button } from "../ui/Button";
import { SizeText } from "../ui/Measures";
import { printOf } from "../ui/photo";
import { Sheet } from "../ui/Sheet";
import { ChoiceField, TextField } from "../ui/TextField";
import { useSettled } from "../ui/useSettled";
import { Corners } from "./Corners";
import { everyPhoto } from "./contact";

interface Props {
  album: Album;
  photo: Photo;
}

/** Sheets that are at hand, the longer side first (sources: ISO/IEC 7810 ID-1, ISO 216, common). */
const KNOWN: Record<string, [words: string, longer: string, shorter: string]> = {
  card: ["a bank card", "85.6 mm", "53.98 mm"],
  a4: ["A4 paper", "297 mm", "210 mm"],
  letter: ["letter paper", "11 in", "8 1/2 in"],
  index: ["a 3 × 5 card", "5 in", "3 in"],
  other: ["another sheet", "", ""],
};

const PRINT_COLOUR = "#ffffff";
const SHEET_COLOUR = "#ffd24a";

/** Straightens the snap of a print that lies on the table, and measures the print by a sheet. */
export function Straighten({ album, photo }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="font-normal underline underline-offset-2"
        onClick={() => setOpen(true)}
      >
        straighten it
      </button>
      <Sheet open={open} onOpenChange={setOpen} title="Straighten the snap">
        <Found album={album} photo={photo} onDone={() => setOpen(false)} />
      </Sheet>
    </>
  );
}

function Found({ album, photo, onDone }: Props & { onDone: () => void }) {
  const found = useQuery({
    queryKey: ["corners", album.id, photo.id],
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () =>
      answered(
        api.GET("/api/albums/{id}/photos/{photo}/corners", {
          params: { path: { id: album.id, photo: photo.id } },
        }),
      ),
  });
  if (found.error) {
    return <p role="alert">{found.error.message}</p>;
  }
  if (!found.data) {
    return <p className="text-quiet">Looking for the print …</p>;
  }
  return (
    <Form
      album={album}
      photo={photo}
      print={found.data.print}
      sheet={found.data.sheet}
      onDone={onDone}
    />
  );
}

interface FormProps extends Props {
  print: Corner[];
  sheet: Corner[] | undefined;
  onDone: () => void;
}

function Form({ album, photo, print: foundPrint, sheet: foundSheet, onDone }: FormProps) {
  const [print, setPrint] = useState(foundPrint);
  const [sheet, setSheet] = useState<Corner[] | null>(foundSheet ?? null);
  const [w, setW] = useState(printOf(photo)?.w.exact ?? "");
  const [h, setH] = useState(printOf(photo)?.h.exact ?? "");
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [busy, setBusy] = useState(false);
  const step = useStep(album.id);
  const queries = useQueryClient();
  const standAt = useHand((hand) => hand.standAt);

  async function straighten() {
    setRefusal(null);
    setBusy(true);
    const done = await step(
      "/api/albums/{id}/straighten",
      { photo: photo.id, print, size: { w, h } },
      setRefusal,
    );
    setBusy(false);
    if (done) {
      onDone();
      await queries.refetchQueries({ queryKey: ["line", album.id] });
      const line = queries.getQueryData<Line>(["line", album.id]);
      const straight =
        line &&
        everyPhoto(line).find(
          (each) =>
            each.name === photo.name &&
            each.id !== photo.id &&
            printOf(each) &&
            each.choice !== "out",
        );
      if (straight) {
        standAt(straight.id);
      }
    }
  }

  const wrong = refusal?.field?.replace("size.", "");
  return (
    <>
      <Corners
        photo={photo}
        outlines={[
          { name: "print", corners: print, colour: PRINT_COLOUR },
          ...(sheet ? [{ name: "sheet", corners: sheet, colour: SHEET_COLOUR }] : []),
        ]}
        onMove={(outline, corners) => (outline === "print" ? setPrint(corners) : setSheet(corners))}
      />
      <p className="mt-1.5 text-[13px] text-quiet">
        Drag the white corners onto those of the print. It is cut out, straight and in even light;
        the snap stays among those that are out.
      </p>
      <label className="mt-3 flex cursor-pointer items-center gap-2 text-[14px]">
        <input
          type="checkbox"
          checked={sheet !== null}
          onChange={(event) => setSheet(event.target.checked ? beside(photo) : null)}
          className="accent-fold"
        />
        A sheet of known size lies beside it
      </label>
      {sheet && (
        <Measured
          album={album}
          photo={photo}
          print={print}
          sheet={sheet}
          onUse={(width, height) => {
            setW(width);
            setH(height);
          }}
        />
      )}
      <div className="mt-3 grid grid-cols-2 gap-x-3 sm:w-2/3">
        <TextField
          label="Width of the print, as it is seen"
          value={w}
          onChange={setW}
          wrong={wrong === "w" ? refusal?.message : undefined}
        />
        <TextField
          label="Height"
          value={h}
          onChange={setH}
          wrong={wrong === "h" ? refusal?.message : undefined}
        />
      </div>
      {refusal && wrong !== "w" && wrong !== "h" && (
        <p role="alert" className="mt-2 text-[13px] text-signal-text">
          {refusal.message}
        </p>
      )}
      <Button strong className="mt-4" disabled={busy} onClick={straighten}>
        {busy ? "Straightening …" : "Straighten"}
      </Button>
    </>
  );
}

/** Corners to begin with for a sheet that was not found: in the lower right of the snap. */
function beside(photo: Photo): Corner[] {
  const { w, h } = photo.pixels;
  return [
    { x: w * 0.7, y: h * 0.7 },
    { x: w * 0.95, y: h * 0.7 },
    { x: w * 0.95, y: h * 0.9 },
    { x: w * 0.7, y: h * 0.9 },
  ];
}

interface MeasuredProps extends Props {
  print: Corner[];
  sheet: Corner[];
  onUse: (w: string, h: string) => void;
}

/** What a print measures by a sheet of known size beside it. */
function Measured({ album, photo, print, sheet, onUse }: MeasuredProps) {
  const [known, setKnown] = useState("card");
  const [width, setWidth] = useState("");
  const [height, setHeight] = useState("");
  const [, longer = "", shorter = ""] = KNOWN[known] ?? [];
  const size =
    known === "other"
      ? { w: width, h: height }
      : isWide(sheet)
        ? { w: longer, h: shorter }
        : { w: shorter, h: longer };
  const asked = useSettled(JSON.stringify({ print, sheet, size }));
  const measured = useQuery({
    queryKey: ["measured", album.id, photo.id, asked],
    enabled: size.w !== "" && size.h !== "",
    retry: false,
    queryFn: () =>
      answered(
        api.POST("/api/albums/{id}/photos/{photo}/measure", {
          params: { path: { id: album.id, photo: photo.id } },
          body: JSON.parse(asked),
        }),
      ),
  });
  return (
    <div className="mt-2 border-l-4 border-[#ffd24a] pl-3">
      <p className="text-[13px] text-quiet">
        Drag the yellow corners onto those of the sheet. Both lie flat.
      </p>
      <div className="mt-1 grid grid-cols-3 gap-x-3">
        <ChoiceField
          label="The sheet is"
          value={known}
          onChange={setKnown}
          choices={Object.entries(KNOWN).map(([key, [words]]) => [key, words])}
        />
        {known === "other" && (
          <>
            <TextField label="Its width, as it is seen" value={width} onChange={setWidth} />
            <TextField label="Its height" value={height} onChange={setHeight} />
          </>
        )}
      </div>
      {measured.error && (
        <p role="alert" className="mt-1 text-[13px] text-signal-text">
          {measured.error.message}
        </p>
      )}
      {measured.data && (
        <p className="mt-1.5">
          The print measures{" "}
          <strong>
            <SizeText size={measured.data} />
          </strong>
          .{" "}
          <button
            type="button"
            className="underline underline-offset-2"
            onClick={() => measured.data && onUse(measured.data.w.text, measured.data.h.text)}
          >
            Take that
          </button>
        </p>
      )}
    </div>
  );
}

function isWide([a, b, , d]: Corner[]) {
  return a && b && d ? Math.hypot(b.x - a.x, b.y - a.y) >= Math.hypot(d.x - a.x, d.y - a.y) : true;
}
