import { queryOptions, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { answered, api, Refusal } from "../api/client";
import type { PartRequest, Ruled } from "../api/types";
import { Button } from "../ui/Button";
import { Measures } from "../ui/Measures";
import { useNotices } from "../ui/notices";
import { TextField } from "../ui/TextField";
import { divided, partAt, shared, WHOLE, withPart } from "./parts";
import { RuledDrawing } from "./RuledDrawing";

const PRINTS = /prints/;
/** Refusals that are shown at their own field. */
const AT_FIELDS = /^[wh]$|prints/;

/** A plain protector ruled into pockets by straight lines: what comes out, what does not. */
export function BuilderSection() {
  const [w, setW] = useState("12 in");
  const [h, setH] = useState("12 in");
  const [part, setPart] = useState<PartRequest>(WHOLE);
  const [chosen, setChosen] = useState<number[]>([]);
  const [prints, setPrints] = useState("4 + 4");
  const [equal, setEqual] = useState("2");
  const [name, setName] = useState("");
  const [own, setOwn] = useState(false);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const notify = useNotices((state) => state.notify);
  const [undivided, setUndivided] = useState<Refusal | null>(null);
  const { ruled, wrong } = useRuling({ w, h, part });
  const within = partAt(part, chosen);

  const elsewhere = [wrong, undivided].find((each) => each && !AT_FIELDS.test(each.field ?? ""));

  /** Divides the chosen part; a ruling that is refused leaves what is there as it is. */
  async function divide(next: PartRequest) {
    const whole = withPart(part, chosen, next);
    try {
      await queries.fetchQuery(rulingQuery({ w, h, part: whole }));
      setUndivided(null);
      setPart(whole);
      setChosen([]);
    } catch (problem) {
      setUndivided(problem instanceof Refusal ? problem : new Refusal({}, 0));
    }
  }

  async function keep() {
    setRefusal(null);
    try {
      const catalogue = await answered(
        api.POST("/api/catalogue/ruled", { body: { name, w, h, shared: !own, part } }),
      );
      queries.setQueryData(["catalogue"], catalogue);
      notify(`“${name.trim()}” is on the shelf: add it to an album under Leaves.`);
      void navigate("/shelf/catalogue?kind=leaf");
    } catch (problem) {
      setRefusal(problem instanceof Refusal ? problem : new Refusal({}, 0));
    }
  }

  const count = Number(equal);
  const canShare = /^\d{1,2}$/.test(equal.trim()) && count >= 1 && count <= 40;
  return (
    <>
      <h1 className="text-2xl leading-tight">Pattern builder</h1>
      <p className="mt-1 max-w-[68ch] text-[15px] text-quiet">
        Rule a plain protector into pockets by straight sewn or welded lines. Each opening is its
        print and the ease; the lines run from side to side within a part.
      </p>
      <div className="mt-5 grid items-start gap-8 lg:grid-cols-[300px_minmax(0,1fr)]">
        <div>
          <div className="grid grid-cols-2 gap-x-4 gap-y-3">
            <TextField
              label="Clear inside, width"
              value={w}
              onChange={setW}
              wrong={wrong?.field === "w" ? wrong.message : undefined}
            />
            <TextField
              label="Clear inside, height"
              value={h}
              onChange={setH}
              wrong={wrong?.field === "h" ? wrong.message : undefined}
            />
          </div>
          <fieldset className="mt-5 border-t-2 border-ink pt-2">
            <legend className="sr-only">Divide a part</legend>
            <h2 className="text-[17px]">
              {chosen.length === 0 ? "Divide the protector" : `Divide part ${spoken(chosen)}`}
            </h2>
            <p className="mt-0.5 text-[13px] text-quiet">
              {ruled && ruled.pieces.length > 1
                ? "Choose a part in the drawing, then say for which prints."
                : "Say for which prints, or into how many equal parts."}
            </p>
            <div className="mt-2 grid gap-2">
              <TextField
                label="For prints of, with + between"
                value={prints}
                onChange={(written) => {
                  setPrints(written);
                  setUndivided(null);
                }}
                placeholder="6 + 4"
                wrong={PRINTS.test(undivided?.field ?? "") ? undivided?.message : undefined}
              />
              <div className="flex gap-2">
                <Button onClick={() => divide(divided("across", prints))}>side by side</Button>
                <Button onClick={() => divide(divided("down", prints))}>one under another</Button>
              </div>
              <div className="mt-2 grid grid-cols-[90px_1fr] items-end gap-2">
                <TextField label="Equal parts" value={equal} onChange={setEqual} />
                <div className="flex gap-2">
                  <Button disabled={!canShare} onClick={() => divide(shared("across", count))}>
                    across
                  </Button>
                  <Button disabled={!canShare} onClick={() => divide(shared("down", count))}>
                    down
                  </Button>
                </div>
              </div>
              <p className="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-[13.5px]">
                {chosen.length > 0 && (
                  <>
                    <button
                      type="button"
                      className="underline underline-offset-2"
                      onClick={() => divide(within.is === "shut" ? WHOLE : { is: "shut" })}
                    >
                      {within.is === "shut" ? "make it a pocket" : "no pocket here"}
                    </button>
                    <button
                      type="button"
                      className="underline underline-offset-2"
                      onClick={() => {
                        setPart(withPart(part, chosen.slice(0, -1), WHOLE));
                        setChosen([]);
                      }}
                    >
                      take its lines away
                    </button>
                  </>
                )}
                {"parts" in part && (
                  <button
                    type="button"
                    className="underline underline-offset-2"
                    onClick={() => {
                      setPart(WHOLE);
                      setChosen([]);
                    }}
                  >
                    begin again
                  </button>
                )}
              </p>
            </div>
          </fieldset>
          <Outcome ruled={wrong ? undefined : ruled} refused={elsewhere?.message} />
          <div className="mt-5 border-t-2 border-ink pt-3">
            <TextField
              label="Name of this kind of leaf"
              value={name}
              onChange={setName}
              wrong={refusal?.field === "name" ? refusal.message : undefined}
            />
            <label className="mt-2 flex items-center gap-2 text-[13.5px]">
              <input
                type="checkbox"
                checked={own}
                onChange={(event) => setOwn(event.target.checked)}
                className="h-4 w-4 accent-fold"
              />
              each side has pockets of its own
            </label>
            {refusal && refusal.field !== "name" && (
              <p role="alert" className="mt-2 text-signal-text">
                {refusal.message}
              </p>
            )}
            <div className="mt-3">
              <Button strong disabled={wrong !== null || !ruled?.whole} onClick={keep}>
                Put it on the shelf
              </Button>
            </div>
          </div>
          <p className="mt-5 text-[13px] leading-snug text-quiet">
            The edge left open is marked and slit through one ply: board inside the protector, a
            fresh blade, a metal ruler, cut away from your fingers, and cap the knife. Follow the
            maker's label.
          </p>
        </div>
        {ruled && (
          <div className={wrong ? "opacity-40" : undefined}>
            <RuledDrawing ruled={ruled} chosen={chosen} onChoose={(path) => setChosen(path)} />
          </div>
        )}
      </div>
    </>
  );
}

function spoken(path: number[]) {
  return path.map((index) => index + 1).join(".");
}

/** What came out, in words. */
function Outcome({ ruled, refused }: { ruled: Ruled | undefined; refused: string | undefined }) {
  const counted = new Map<string, number>();
  for (const pocket of ruled?.front ?? []) {
    const size = `${pocket.named.w.text} × ${pocket.named.h.text}`;
    counted.set(size, (counted.get(size) ?? 0) + 1);
  }
  return (
    <section aria-label="What comes out" aria-live="polite" className="mt-5">
      {refused && <p className="border-l-4 border-signal pl-2">{refused}</p>}
      {ruled?.problems.map((problem) => (
        <p
          key={problem.path.join(".")}
          role="alert"
          className="mb-2 border-l-4 border-signal pl-2 font-semibold"
        >
          <Measures text={problem.message} />
        </p>
      ))}
      <dl className="border-b border-hair">
        {[...counted].map(([size, count]) => (
          <div key={size} className="flex justify-between border-t border-hair py-1">
            <dt>
              {count} {count === 1 ? "pocket" : "pockets"} for
            </dt>
            <dd className="font-semibold">
              <Measures text={size} />
            </dd>
          </div>
        ))}
        {ruled?.leftOver.map((box) => (
          <div
            key={`${box.x.text} ${box.y.text}`}
            className="flex justify-between border-t border-hair py-1 text-quiet"
          >
            <dt>does not fill</dt>
            <dd>
              <Measures text={`${box.w.text} × ${box.h.text}`} />
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

type Ruling = { w: string; h: string; part: PartRequest };

function rulingQuery(ruling: Ruling) {
  return queryOptions<Ruled, Refusal>({
    queryKey: ["ruling", ruling],
    retry: false,
    queryFn: () => answered(api.POST("/api/catalogue/ruling", { body: ruling })),
  });
}

/**
 * What comes of the ruling, asked a moment after it was changed. Where it cannot be read, what came
 * of it before stays.
 */
function useRuling(ruling: Ruling) {
  const asked = JSON.stringify(ruling);
  const [settled, setSettled] = useState(asked);
  const [readable, setReadable] = useState<Ruled>();
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(asked), 150);
    return () => window.clearTimeout(timer);
  }, [asked]);
  const { data, error } = useQuery(rulingQuery(JSON.parse(settled) as Ruling));
  if (data && data !== readable) {
    setReadable(data);
  }
  return { ruled: data ?? readable, wrong: error };
}
