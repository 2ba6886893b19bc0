import type { ButtonHTMLAttributes } from "react";

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** The one thing to do next is strong; everything else is plain. */
  strong?: boolean;
}

/** A button with words. */
export function Button({ strong = false, className = "", ...rest }: Props) {
  const look = strong
    ? "bg-ink text-mat hover:bg-ink/85 border-ink"
    : "border-hair hover:border-ink bg-transparent";
  return (
    <button
      type="button"
      {...rest}
      className={`inline-flex min-h-8 items-center gap-2 border px-3 py-1 font-semibold disabled:cursor-default disabled:opacity-45 ${look} ${className}`}
    />
  );
}
