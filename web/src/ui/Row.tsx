import type { ReactNode } from "react";
import { Key } from "./Key";

/** A name and what there is to say of it. */
export function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="flex items-baseline justify-between gap-3 border-t border-hair py-[5px]">
      <dt className="text-quiet">{name}</dt>
      <dd className="text-right font-semibold">{children}</dd>
    </div>
  );
}

/** Something that can be done, with the key that does it. */
export function Do({ name, keyName, onDo }: { name: string; keyName?: string; onDo: () => void }) {
  return (
    <button
      type="button"
      onClick={onDo}
      className="inline-flex min-h-6 items-center gap-1 underline-offset-2 hover:underline"
    >
      {keyName && <Key>{keyName}</Key>} {name}
    </button>
  );
}
