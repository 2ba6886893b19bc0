import type { CardOfWords } from "../api/types";

/** Where a card is, in words. */
export function whereabouts(place: CardOfWords["place"]) {
  switch (place.of) {
    case "slot":
      return `${place.name}, leaf ${place.where.label}`;
    case "label":
      return place.where;
    case "nowhere":
      return "without a place";
  }
}
