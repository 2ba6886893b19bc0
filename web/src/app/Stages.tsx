import { NavLink, useLocation } from "react-router";
import type { Album } from "../api/types";

interface Props {
  album: Album;
  stage: string;
}

/** The stages as words, each with what is done and what is missing. */
export function Stages({ album, stage }: Props) {
  const { counts } = album;
  const { search } = useLocation();
  const stages = [
    { key: "gather", name: "Gather", state: gathered(counts.onLine, counts.withoutDate) },
    { key: "leaves", name: "Leaves", state: leaves(album.leaves.length) },
    { key: "place", name: "Place", state: `${counts.placed} of ${counts.slots} places` },
    { key: "words", name: "Words", state: worded(counts) },
    { key: "make", name: "Make", state: made(counts) },
  ];
  return (
    <nav
      aria-label="Stages"
      className="order-last flex basis-full flex-wrap gap-1 md:order-none md:basis-auto md:flex-col md:gap-0"
    >
      {stages.map(({ key, name, state }) => (
        <NavLink
          key={key}
          to={{ pathname: `/albums/${album.id}/${key}`, search }}
          aria-current={stage === key ? "page" : undefined}
          className="group px-3 py-1.5 aria-[current=page]:bg-mat aria-[current=page]:text-ink md:mb-0.5 md:py-2 md:pr-2 md:pl-4 md:aria-[current=page]:ml-1.5 md:aria-[current=page]:pl-2.5"
        >
          <span className="block text-[15px] leading-tight font-semibold [font-stretch:108%]">
            {name}
          </span>
          <span className="hidden text-xs text-edge-quiet group-aria-[current=page]:text-quiet md:block">
            {state}
          </span>
        </NavLink>
      ))}
    </nav>
  );
}

function leaves(count: number) {
  return count === 0 ? "none yet" : count === 1 ? "1 leaf" : `${count} leaves`;
}

function gathered(onLine: number, withoutDate: number) {
  if (onLine === 0) {
    return "no photos yet";
  }
  return withoutDate > 0 ? `${onLine}, ${withoutDate} undated` : `${onLine} on the line`;
}

function worded({ cards, cardsTooLong, titles }: Album["counts"]) {
  if (cards + titles === 0) {
    return "nothing written";
  }
  const count = cards === 1 ? "1 card" : `${cards} cards`;
  return cardsTooLong > 0 ? `${count}, ${cardsTooLong} too long` : count;
}

function made({ placed, toOrder, trims }: Album["counts"]) {
  if (placed === 0) {
    return "not begun";
  }
  return trims > 0 ? `${toOrder} to order, ${trims} to trim` : `${toOrder} to order`;
}
