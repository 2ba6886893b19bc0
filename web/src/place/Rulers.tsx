interface Props {
  /** Pixels to an inch. */
  inch: number;
  /** The widths of the pages, in inches; each is measured from its own left edge. */
  pages: number[];
  /** The height, in inches. */
  down: number;
  /** Where the spread begins, in pixels. */
  offset: number;
}

const HALF = 0.5;

/** Rulers in inches along the top, page by page, and along the left edge. */
export function Rulers({ inch, pages, down, offset }: Props) {
  let start = 0;
  const tops = pages.map((width) => {
    const page = { start, width };
    start += width;
    return page;
  });
  return (
    <svg
      aria-hidden="true"
      className="pointer-events-none absolute inset-0 h-full w-full overflow-visible text-quiet"
      fontSize="10.500"
    >
      {tops.map((page) => (
        <g key={page.start}>
          {marks(page.width).map((at) => {
            const x = offset + inch * (page.start + at);
            return (
              <g key={at}>
                <line
                  x1={x}
                  x2={x}
                  y1={offset - length(at)}
                  y2={offset - 2}
                  stroke="currentColor"
                  strokeWidth="0.800"
                />
                {Number.isInteger(at) && (page.start === 0 || at > 0) && (
                  <text x={x} y={offset - 12} textAnchor="middle" fill="currentColor">
                    {at}
                  </text>
                )}
              </g>
            );
          })}
        </g>
      ))}
      {marks(down).map((at) => {
        const y = offset + inch * at;
        return (
          <g key={at}>
            <line
              x1={offset - length(at)}
              x2={offset - 2}
              y1={y}
              y2={y}
              stroke="currentColor"
              strokeWidth="0.800"
            />
            {Number.isInteger(at) && at > 0 && (
              <text x={offset - 12} y={y + 3.5} textAnchor="end" fill="currentColor">
                {at}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}

function marks(length: number) {
  return Array.from({ length: length / HALF + 1 }, (_, i) => i * HALF);
}

function length(at: number) {
  return Number.isInteger(at) ? 10 : 6;
}
