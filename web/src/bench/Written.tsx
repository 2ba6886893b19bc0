import type { WrittenLine } from "../api/types";

interface Props {
  lines: WrittenLine[];
  /** The typeface, as the server calls it. */
  face: string | undefined;
  /** How many units of the drawing an inch is. */
  inch: number;
}

/** The words of a card, line by line, each as long as it was measured: the page breaks no line. */
export function Written({ lines, face, inch }: Props) {
  return (
    <>
      {lines.map((line) => (
        <text
          key={line.y}
          x={line.x * inch}
          y={line.y * inch}
          fontSize={line.size * inch}
          fontFamily={`"words ${face ?? "plain"}", sans-serif`}
          fontWeight={line.part === "heading" && face === "pen" ? 700 : 400}
          fill={line.beyond ? "#b93320" : line.part === "date" ? "#4b6066" : "#10262c"}
          textLength={line.w > 0 ? line.w * inch : undefined}
          lengthAdjust="spacingAndGlyphs"
          style={{ fontKerning: "none", fontVariantLigatures: "none" }}
        >
          {line.text}
        </text>
      ))}
    </>
  );
}

const ANGLES: Record<string, string> = {
  left: "M0.14,-0.08 L0.03,0 L0.14,0.08",
  right: "M-0.14,-0.08 L-0.03,0 L-0.14,0.08",
  top: "M-0.08,0.14 L0,0.03 L0.08,0.14",
  bottom: "M-0.08,-0.14 L0,-0.03 L0.08,-0.14",
};

interface ArrowProps {
  towards: string;
  /** The size of the card, in units of the drawing. */
  w: number;
  h: number;
  inch: number;
}

/** The arrow on a card, in the middle of the edge behind which its photo lies. */
export function ArrowOn({ towards, w, h, inch }: ArrowProps) {
  const x = towards === "left" ? 0 : towards === "right" ? w : w / 2;
  const y = towards === "top" ? 0 : towards === "bottom" ? h : h / 2;
  return (
    <path
      d={ANGLES[towards]}
      transform={`translate(${x} ${y}) scale(${inch})`}
      fill="none"
      stroke="#3b4cc0"
      strokeWidth={0.03}
    />
  );
}
