import { useQueryClient } from "@tanstack/react-query";
import { Collapsible } from "radix-ui";
import { useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { answered, api, Refusal } from "../api/client";
import { useCatalogue } from "../api/queries";
import type { Entry } from "../api/types";
import { useCatalogueSaved } from "../api/useCatalogueSaved";
import { OwnField } from "../bench/OwnField";
import { PatternThumb } from "../bench/PatternThumb";
import { ask } from "../ui/Ask";
import { Button } from "../ui/Button";
import { Measures } from "../ui/Measures";
import { useNotices } from "../ui/notices";
import { ItemFields } from "./ItemFields";
import { PROVENANCES } from "./provenances";

const KINDS: [string, string, string][] = [
  ["leaf", "Leaves", "a kind of leaf"],
  ["format", "Album formats", "a format"],
  ["sleeve", "Sleeves", "a sleeve"],
  ["card", "Cards", "a card"],
  ["print", "Prints", "a print size"],
  ["sheet", "Sheets", "a sheet"],
  ["material", "Materials", "a material"],
  ["letters", "Letters", "a letter set"],
];

/** Everything the house knows by name; own entries are added, all can be changed. */
export function CatalogueSection() {
  const catalogue = useCatalogue();
  const [params] = useSearchParams();
  const kind = KINDS.find(([key]) => key === params.get("kind"))?.[0] ?? "leaf";
  const [adding, setAdding] = useState(false);
  const all = catalogue.data?.entries ?? [];
  const shown = all.filter((entry) => entry.kind === kind && !entry.gone);
  const gone = all.filter((entry) => entry.kind === kind && entry.gone);
  const one = KINDS.find(([key]) => key === kind)?.[2];
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h1 className="text-2xl leading-tight">Catalogue</h1>
        <CatalogueFile />
      </div>
      <nav aria-label="Kinds" className="mt-3 -ml-2.5 flex flex-wrap gap-x-1 gap-y-1">
        {KINDS.map(([key, name]) => (
          <Link
            key={key}
            to={{ search: `?kind=${key}` }}
            aria-current={kind === key ? "true" : undefined}
            onClick={() => setAdding(false)}
            className="border-b-[3px] border-transparent px-2.5 py-1 font-semibold text-quiet aria-[current=true]:border-ink aria-[current=true]:text-ink"
          >
            {name}{" "}
            <span className="font-normal">
              {all.filter((entry) => entry.kind === key && !entry.gone).length}
            </span>
          </Link>
        ))}
      </nav>
      <div className="mt-3 mb-4">
        {adding ? (
          <div className="max-w-[640px] bg-sheet p-4">
            <h2 className="mb-3 text-[17px]">Add {one}</h2>
            <ItemFields kind={kind} onDone={() => setAdding(false)} />
          </div>
        ) : (
          <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
            <Button onClick={() => setAdding(true)}>Add {one}</Button>
            {kind === "leaf" && (
              <Link to="/shelf/builder" className="underline underline-offset-2">
                or rule one into pockets yourself
              </Link>
            )}
          </div>
        )}
      </div>
      <ul className="border-b border-hair bg-sheet">
        {shown.map((entry) => (
          <EntryLine key={entry.key} entry={entry} />
        ))}
      </ul>
      {gone.length > 0 && (
        <section aria-label="Taken off the shelf" className="mt-6">
          <h2 className="text-[15px]">Taken off the shelf</h2>
          <ul className="mt-1">
            {gone.map((entry) => (
              <GoneLine key={entry.key} entry={entry} />
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function EntryLine({ entry }: { entry: Entry }) {
  const [open, setOpen] = useState(false);
  const saved = useCatalogueSaved();
  const notify = useNotices((state) => state.notify);

  async function remove(confirmed: boolean) {
    try {
      saved(
        await answered(
          api.POST("/api/catalogue/{key}/remove", {
            params: { path: { key: entry.key } },
            body: { confirmed },
          }),
        ),
      );
    } catch (problem) {
      const refusal = problem instanceof Refusal ? problem : new Refusal({}, 0);
      if (!refusal.lost) {
        notify(refusal.message);
      } else if (
        await ask(
          `${refusal.message} Take it off?`,
          refusal.lost,
          "Take it off",
          "It stays at the foot of this page and can be put back.",
        )
      ) {
        await remove(true);
      }
    }
  }

  async function putBack() {
    try {
      saved(
        await answered(
          api.POST("/api/catalogue/{key}/back", { params: { path: { key: entry.key } } }),
        ),
      );
      setOpen(false);
    } catch (problem) {
      notify(problem instanceof Refusal ? problem.message : "That did not work.");
    }
  }

  return (
    <Collapsible.Root asChild open={open} onOpenChange={setOpen}>
      <li
        className="border-t border-hair"
        data-entry={entry.key}
        data-changed={entry.changed || undefined}
      >
        <Collapsible.Trigger className="flex w-full items-center gap-4 px-4 py-1.5 text-left">
          {entry.kind === "leaf" && (
            <span className="flex w-[52px] justify-center">
              <PatternThumb entry={entry} inch={3.6} />
            </span>
          )}
          <span className="min-w-0 flex-1 font-semibold [overflow-wrap:anywhere]">
            {entry.changed && (
              <span
                aria-hidden="true"
                className="mr-1.5 inline-block h-2.5 w-2.5 rotate-45 bg-signal"
              />
            )}
            <Measures text={entry.name} />
            {entry.owned !== undefined && (
              <span className="ml-2 text-[12px] font-normal text-quiet">{entry.owned} owned</span>
            )}
            {entry.used > 0 && (
              <span className="ml-2 text-[12px] font-normal text-fits">
                in use{entry.used > 1 ? ` ${entry.used} times` : ""}
              </span>
            )}
          </span>
          <span className="hidden text-right text-[13px] text-quiet sm:block">
            <Measures text={facts(entry)} />
          </span>
          <span className="hidden w-[128px] text-right text-[12px] text-quiet md:block">
            {entry.changed
              ? "changed by you"
              : entry.provenance
                ? PROVENANCES[entry.provenance]
                : "your own"}
          </span>
        </Collapsible.Trigger>
        <Collapsible.Content className="border-t border-hair px-4 py-3">
          <ItemFields kind={entry.kind} entry={entry} onDone={() => setOpen(false)} />
          {(entry.kind === "leaf" || entry.kind === "sleeve") && (
            <p className="mt-3 flex items-baseline gap-2 text-[13.5px]">
              How many you own <OwnField entry={entry} />
            </p>
          )}
          <p className="mt-3 flex flex-wrap gap-x-5 gap-y-1 text-[13.5px]">
            {entry.pockets && (
              <Link
                className="underline underline-offset-2"
                to={`/shelf/pockets?type=${entry.key}`}
              >
                measure its pockets
              </Link>
            )}
            {entry.changed && (
              <button type="button" className="underline underline-offset-2" onClick={putBack}>
                put back as it was
              </button>
            )}
            <button
              type="button"
              className="underline underline-offset-2"
              onClick={() => remove(false)}
            >
              take it off the shelf
            </button>
          </p>
        </Collapsible.Content>
      </li>
    </Collapsible.Root>
  );
}

function facts(entry: Entry) {
  const size =
    entry.size && entry.kind !== "leaf" ? [`${entry.size.w.text} × ${entry.size.h.text}`] : [];
  return [...size, ...entry.facts].join(" · ");
}

function GoneLine({ entry }: { entry: Entry }) {
  const saved = useCatalogueSaved();
  return (
    <li className="flex items-baseline gap-4 border-t border-hair py-1.5">
      <span className="text-quiet">
        <Measures text={entry.name} />
      </span>
      <button
        type="button"
        className="underline underline-offset-2"
        aria-label={`Put ${entry.name} back`}
        onClick={async () =>
          saved(
            await answered(
              api.POST("/api/catalogue/{key}/restore", { params: { path: { key: entry.key } } }),
            ),
          )
        }
      >
        put it back
      </button>
    </li>
  );
}

/** The catalogue as a file: out, and in again. */
function CatalogueFile() {
  const input = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState<{ words: string; wrong: boolean } | null>(null);
  const queries = useQueryClient();

  async function take(file: File | undefined) {
    if (!file) {
      return;
    }
    let response: Response;
    try {
      response = await fetch("/api/catalogue/import", {
        method: "POST",
        headers: { "Content-Type": "application/octet-stream" },
        body: file,
      });
    } catch {
      setSaid({ words: "Drum Nest does not answer. Nothing was changed.", wrong: true });
      return;
    }
    const answer = (await response.json()) as {
      detail?: string;
      added?: number;
      hadAlready?: number;
    };
    setSaid(
      response.ok
        ? {
            words: `${answer.added} added, ${answer.hadAlready} were here already.`,
            wrong: false,
          }
        : { words: answer.detail ?? "That did not work. Nothing was changed.", wrong: true },
    );
    await queries.invalidateQueries({ queryKey: ["catalogue"] });
  }

  return (
    <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 text-[13.5px]">
      <a
        href="/api/catalogue/file.json"
        download="catalogue.json"
        className="underline underline-offset-2"
      >
        save as a file
      </a>
      <button
        type="button"
        className="underline underline-offset-2"
        onClick={() => input.current?.click()}
      >
        bring in a file
      </button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Catalogue file"
        className="sr-only"
        tabIndex={-1}
        onChange={async (event) => {
          const field = event.target;
          await take(field.files?.[0]);
          field.value = "";
        }}
      />
      {said && (
        <p
          role={said.wrong ? "alert" : "status"}
          className={`basis-full ${said.wrong ? "text-signal-text" : ""}`}
        >
          {said.words}
        </p>
      )}
    </div>
  );
}
