/** A verdict as a shape of its own, so that it never depends on colour alone. */
export function VerdictMark({ verdict }: { verdict: string }) {
  return (
    <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true" className="shrink-0">
      {mark(verdict)}
    </svg>
  );
}

function mark(verdict: string) {
  switch (verdict) {
    case "on-a-card":
      return (
        <g fill="none" stroke="var(--fits)">
          <rect x="2" y="2" width="16" height="16" strokeWidth="2" />
          <rect x="5" y="7" width="10" height="6" fill="var(--fits)" stroke="none" />
        </g>
      );
    case "snug":
    case "covers":
      return (
        <g fill="none" stroke="var(--fits)">
          <rect x="2" y="2" width="16" height="16" strokeWidth="3" />
          <rect x="6" y="6" width="8" height="8" fill="var(--fits)" stroke="none" />
        </g>
      );
    case "tight":
      return (
        <g>
          <rect
            x="2"
            y="2"
            width="16"
            height="16"
            fill="none"
            stroke="var(--signal)"
            strokeWidth="2"
          />
          <rect x="3.5" y="5" width="13" height="10" fill="var(--signal)" />
        </g>
      );
    case "too-big":
      return (
        <g>
          <rect
            x="5"
            y="5"
            width="10"
            height="10"
            fill="none"
            stroke="var(--ink)"
            strokeWidth="2"
          />
          <rect x="1" y="7.500" width="18" height="5" fill="var(--signal)" />
        </g>
      );
    default:
      return (
        <g fill="none" stroke="var(--fold)">
          <rect x="2" y="2" width="16" height="16" strokeWidth="2" />
          <rect x="4" y="8" width="6" height="6" fill="var(--fold)" stroke="none" />
        </g>
      );
  }
}

const WORDS: Record<string, string> = {
  snug: "Snug",
  covers: "Covers its mount",
  "on-a-card": "Whole on a card",
  tight: "Tight",
  loose: "Loose",
  "too-big": "Too big",
};

/** A verdict as a word. */
export function verdictWord(verdict: string) {
  return WORDS[verdict] ?? verdict;
}
