interface Props {
  /** Pixels to an inch. */
  inch: number;
  /** Where each page begins and how wide it is, in inches; each has its own zero. */
  pages: { start: number; width: number }[];
  /** The height, in inches. */
  down: number;
  /** Where the spread begins, in pixels. */
  offset: number;
  /** Whether the marks are centimetres rather than inches. */
  metric?: boolean;
}

const HALF = 0.5;

/** How far the marks at the left keep from the page, past which leaves below it show. */
const CLEAR = 4;

const INCH = 2.54;

/** Rulers along the top, page by page, and along the left edge. */
export function Rulers({ inch: pixels, pages, down: inchesDown, offset, metric }: Props) {
  const unit = metric ? INCH : 1;
  const inch = pixels / unit;
  const down = inchesDown * unit;
  const every = inch < 18 ? 2 : 1;
  const tops = pages.map((page) => ({ start: page.start * unit, width: page.width * unit }));
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
                {at % every === 0 && (
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
              x1={offset - length(at) - CLEAR}
              x2={offset - 2 - CLEAR}
              y1={y}
              y2={y}
              stroke="currentColor"
              strokeWidth="0.800"
            />
            {at % every === 0 && at > 0 && (
              <text x={offset - 12 - CLEAR} y={y + 3.5} textAnchor="end" fill="currentColor">
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
  return Array.from({ length: Math.floor(length / HALF) + 1 }, (_, i) => i * HALF);
}

function length(at: number) {
  return Number.isInteger(at) ? 10 : 6;
}
