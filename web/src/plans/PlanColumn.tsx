import type { Need, Plan } from "../api/types";
import { Button } from "../ui/Button";
import { Measures } from "../ui/Measures";
import { counted } from "../ui/words";
import { Sketch } from "./Sketch";

interface Props {
  plan: Plan;
  /** The widest page of all plans, in inches. */
  widest: number;
  /** Left out while what is wanted is not understood. */
  onTake: (() => void) | undefined;
}

/** One plan: its sums, what it needs, and its leaves as they would open. */
export function PlanColumn({ plan, widest, onTake }: Props) {
  const any = plan.leaves.length > 0;
  const spreads = any ? [...Array(plan.leaves.length + 1).keys()] : [];
  return (
    <section aria-label={`Plan ${plan.number}`} data-plan={plan.number} className="min-w-0">
      <h2 className="great text-[34px] leading-none">
        {any ? counted(plan.leaves.length, "leaf", "leaves") : "As it is"}
      </h2>
      <p className="mt-1 text-[15px] leading-snug font-semibold">{plan.title}</p>
      <p className="text-[13px] leading-snug text-quiet">{plan.words}</p>
      <Button strong={plan.number === 1} className="mt-2" disabled={!onTake} onClick={onTake}>
        {any ? "Lay these leaves" : "Fill the empty places"}
      </Button>
      {any && <Sums plan={plan} />}
      <ul className="mt-2 text-[12px] leading-snug">
        {[...plan.kinds, ...plan.sleeves].map((need) => (
          <NeedLine key={need.key} need={need} />
        ))}
      </ul>
      <ol className="mt-3 space-y-2">
        {spreads.map((number) => (
          <li key={number}>
            <Sketch
              left={plan.leaves[number - 1]?.back}
              right={plan.leaves[number]?.front}
              label={`spread ${number + 1}`}
              widest={widest}
            />
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What a plan comes to. */
function Sums({ plan }: { plan: Plan }) {
  return (
    <dl className="mt-3 border-b border-ink text-[13px]">
      <Sum name="Photos placed">
        {plan.photos} in {plan.places} places
      </Sum>
      {plan.inSleeves > 0 && <Sum name="In sleeves">{plan.inSleeves} more</Sum>}
      <Sum name="Picture area filled">{plan.full} %</Sum>
      <Sum name="Kept free">{plan.kept}</Sum>
      <Sum name="Pockets left over" warn={plan.empty > 0}>
        {plan.empty}
      </Sum>
      <Sum name="Cropped away">{plan.cropped} %</Sum>
      <Sum name="Badly cropped" warn={plan.forced > 0}>
        {plan.forced}
      </Sum>
      <Sum name="Without a place" warn={plan.left.length > 0}>
        {plan.left.length}
      </Sum>
    </dl>
  );
}

function Sum({
  name,
  warn,
  children,
}: {
  name: string;
  warn?: boolean;
  children: React.ReactNode;
}) {
  return (
    <div className="flex items-baseline justify-between gap-2 border-t border-hair py-[3px]">
      <dt className="text-quiet">{name}</dt>
      <dd className={`text-right font-semibold ${warn ? "text-signal-text" : ""}`}>{children}</dd>
    </div>
  );
}

function NeedLine({ need }: { need: Need }) {
  const short = need.owned !== undefined && need.owned < need.needed;
  return (
    <li>
      <strong>{need.needed} ×</strong> <Measures text={need.name} />
      {need.owned !== undefined && (
        <span className={short ? "font-semibold text-signal-text" : "text-quiet"}>
          {" "}
          · {need.owned} there{short ? `, ${need.needed - need.owned} to get` : ""}
        </span>
      )}
    </li>
  );
}
