import type { ReactNode } from "react";

/** A key of the keyboard. */
export function Key({ children }: { children: ReactNode }) {
  return (
    <kbd className="inline-block min-w-[1.5em] rounded-[3px] border border-current/35 px-1 text-center font-sans text-[11px] leading-[1.45] font-semibold">
      {children}
    </kbd>
  );
}
