import { useState } from "react";
import { answered, api } from "../api/client";
import type { Entry } from "../api/types";
import { useCatalogueSaved } from "../api/useCatalogueSaved";
import { useNotices } from "../ui/notices";

/** How many of a kind there are; nothing where nobody counts. */
export function OwnField({ entry }: { entry: Entry }) {
  const saved = useCatalogueSaved();
  const notify = useNotices((state) => state.notify);
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? (entry.owned === undefined ? "" : String(entry.owned));

  async function save() {
    const text = shown.trim();
    setTyped(null);
    if (!/^(\d{1,3}|1000)?$/.test(text)) {
      notify(`“${text}” is not a whole number up to 1000. Leave it empty if you have not counted.`);
      return;
    }
    try {
      const catalogue = await answered(
        api.POST("/api/catalogue/{key}/owned", {
          params: { path: { key: entry.key } },
          body: { owned: text === "" ? undefined : Number(text) },
        }),
      );
      saved(catalogue);
    } catch (problem) {
      notify(problem instanceof Error ? problem.message : "That was not saved.");
    }
  }

  return (
    <input
      type="text"
      inputMode="numeric"
      aria-label={`How many “${entry.name}” you own`}
      placeholder="any"
      value={shown}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => typed !== null && save()}
      onKeyDown={(event) => {
        if (event.key === "Enter") {
          event.currentTarget.blur();
        }
      }}
      className="w-11 border border-hair bg-transparent px-1.5 py-0.5 text-right text-[12.5px]"
    />
  );
}
