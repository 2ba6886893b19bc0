import { useMetric } from "../api/queries";
import type { Album, MoverState } from "../api/types";
import { Measures } from "../ui/Measures";
import { Row } from "../ui/Row";
import { MoverMeasures } from "./MoverMeasures";

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
        strips={mover.form.made.is === "accordion" && mover.form.made.pictures === "printed"}
      />
      <MoverMeasures
        key={`${mover.id} ${JSON.stringify(mover.form)}`}
        album={album}
        mover={mover}
      />
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
  const paper = useMetric() ? "a4" : "letter";
  const links: [string, string][] = [
    ["plan at true size", `${base}/plan.pdf?paper=${paper}`],
    ["plan, each piece on a page of its own", `${base}/plan.pdf`],
    ["plan as SVG", `${base}/plan.svg`],
    ["half-size model to fold", `${base}/model.pdf?paper=${paper}`],
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
