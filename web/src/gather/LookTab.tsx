import { ToggleGroup } from "radix-ui";
import { useEffect, useRef, useState } from "react";
import { useClose } from "../api/queries";
import type { Album, Choice, Close, Line, Photo, PixelBox } from "../api/types";
import { useStep } from "../api/useStep";
import { useHand } from "../bench/hand";
import { DateField } from "../ticket/DateField";
import { OnTable } from "../ticket/OnTable";
import { PlacedLast } from "../ticket/PlacedLast";
import { Button } from "../ui/Button";
import { Key } from "../ui/Key";
import { has, hasFile } from "../ui/photo";
import { Row } from "../ui/Row";
import { counted } from "../ui/words";
import { SHOWINGS } from "./choices";
import { everyPhoto } from "./contact";
import { PictureBoxes } from "./PictureBoxes";
import { Straighten } from "./Straighten";
import { useSheetView } from "./sheetView";
import { useChoose } from "./useChoose";

interface Props {
  album: Album;
  line: Line;
}

const CHOICES: [Choice, string, string][] = [
  ["keep", "Keep", "K"],
  ["maybe", "Maybe", "M"],
  ["out", "Out", "O"],
  ["open", "In doubt", "I"],
];

/** The photo that the contact sheet stands at, looked at closely and decided on. */
export function LookTab({ album, line }: Props) {
  const cursor = useHand((hand) => hand.cursor);
  const photo = everyPhoto(line).find((each) => each.id === cursor);
  if (!photo) {
    return <p className="text-quiet">Choose a photo of the contact sheet to look at it here.</p>;
  }
  return (
    <>
      <Marked album={album} />
      <Looked key={photo.id} album={album} line={line} photo={photo} />
    </>
  );
}

/** What can be done with several photos at once. */
function Marked({ album }: { album: Album }) {
  const { marked, mark, compare } = useSheetView();
  const step = useStep(album.id);
  const { choose } = useChoose(album.id);
  const photos = [...marked];
  if (photos.length < 2) {
    return null;
  }
  const acts: [words: string, act: () => void][] = [
    ["keep", () => choose(photos, "keep")],
    ["maybe", () => choose(photos, "maybe")],
    ["out", () => choose(photos, "out")],
    ["compare", () => compare(photos.slice(0, 4))],
    ["stack", () => step("/api/albums/{id}/stack", { photos, together: true })],
    ["versions of one", () => step("/api/albums/{id}/alternates", { photos, together: true })],
    ["unmark", () => mark(new Set())],
  ];
  return (
    <section aria-label="Marked photos" className="mb-3 border-l-4 border-fold pl-2 text-[13px]">
      <h2 className="text-[14px] font-semibold">{photos.length} marked</h2>
      <p className="flex flex-wrap gap-x-3">
        {acts.map(([words, act]) => (
          <button key={words} type="button" className="underline underline-offset-2" onClick={act}>
            {words}
          </button>
        ))}
      </p>
    </section>
  );
}

function Looked({ album, line, photo }: Props & { photo: Photo }) {
  const close = useClose(album.id, album.version, photo.id);
  const step = useStep(album.id);
  const { choose, chooseOfStack, mark } = useChoose(album.id);
  const { compare } = useSheetView();
  const stack = line.stacks.find((each) => each.id === photo.lookalike);
  const doubt = close.data?.doubt;
  const everyone = everyPhoto(line);
  const whole = (stack?.photos ?? []).flatMap((id) => everyone.filter((each) => each.id === id));
  const begins = line.chapters.some((chapter) => chapter.id === photo.id);

  function keep(box: PixelBox | null) {
    return step("/api/albums/{id}/keep", { photo: photo.id, ...(box ? { keep: box } : {}) });
  }

  function conceal(boxes: PixelBox[]) {
    return step("/api/albums/{id}/conceal", { photo: photo.id, boxes });
  }

  return (
    <>
      <PictureBoxes
        photo={photo}
        subject={close.data?.proposal}
        heads={close.data?.heads ?? []}
        quiet={close.data?.quiet}
        onKeep={keep}
        onConceal={conceal}
      />
      <h2 className="mt-2.5 text-[16px] leading-tight [overflow-wrap:anywhere]">{photo.name}</h2>
      <ToggleGroup.Root
        type="single"
        // Arrows belong to the contact sheet.
        rovingFocus={false}
        aria-label="What is decided"
        value={photo.choice}
        onValueChange={(choice) => choice && choose([photo.id], choice as Choice)}
        className="mt-2 grid grid-cols-[1fr_1.18fr_0.95fr_1.05fr] gap-px border border-hair bg-hair"
      >
        {CHOICES.map(([choice, words, keyName]) => (
          <ToggleGroup.Item
            key={choice}
            value={choice}
            className="bg-sheet px-0.5 py-1.5 whitespace-nowrap text-center text-[13px] leading-tight font-semibold hover:bg-mat aria-checked:bg-ink aria-checked:text-mat"
          >
            {words} <Key>{keyName}</Key>
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      <div className="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-[13px]">
        <Tick
          words="Hero"
          keyName="H"
          on={has(photo, "hero")}
          onChange={(hero) => mark([photo.id], { hero })}
        />
        <Tick
          words="Private"
          keyName="Q"
          on={has(photo, "secret")}
          onChange={(secret) => mark([photo.id], { secret })}
        />
        <Tick
          words="Fine behind a flap"
          keyName="F"
          on={has(photo, "flap")}
          onChange={(flap) => mark([photo.id], { flap })}
        />
        <label className="flex items-center gap-1.5">
          Meant for{" "}
          <select
            value={photo.showing}
            onChange={(event) => {
              const showing = SHOWINGS.find(([each]) => each === event.target.value)?.[0];
              mark([photo.id], { showing });
            }}
            className="border-b border-ink bg-transparent py-0.5 font-semibold"
          >
            {SHOWINGS.map(([showing, words]) => (
              <option key={showing} value={showing}>
                {words}
              </option>
            ))}
          </select>{" "}
          <Key>3</Key>
        </label>
      </div>
      <Caption album={album} photo={photo} />
      <dl className="mt-2 border-b-2 border-ink text-[13px]">
        {stack && (
          <Row name="Alike">
            {stack.photos[0] === photo.id
              ? stack.reason
              : `one of ${stack.photos.length}, number ${stack.photos.indexOf(photo.id) + 1}`}{" "}
            <button
              type="button"
              className="ml-1 font-normal underline underline-offset-2"
              onClick={() => compare(stack.photos.slice(0, 4))}
            >
              compare
            </button>
          </Row>
        )}
        {stack && (
          <Row name="">
            {[1, 2].map((keep) => (
              <button
                key={keep}
                type="button"
                className="ml-3 font-normal underline underline-offset-2"
                onClick={() => chooseOfStack(whole, keep)}
              >
                {keep === 1 ? "keep only the best" : "the best two"}
              </button>
            ))}
            <button
              type="button"
              className="ml-3 font-normal underline underline-offset-2"
              onClick={() =>
                step("/api/albums/{id}/stack", { photos: [photo.id], together: false })
              }
            >
              not alike
            </button>
          </Row>
        )}
        {photo.alternates && (
          <Row name="Versions">
            upright and wide; one is placed{" "}
            <button
              type="button"
              className="ml-1 font-normal underline underline-offset-2"
              onClick={() =>
                step("/api/albums/{id}/alternates", { photos: [photo.id], together: false })
              }
            >
              Not the same subject
            </button>
          </Row>
        )}
        {photo.keep ? (
          <Row name="Keep box">
            drawn{" "}
            <button
              type="button"
              className="ml-1 font-normal underline underline-offset-2"
              onClick={() => keep(null)}
            >
              clear
            </button>
          </Row>
        ) : (
          <Crop album={album} photo={photo} found={close.data} />
        )}
        {photo.concealed.length > 0 && <Concealed boxes={photo.concealed} onConceal={conceal} />}
        <Row name="Picture">
          {!hasFile(photo) ? "no file" : `${photo.pixels.w} × ${photo.pixels.h} px`}
          {photo.light && photo.weakness !== "dark" && `, very ${photo.light}`}
        </Row>
        {photo.material.of === "scan" && (
          <Row name="Snap">
            <Straighten album={album} photo={photo} />
          </Row>
        )}
        <PlacedLast photo={photo} />
        {close.data?.remarks.map((remark) => (
          <Row key={remark.name} name={remark.name}>
            <span className="[overflow-wrap:anywhere]">{remark.text}</span>
          </Row>
        ))}
        {photo.stars !== undefined && photo.stars !== 0 && (
          <Row name="Stars">{photo.stars < 0 ? "rejected" : `${photo.stars} of 5`}</Row>
        )}
        {!begins && (
          <Row name="Chapter">
            <button
              type="button"
              className="font-normal underline underline-offset-2"
              onClick={() => step("/api/albums/{id}/border", { photo: photo.id, begins: true })}
            >
              begin one here
            </button>{" "}
            <Key>N</Key>
          </Row>
        )}
        {photo.where && <Row name="Place">{photo.where.label}</Row>}
      </dl>
      <div className="text-[13px]">
        <DateField album={album} photo={photo} />
        {doubt && !photo.taken && (
          <p className="border-t border-hair py-1.5 text-signal-text">
            It has no date here, because {doubt}.
          </p>
        )}
        <dl>
          <OnTable album={album} photo={photo} />
        </dl>
      </div>
      {hasFile(photo) && (
        <Button className="mt-3" onClick={() => compare([photo.id])}>
          Look at every pixel <Key>Enter</Key>
        </Button>
      )}
    </>
  );
}

interface ConcealedProps {
  boxes: PixelBox[];
  onConceal: (boxes: PixelBox[]) => void;
}

/** What must not be seen, to be taken back one by one. */
function Concealed({ boxes, onConceal }: ConcealedProps) {
  return (
    <Row name="Not seen">
      {boxes.length === 1 ? "one part" : `${boxes.length} parts`}
      {boxes.map((box, at) => (
        <button
          key={`${box.x} ${box.y} ${box.w} ${box.h}`}
          type="button"
          className="ml-2 font-normal underline underline-offset-2"
          onClick={() => onConceal(boxes.filter((each) => each !== box))}
        >
          {boxes.length === 1 ? "clear" : `clear ${at + 1}`}
        </button>
      ))}
    </Row>
  );
}

interface CropProps {
  album: Album;
  photo: Photo;
  found: Close | undefined;
}

/** What crops of a photo without a keep box go by. */
function Crop({ album, photo, found }: CropProps) {
  const step = useStep(album.id);
  if (!found?.proposal) {
    return <Row name="Crop">by the middle; nothing stands out</Row>;
  }
  const people = found.heads.length;
  const words = people > 0 ? counted(people, "head found", "heads found") : null;
  const acts: [string, string, () => void][] = [
    [
      photo.centred ? "by the subject" : "by the middle",
      "X",
      () =>
        step("/api/albums/{id}/frame", {
          photos: [photo.id],
          follows: photo.centred,
        }),
    ],
    [
      "make it the keep box",
      "B",
      () => step("/api/albums/{id}/keep-as-proposed", { photos: [photo.id] }),
    ],
  ];
  return (
    <>
      <Row name="Crop">
        {photo.centred
          ? `by the middle${words ? `; ${words}` : ""}`
          : `follows ${words ?? "the subject"}`}
      </Row>
      <Row name="">
        {acts.map(([act, keyName, onDo]) => (
          <span key={act} className="ml-3 whitespace-nowrap">
            <button
              type="button"
              className="font-normal underline underline-offset-2"
              onClick={onDo}
            >
              {act}
            </button>{" "}
            <Key>{keyName}</Key>
          </span>
        ))}
      </Row>
    </>
  );
}

interface TickProps {
  words: string;
  keyName: string;
  on: boolean;
  onChange: (on: boolean) => void;
}

function Tick({ words, keyName, on, onChange }: TickProps) {
  return (
    <label className="flex cursor-pointer items-center gap-1.5">
      <input
        type="checkbox"
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
        className="accent-fold"
      />
      {words} <Key>{keyName}</Key>
    </label>
  );
}

/** What is written to the photo, kept when the field is left. */
function Caption({ album, photo }: { album: Album; photo: Photo }) {
  const step = useStep(album.id);
  const [text, setText] = useState(photo.caption ?? "");
  const saved = useRef(photo.caption ?? "");

  useEffect(() => {
    saved.current = photo.caption ?? "";
    setText(photo.caption ?? "");
  }, [photo.caption]);

  function save() {
    if (text.trim() !== saved.current) {
      saved.current = text.trim();
      void step("/api/albums/{id}/caption", { photo: photo.id, caption: text });
    }
  }

  return (
    <div className="mt-2">
      <label htmlFor="caption" className="text-[13px] text-quiet">
        Caption <Key>W</Key>
      </label>
      <textarea
        id="caption"
        rows={2}
        maxLength={2000}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={save}
        onKeyDown={(event) => {
          if (event.key === "Escape" || (event.key === "Enter" && !event.shiftKey)) {
            event.preventDefault();
            event.currentTarget.blur();
            document.getElementById("contact-sheet")?.focus();
          }
        }}
        className="mt-0.5 block w-full resize-y border border-quiet bg-sheet px-1.5 py-1 leading-snug"
      />
    </div>
  );
}
