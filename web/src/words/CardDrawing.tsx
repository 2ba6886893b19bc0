import type { CardLayout, CardOfWords } from "../api/types";
import { ArrowOn, Written } from "../bench/Written";

interface Props {
  card: CardOfWords;
  layout: CardLayout;
  /** How many pixels an inch is. */
  inch: number;
}

/** A card true to scale, its words line by line as the core lays them. */
export function CardDrawing({ card, layout, inch }: Props) {
  const w = Number(card.size.w.in) * inch;
  const h = Number(card.size.h.in) * inch;
  const last = layout.lines.at(-1);
  const below = last ? (last.y + layout.letter * 0.5) * inch : 0;
  const total = Math.max(h, Math.ceil(below));
  const left = Number(card.margin.in) * inch;
  return (
    <svg
      width={w}
      height={total}
      viewBox={`0 0 ${w} ${total}`}
      aria-hidden="true"
      data-card-drawing={card.key}
      className="block overflow-visible"
    >
      {total > h && (
        <rect x={0.5} y={h} width={w - 1} height={total - h} fill="#fbe4df" opacity={0.75} />
      )}
      <rect
        x={0}
        y={0}
        width={w}
        height={h}
        fill={card.place.of === "label" ? "#eef4f6" : "#fff"}
      />
      {layout.ruling.map((y) => (
        <line
          key={y}
          x1={left * 0.6}
          x2={w - left * 0.6}
          y1={y * inch + 1}
          y2={y * inch + 1}
          stroke="#b9cbe0"
          strokeWidth={1}
        />
      ))}
      <Written
        lines={layout.lines}
        face={card.lettering.way === "hand" ? "pen" : card.lettering.face}
        inch={inch}
      />
      {card.hidden && (
        <text x={w - 6} y={13} textAnchor="end" fontSize={10} fill="#4b6066">
          private
        </text>
      )}
      <rect
        x={0.5}
        y={0.5}
        width={w - 1}
        height={h - 1}
        fill="none"
        stroke={layout.tooLong ? "var(--signal)" : "#c3cdcf"}
        strokeWidth={layout.tooLong ? 2 : 1}
      />
      {card.arrow && card.towards && <ArrowOn towards={card.towards} w={w} h={h} inch={inch} />}
    </svg>
  );
}
