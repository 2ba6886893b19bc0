import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Collapsible } from "radix-ui";
import { type FormEvent, useEffect, useState } from "react";
import { answered, api, Refusal } from "../api/client";
import type { Rule } from "../api/types";
import { GreatMeasure, Measures } from "../ui/Measures";
import { PROVENANCES } from "./provenances";

const GROUPS: [string, string][] = [
  ["cutting", "Cutting"],
  ["fit", "Does it go in?"],
  ["picture", "Pictures"],
  ["line", "The line"],
  ["pages", "Plain and punched pages"],
  ["words", "Words"],
  ["paper", "Paper"],
  ["movers", "Movers"],
  ["breathing", "Breathing room"],
  ["placing", "Placing photos and choosing leaves"],
];

/** Every threshold and default of the house, by name, to be changed and put back. */
export function RulesSection() {
  const rules = useQuery({
    queryKey: ["rules"],
    queryFn: () => answered(api.GET("/api/rules")),
  });
  const [open, setOpen] = useState<string | null>(null);
  const all = rules.data?.rules ?? [];
  const changed = all.filter((rule) => rule.changed).length;
  return (
    <>
      <h1 className="text-2xl leading-tight">House rules</h1>
      <p className="mt-1 max-w-[68ch] text-[15px] text-quiet">
        Every threshold, allowance and default that is no published standard. They belong to your
        data and hold for all albums. Lengths without a unit are in inches.{" "}
        {changed === 0 ? "None is changed." : `${changed} changed by you.`}
      </p>
      {GROUPS.map(([group, title]) => (
        <section key={group} aria-label={title} className="mt-6">
          <h2 className="text-[17px]">{title}</h2>
          <ul className="mt-1 border-b border-hair bg-sheet">
            {all
              .filter((rule) => rule.group === group)
              .map((rule) => (
                <RuleLine
                  key={rule.name}
                  rule={rule}
                  open={open === rule.name}
                  onToggle={() => setOpen(open === rule.name ? null : rule.name)}
                />
              ))}
          </ul>
        </section>
      ))}
    </>
  );
}

interface LineProps {
  rule: Rule;
  open: boolean;
  onToggle: () => void;
}

function RuleLine({ rule, open, onToggle }: LineProps) {
  return (
    <Collapsible.Root asChild open={open} onOpenChange={onToggle}>
      <li
        className="border-t border-hair"
        data-rule={rule.name}
        data-changed={rule.changed || undefined}
      >
        <Collapsible.Trigger className="grid w-full grid-cols-[1fr_auto] items-baseline gap-x-4 px-4 py-2 text-left sm:grid-cols-[230px_1fr_110px]">
          <span className="font-semibold">
            {rule.changed && (
              <span
                aria-hidden="true"
                className="mr-1.5 inline-block h-2.5 w-2.5 rotate-45 bg-signal"
              />
            )}
            {rule.title}
          </span>
          <span className="order-last col-span-2 text-[13px] leading-snug text-quiet sm:order-none sm:col-span-1">
            {rule.meaning}
            <span className="block text-[12px]">
              <Measures text={rule.range} />, {PROVENANCES[rule.provenance]}
            </span>
          </span>
          <span className="text-right">
            <span className={rule.value.includes("/") ? "text-[27px]" : "text-[19px]"}>
              <GreatMeasure text={rule.value} />
            </span>
            {rule.changed && (
              <span className="block text-[12px] leading-tight text-signal-text">
                changed, was <Measures text={rule.defaultValue} />
              </span>
            )}
          </span>
        </Collapsible.Trigger>
        <Collapsible.Content>
          <RuleForm rule={rule} onDone={onToggle} />
        </Collapsible.Content>
      </li>
    </Collapsible.Root>
  );
}

/** Changes a rule; says beforehand what would read otherwise. */
function RuleForm({ rule, onDone }: { rule: Rule; onDone: () => void }) {
  const [value, setValue] = useState(rule.value.replace(/^~/, ""));
  const [refusal, setRefusal] = useState<string | null>(null);
  const queries = useQueryClient();
  const effect = useEffectOf(rule, value);

  async function send(back: boolean) {
    setRefusal(null);
    try {
      const params = { path: { name: rule.name } };
      const rules = await answered(
        back
          ? api.POST("/api/rules/{name}/back", { params })
          : api.POST("/api/rules/{name}", { params, body: { value } }),
      );
      queries.setQueryData(["rules"], rules);
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== "rules" });
      onDone();
    } catch (problem) {
      setRefusal(problem instanceof Refusal ? problem.message : "That did not work.");
    }
  }

  const wrong = refusal ?? effect.error;
  return (
    <form
      onSubmit={(event: FormEvent) => {
        event.preventDefault();
        void send(false);
      }}
      aria-label={rule.title}
      className="grid gap-4 border-t border-hair px-4 py-3 sm:grid-cols-[230px_1fr]"
    >
      <div>
        <label className="text-[13px] text-quiet">
          New value, <Measures text={rule.range} />
          <input
            value={value}
            aria-invalid={wrong !== null}
            onChange={(event) => setValue(event.target.value)}
            className="mt-0.5 w-full border border-quiet bg-sheet px-2 py-1 text-[15px] font-semibold text-ink aria-invalid:border-2 aria-invalid:border-signal"
          />
        </label>
        {wrong && (
          <p role="alert" className="mt-1 text-[13px] text-signal-text">
            {wrong}
          </p>
        )}
        <div className="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-[13.5px] font-semibold">
          <button type="submit" className="underline underline-offset-2">
            Change it
          </button>
          {rule.changed && (
            <button
              type="button"
              onClick={() => send(true)}
              className="underline underline-offset-2"
            >
              Put back to <Measures text={rule.defaultValue} />
            </button>
          )}
        </div>
      </div>
      <div className="text-[13px] leading-snug">
        <p>
          <span className="text-quiet">It touches:</span> {rule.affects}.
        </p>
        {effect.data && value.trim() !== rule.value && (
          <>
            <p className="mt-2 font-semibold">
              {effect.data.places === 0
                ? "No place in your albums would change."
                : effect.data.places === 1
                  ? "1 place in your albums would change:"
                  : `${effect.data.places} places in your albums would change:`}
            </p>
            <ul className="mt-0.5">
              {effect.data.changes.slice(0, 8).map((change) => (
                <li key={change}>
                  <Measures text={change} />
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
    </form>
  );
}

/** What a value would change, asked a moment after it was written. */
function useEffectOf(rule: Rule, value: string) {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), 250);
    return () => window.clearTimeout(timer);
  }, [value]);
  const query = useQuery({
    queryKey: ["rules", "effect", rule.name, settled],
    retry: false,
    enabled: settled.trim() !== "" && settled.trim() !== rule.value,
    queryFn: () =>
      answered(
        api.POST("/api/rules/{name}/preview", {
          params: { path: { name: rule.name } },
          body: { value: settled },
        }),
      ),
  });
  return { data: query.data, error: query.isError ? query.error.message : null };
}
