import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { answered, api, Refusal } from "../api/client";
import { useCatalogue } from "../api/queries";
import type { PatternOfType, PocketOfType } from "../api/types";
import { MeasureForm } from "../ticket/MeasureForm";
import { GreatSize, Measures } from "../ui/Measures";
import { ChoiceField } from "../ui/TextField";

/** The real openings of a kind of leaf, pocket by pocket; from then on they rule the fits. */
export function PocketsSection() {
  const catalogue = useCatalogue();
  const [params, setParams] = useSearchParams();
  const kinds = (catalogue.data?.entries ?? []).filter((entry) => entry.pockets && !entry.gone);
  const used = kinds.find((entry) => entry.used > 0) ?? kinds[0];
  const type = params.get("type") ?? used?.key ?? null;
  const pattern = useQuery({
    queryKey: ["pattern", type],
    enabled: type !== null,
    queryFn: () =>
      answered(api.GET("/api/catalogue/{key}/pattern", { params: { path: { key: type ?? "" } } })),
  });
  return (
    <>
      <h1 className="text-2xl leading-tight">Pockets measured</h1>
      <p className="mt-1 max-w-[68ch] text-[15px] text-quiet">
        Pockets are named after their card, and pockets of one leaf differ. Measure the clear inside
        of each; it holds for every leaf of this kind, until a single leaf is measured on its own
        ticket.
      </p>
      <div className="mt-4 max-w-[420px]">
        <ChoiceField
          label="Kind of leaf"
          value={type ?? ""}
          onChange={(next) => setParams({ type: next })}
          choices={kinds.map((entry) => [entry.key, entry.name])}
        />
      </div>
      {pattern.data && <Pattern key={pattern.data.key} pattern={pattern.data} />}
      {pattern.isError && <p className="mt-4">{pattern.error.message}</p>}
    </>
  );
}

const FACES = { front: "Front", back: "Back" };

function Pattern({ pattern }: { pattern: PatternOfType }) {
  const [chosen, setChosen] = useState<{ face: "front" | "back"; pocket: number }>({
    face: "front",
    pocket: 1,
  });
  const queries = useQueryClient();
  const inch = Math.min(32, 400 / Number(pattern.size.w.in), 440 / Number(pattern.size.h.in));
  const faces = pattern.shared ? (["front"] as const) : (["front", "back"] as const);
  const pocket = pattern[chosen.face].find((each) => each.number === chosen.pocket);

  async function save(w: string, h: string, onRefusal: (refusal: Refusal) => void) {
    try {
      const next = await answered(
        api.POST("/api/catalogue/{key}/opening", {
          params: { path: { key: pattern.key } },
          body: { face: chosen.face, pocket: chosen.pocket, opening: { w, h } },
        }),
      );
      queries.setQueryData(["pattern", pattern.key], next);
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== "pattern" });
      const following = pattern[chosen.face].find((each) => each.number === chosen.pocket + 1);
      if (following && (w.trim() !== "" || h.trim() !== "")) {
        setChosen({ ...chosen, pocket: following.number });
      }
      return true;
    } catch (problem) {
      onRefusal(problem instanceof Refusal ? problem : new Refusal({}, 0));
      return false;
    }
  }

  const pockets = pattern[chosen.face];
  const measured = pockets.filter((each) => each.opening).length;
  return (
    <div className="mt-5 flex flex-wrap items-start gap-8">
      {faces.map((face) => (
        <figure key={face}>
          <figcaption className="mb-1 text-[15px] font-semibold [font-stretch:108%]">
            {pattern.shared ? "Front (the back is the same pockets)" : FACES[face]}
          </figcaption>
          <div
            className="relative bg-paper text-[#10262c] shadow-[0_2px_6px_rgb(16_38_44/0.22)]"
            style={{
              width: inch * Number(pattern.size.w.in),
              height: inch * Number(pattern.size.h.in),
            }}
          >
            {pattern[face].map((each) => (
              <PocketBox
                key={each.number}
                pocket={each}
                inch={inch}
                chosen={chosen.face === face && chosen.pocket === each.number}
                onChoose={() => setChosen({ face, pocket: each.number })}
              />
            ))}
          </div>
        </figure>
      ))}
      {pocket && (
        <div className="w-[260px] bg-sheet px-4 py-3">
          <h2 className="text-[17px]">
            Pocket {pocket.number},{" "}
            <Measures text={`${pocket.named.w.text} × ${pocket.named.h.text}`} />
          </h2>
          <p className="mb-2 text-[13px] text-quiet">
            {measured} of {pockets.length} measured.{" "}
            {pocket.opening
              ? ""
              : pocket.ruled
                ? "This one is as ruled."
                : "This one is not measured."}
          </p>
          <MeasureForm
            key={`${chosen.face} ${chosen.pocket} ${pocket.opening?.w.exact ?? ""}`}
            legend={`Clear inside of pocket ${pocket.number}`}
            w={pocket.opening?.w.exact ?? ""}
            h={pocket.opening?.h.exact ?? ""}
            empty="Both empty: not measured."
            onSave={save}
            onClose={() => undefined}
          />
        </div>
      )}
    </div>
  );
}

interface BoxProps {
  pocket: PocketOfType;
  inch: number;
  chosen: boolean;
  onChoose: () => void;
}

function PocketBox({ pocket, inch, chosen, onChoose }: BoxProps) {
  const width = inch * Number(pocket.box.w.in);
  return (
    <button
      type="button"
      data-pocket={pocket.number}
      aria-pressed={chosen}
      aria-label={`Pocket ${pocket.number}, ${pocket.opening ? `measured ${pocket.opening.w.text} by ${pocket.opening.h.text}` : "not measured"}`}
      onClick={onChoose}
      className={`absolute flex flex-col items-center justify-center overflow-hidden text-center outline-solid ${chosen ? "z-10 outline-[3px] outline-signal" : "outline-1 outline-[#9fb0b4]"} ${pocket.opening ? "bg-[#0d7a6c]/10" : ""}`}
      style={{
        left: inch * Number(pocket.box.x.in),
        top: inch * Number(pocket.box.y.in),
        width,
        height: inch * Number(pocket.box.h.in),
      }}
    >
      <GreatSize
        w={(pocket.opening ?? pocket.named).w.text}
        h={(pocket.opening ?? pocket.named).h.text}
        className={width > 90 ? "text-xl" : "text-[14px]"}
      />
      {width > 70 && (
        <span className="text-[11px] text-pencil">
          {pocket.opening ? "measured" : "not measured"}
        </span>
      )}
    </button>
  );
}
