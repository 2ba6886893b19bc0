import type { TitleOfAlbum } from "../api/types";
import { pictureUrl } from "../ui/Picture";

type Letter = TitleOfAlbum["letters"][number];

/** The capitals of our typeface as a share of its size. */
const CAPITALS = 0.71;
const MARGIN = 8;

/** A title on its ruler: each letter where it begins, a missing one as an outline. */
export function TitleDrawing({ title, width }: { title: TitleOfAlbum; width: number }) {
  return title.stacked ? <Stacked title={title} /> : <Along title={title} width={width} />;
}

function Along({ title, width }: { title: TitleOfAlbum; width: number }) {
  const run = Number(title.run.in);
  const long = Math.max(run, Number(title.length.in), 0.1);
  const first = Math.min(0, ...title.letters.map((letter) => letter.start));
  const inch = Math.min(70, (width - 3 * MARGIN) / (long - first));
  const tall = Math.min(title.height * inch, 110);
  const foot = tall + MARGIN;
  return (
    <svg
      width={width}
      height={foot + 34}
      viewBox={`${first * inch - MARGIN} 0 ${width} ${foot + 34}`}
      role="img"
      aria-label={`${title.text}, ${title.said}`}
      className="block max-w-full"
    >
      <rect x={0} y={0} width={run * inch} height={foot} fill="#fff" stroke="#c3cdcf" />
      <line x1={0} x2={run * inch} y1={foot} y2={foot} stroke="#3b4cc0" strokeDasharray="5 4" />
      {seen(title).map((letter) => {
        const x = letter.start * inch;
        const w = Math.max(letter.extent * inch, 1);
        return (
          <g key={letter.start}>
            <Shape letter={letter} title={title} x={x} foot={foot} w={w} tall={tall} />
            <line
              x1={x}
              x2={x}
              y1={foot}
              y2={foot + 10}
              stroke={letter.measured ? "var(--ink)" : "var(--signal)"}
              strokeWidth={2}
            />
          </g>
        );
      })}
      {inches(run).map((mark) => (
        <g key={mark}>
          <line
            x1={mark * inch}
            x2={mark * inch}
            y1={foot + 12}
            y2={foot + 20}
            stroke="var(--quiet)"
          />
          <text x={mark * inch} y={foot + 32} fontSize={11} fill="var(--quiet)" textAnchor="middle">
            {mark}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** Letters below each other, beside the photo down whose side they run. */
function Stacked({ title }: { title: TitleOfAlbum }) {
  const run = Number(title.run.in);
  const long = Math.max(run, Number(title.length.in), 0.1);
  const first = Math.min(0, ...title.letters.map((letter) => letter.start));
  const inch = Math.min(44, 250 / (long - first));
  const across = title.height * inch;
  const left = 34;
  const height = (long - first) * inch + 2 * MARGIN;
  return (
    <span className="flex items-start gap-3">
      <svg
        width={left + across + 2 * MARGIN}
        height={height}
        viewBox={`0 ${first * inch - MARGIN} ${left + across + 2 * MARGIN} ${height}`}
        role="img"
        aria-label={`${title.text}, ${title.said}`}
        className="block"
      >
        <rect
          x={left}
          y={0}
          width={across + MARGIN}
          height={run * inch}
          fill="#fff"
          stroke="#c3cdcf"
        />
        {seen(title).map((letter) => {
          const tall = Math.max(letter.extent * inch, 1);
          const y = letter.start * inch;
          return (
            <g key={letter.start}>
              <Shape
                letter={letter}
                title={title}
                x={left + MARGIN / 2}
                foot={y + tall}
                w={across}
                tall={tall}
              />
              <line x1={left - 8} x2={left} y1={y} y2={y} stroke="var(--ink)" strokeWidth={2} />
            </g>
          );
        })}
        {inches(run).map((mark) => (
          <text
            key={mark}
            x={18}
            y={mark * inch + 4}
            fontSize={11}
            fill="var(--quiet)"
            textAnchor="end"
          >
            {mark}
          </text>
        ))}
      </svg>
      {title.about && (
        <img
          src={pictureUrl(title.about, "small")}
          alt=""
          className="mt-2 block max-h-[250px] max-w-[300px] bg-white outline-3 outline-white outline-solid"
        />
      )}
    </span>
  );
}

interface ShapeProps {
  letter: Letter;
  title: TitleOfAlbum;
  x: number;
  foot: number;
  w: number;
  tall: number;
}

function Shape({ letter, title, x, foot, w, tall }: ShapeProps) {
  if (letter.missing) {
    return (
      <rect
        x={x + 1}
        y={foot - tall}
        width={Math.max(w - 2, 2)}
        height={tall - 1}
        fill="none"
        stroke="var(--signal)"
        strokeWidth={2}
        strokeDasharray="4 3"
      />
    );
  }
  return (
    <text
      x={x}
      y={foot - 1}
      fontSize={tall / CAPITALS}
      textLength={w}
      lengthAdjust="spacingAndGlyphs"
      fontWeight={letter.fromSecond ? 400 : 800}
      fill={title.colour === "#ffffff" ? "#9aa9ad" : title.colour}
    >
      {letter.text}
    </text>
  );
}

function seen(title: TitleOfAlbum) {
  return title.letters.filter((letter) => letter.text.trim() !== "");
}

function inches(run: number) {
  return Array.from({ length: Math.floor(run) + 1 }, (_, mark) => mark);
}
