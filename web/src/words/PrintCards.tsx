import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { answered, api, Refusal } from "../api/client";
import type { Album, WordsOfAlbum } from "../api/types";
import { Button } from "../ui/Button";
import { Measures } from "../ui/Measures";
import { ChoiceField, TextField } from "../ui/TextField";

const LABELS = [
  ["columns", "Columns", "2"],
  ["rows", "Rows", "5"],
  ["w", "Label, width", "4 in"],
  ["h", "Label, height", "2 in"],
  ["left", "Left margin", "1/8 in"],
  ["top", "Top margin", "1/2 in"],
  ["across", "From one to the next, across", "4 1/4 in"],
  ["down", "and down", "2 in"],
] as const;

/** What the cards are printed on, and how the printer prints. */
export function PrintCards({ album, words }: { album: Album; words: WordsOfAlbum }) {
  const [sheet, setSheet] = useState("blank");
  const [paper, setPaper] = useState("letter");
  const [hand, setHand] = useState(false);
  const [mirrored, setMirrored] = useState(false);
  const [labels, setLabels] = useState<Record<string, string>>(
    Object.fromEntries(LABELS.map(([key, , value]) => [key, value])),
  );
  const [problem, setProblem] = useState<string | null>(null);

  async function print() {
    setProblem(null);
    const lines = hand && (sheet === "blank" || sheet === "labels");
    if (words.typed === 0 && !(lines && words.cards > 0)) {
      setProblem(
        "No card is typed yet. Have one be typed (set it, on its ticket), or print lines to write on.",
      );
      return;
    }
    const query = new URLSearchParams({ paper, sheet });
    if (hand) {
      query.set("hand", "true");
    }
    if (mirrored) {
      query.set("mirrored", "true");
    }
    if (sheet === "labels") {
      query.set("labels", LABELS.map(([key]) => labels[key]).join(";"));
    }
    const answer = await fetch(`/api/albums/${album.id}/cards.pdf?${query}`).catch(() => null);
    if (!answer?.ok) {
      const said = (await answer?.json().catch(() => null)) as { detail?: string } | null;
      setProblem(said?.detail ?? "Drum Nest does not answer. Nothing was made.");
      return;
    }
    const url = URL.createObjectURL(await answer.blob());
    const link = document.createElement("a");
    link.href = url;
    link.download = "cards.pdf";
    link.click();
    URL.revokeObjectURL(url);
  }

  return (
    <>
      <div className="grid grid-cols-2 gap-x-4 gap-y-3">
        <ChoiceField
          label="On"
          value={sheet}
          onChange={setSheet}
          choices={[
            ["blank", "blank card, several to a sheet"],
            ["single", "the cards themselves, one by one"],
            ["labels", "a sheet of labels"],
            ["strips", "strips, one line each"],
          ]}
        />
        <ChoiceField
          label="Paper"
          value={paper}
          onChange={setPaper}
          choices={[
            ["letter", "letter"],
            ["a4", "A4"],
          ]}
        />
        {(sheet === "blank" || sheet === "labels") && (
          <>
            <Tick on={hand} set={setHand} words="lines for cards by hand, too" />
            <Tick on={mirrored} set={setMirrored} words="mirrored, for clear film" />
          </>
        )}
        {sheet === "labels" &&
          LABELS.map(([key, label]) => (
            <TextField
              key={key}
              label={label}
              value={labels[key] ?? ""}
              onChange={(value) => setLabels({ ...labels, [key]: value })}
            />
          ))}
      </div>
      {problem && (
        <p role="alert" className="mt-3 text-signal-text">
          {problem}
        </p>
      )}
      <div className="mt-4">
        <Button strong onClick={print}>
          Make the PDF
        </Button>
      </div>
      <Printer paper={paper} />
    </>
  );
}

function Tick({ on, set, words }: { on: boolean; set: (on: boolean) => void; words: string }) {
  return (
    <label className="flex items-center gap-2">
      <input
        type="checkbox"
        checked={on}
        onChange={(event) => set(event.target.checked)}
        className="h-4 w-4 accent-fold"
      />
      {words}
    </label>
  );
}

/** How the printer prints: measured on a test print, and taken back on every sheet after it. */
function Printer({ paper }: { paper: string }) {
  const queries = useQueryClient();
  const printer = useQuery({
    queryKey: ["printer"],
    queryFn: () => answered(api.GET("/api/printer")),
  });
  const [form, setForm] = useState<{ right: string; down: string; percent: string } | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  if (!printer.data) {
    return null;
  }
  const shown = form ?? {
    right: printer.data.right.exact,
    down: printer.data.down.exact,
    percent: printer.data.percent,
  };

  async function save(event: FormEvent) {
    event.preventDefault();
    setRefusal(null);
    try {
      queries.setQueryData(["printer"], await answered(api.POST("/api/printer", { body: shown })));
      setForm(null);
    } catch (problem) {
      setRefusal(problem instanceof Refusal ? problem : new Refusal({}, 0));
    }
  }

  function field(name: "right" | "down" | "percent", label: string) {
    return (
      <TextField
        label={label}
        value={shown[name]}
        wrong={refusal?.field === name ? refusal.message : undefined}
        onChange={(value) => setForm({ ...shown, [name]: value })}
      />
    );
  }

  return (
    <form onSubmit={save} className="mt-6 border-t-2 border-ink pt-3" aria-label="Your printer">
      <h3 className="text-[15px]">Your printer</h3>
      <p className="mt-1 mb-3 text-[13px] text-quiet">
        {printer.data.measured ? (
          <Measures
            text={`It prints ${printer.data.right.text} to the right, ${printer.data.down.text} down, at ${printer.data.percent} %. Every sheet takes that back.`}
          />
        ) : (
          "Not measured yet: sheets come out as the printer likes. Print the test sheet, measure it, and type in what you found."
        )}{" "}
        <a
          className="underline underline-offset-2"
          href={`/api/printer/test.pdf?paper=${paper}`}
          download
        >
          test sheet
        </a>
      </p>
      <div className="grid grid-cols-3 gap-x-4">
        {field("right", "Too far to the right")}
        {field("down", "Too far down")}
        {field("percent", "100 mm come out at, in mm")}
      </div>
      <div className="mt-3">
        <Button type="submit">Keep that</Button>
      </div>
    </form>
  );
}
