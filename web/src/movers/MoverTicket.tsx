import { useMetric } from "../api/queries";
import type { Album, MoverForm, MoverKind, MoverState } from "../api/types";
import { useStep } from "../api/useStep";
import { Measures } from "../ui/Measures";
import { Row } from "../ui/Row";
import { ChoiceField, TextField } from "../ui/TextField";
import { EDGES, GRIPS, MeasuresForm } from "./MeasuresForm";
import { useMeasures } from "./useMeasures";

type TextOf = Exclude<keyof MoverForm, "edge">;

/** What the measures of each kind are called, in the order in which they are asked for. */
const FIELDS: Record<MoverKind, [TextOf, string][]> = {
  chain: [["count", "Sleeves"]],
  booklet: [["count", "Sleeves"]],
  waterfall: [
    ["count", "Cards"],
    ["step", "Set off by"],
  ],
  accordion: [
    ["count", "Panels"],
    ["border", "Mat"],
    ["sheetW", "Sheet, width"],
    ["sheetH", "Sheet, height"],
    ["overlap", "Least tab"],
  ],
  "fold-out": [
    ["border", "Border"],
    ["sheetW", "Sheet, width"],
    ["sheetH", "Sheet, height"],
  ],
  door: [["border", "Border"]],
  "double-door": [["border", "Border"]],
  "tuck-spot": [
    ["cardW", "Card, width"],
    ["cardH", "Card, height"],
    ["visible", "Shows"],
  ],
  "edge-tuck": [
    ["cardW", "Card, width"],
    ["cardH", "Card, height"],
    ["depth", "Tucked by"],
  ],
  "pull-out": [
    ["cardW", "Card, width"],
    ["cardH", "Card, height"],
  ],
  "divided-place": [],
  "gutter-band": [],
  "edge-band": [["depth", "Stuck to the leaf"]],
};

/** What of where it lies comes of what it is. */
const GIVEN: Partial<Record<MoverKind, TextOf[]>> = {
  "gutter-band": ["x"],
  "edge-band": ["x", "y", "h"],
};

/** What nothing of moves. */
const STAYING = new Set<MoverKind>(["divided-place", "gutter-band", "edge-band"]);

const SIZES: Record<MoverKind, string> = {
  chain: "Insert",
  booklet: "Insert",
  waterfall: "Card",
  accordion: "Panel",
  "fold-out": "Flap",
  door: "Door",
  "double-door": "Doors",
  "tuck-spot": "Photo in front",
  "edge-tuck": "What lies in front",
  "pull-out": "Pocket",
  "divided-place": "Card",
  "gutter-band": "Each half",
  "edge-band": "Strip",
};

/** A mover as a whole: what is worked out of it, and its few measures. */
export function MoverTicket({ album, mover }: { album: Album; mover: MoverState }) {
  return (
    <>
      <dl className="mt-2">
        {mover.facts.map((fact) => (
          <Row key={fact.name} name={fact.name}>
            <Measures text={fact.value} />
          </Row>
        ))}
      </dl>
      <MakingLinks
        album={album}
        flap={mover.id}
        strips={mover.kind === "accordion" && mover.form.pictures === "printed"}
      />
      <Measured key={`${mover.id} ${JSON.stringify(mover.form)}`} album={album} mover={mover} />
      <details className="mt-3">
        <summary className="cursor-pointer font-semibold">How it is made</summary>
        <ol className="mt-1 list-decimal pl-5">
          {mover.steps.map((step) => (
            <li key={step.text} className="py-0.5">
              <Measures text={step.text} />
              {step.noReturn && (
                <span className="block text-signal-text">No way back after this.</span>
              )}
            </li>
          ))}
        </ol>
      </details>
    </>
  );
}

/** The mover on paper: true to size, for a cutting machine, and as a model to fold first. */
export function MakingLinks({
  album,
  flap,
  strips = false,
}: {
  album: Album;
  flap: string;
  /** Whether its strips are printed with their pictures. */
  strips?: boolean;
}) {
  const base = `/api/albums/${album.id}/movers/${flap}`;
  const metric = useMetric();
  const links: [string, string][] = [
    ["plan at true size", `${base}/plan.pdf`],
    ["plan as SVG", `${base}/plan.svg`],
    ["half-size model to fold", `${base}/model.pdf?paper=${metric ? "a4" : "letter"}`],
  ];
  if (strips) {
    links.unshift(
      ["strips to print, both sides", `${base}/strips.pdf`],
      ["the same with private ones", `${base}/strips.pdf?private=true`],
    );
  }
  return (
    <p className="mt-2 flex flex-wrap gap-x-3 gap-y-1">
      {links.map(([words, href]) => (
        <a key={href} href={href} download className="underline underline-offset-2">
          {words}
        </a>
      ))}
    </p>
  );
}

function Measured({ album, mover }: { album: Album; mover: MoverState }) {
  const step = useStep(album.id);
  const { form, setForm, save, changed, wrong, wrongElse } = useMeasures<MoverForm>(
    mover.form,
    (next, refused) =>
      step("/api/albums/{id}/movers/change", { flap: mover.id, form: next }, refused),
  );
  const size = SIZES[mover.kind];
  const moves = !STAYING.has(mover.kind);
  const lying: [TextOf, string][] = [
    ["w", `${size}, width`],
    ["h", `${size}, height`],
    ["x", "From the left"],
    ["y", "From the top"],
  ];
  const fields = [
    ...lying.filter(([field]) => !GIVEN[mover.kind]?.includes(field)),
    ...FIELDS[mover.kind],
  ];
  return (
    <MeasuresForm
      label={`Measures of ${mover.name}`}
      changed={changed}
      wrong={wrongElse(fields.map(([field]) => field))}
      onSave={() => void save(form)}
    >
      {mover.kind !== "double-door" && moves && (
        <ChoiceField
          label={mover.kind === "accordion" ? "Anchored at the" : "Opens over the"}
          value={form.edge}
          onChange={(edge) => save({ ...form, edge })}
          choices={EDGES}
        />
      )}
      {mover.kind === "accordion" && (
        <ChoiceField
          label="Pulled out it shows"
          value={form.upper ?? "each"}
          onChange={(upper) => save({ ...form, upper })}
          choices={[
            ["each", "a picture on each panel"],
            ["across", "one picture over all panels"],
          ]}
        />
      )}
      {mover.kind === "accordion" && (
        <ChoiceField
          label="Pictures are"
          value={form.pictures ?? "stuck"}
          onChange={(pictures) => save({ ...form, pictures })}
          choices={[
            ["stuck", "stuck on"],
            ["printed", "printed on the strips"],
          ]}
        />
      )}
      {moves && (
        <ChoiceField
          label="Grip"
          value={form.grip ?? "none"}
          onChange={(grip) => save({ ...form, grip })}
          choices={GRIPS}
        />
      )}
      {fields.map(([field, label]) => (
        <TextField
          key={field}
          label={label}
          value={form[field] ?? ""}
          wrong={wrong(field)}
          onChange={(value) => setForm({ ...form, [field]: value })}
        />
      ))}
    </MeasuresForm>
  );
}
