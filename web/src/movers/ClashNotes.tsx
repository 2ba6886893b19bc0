import type { Album, Clash, Fix } from "../api/types";
import { useStep } from "../api/useStep";
import { Measures } from "../ui/Measures";
import { useFlaps } from "./useFlaps";

interface Props {
  album: Album;
  /** The flap, or the place of a photo, that they are about. */
  of: string;
  /** Whether only the orders in which flaps are opened are told, or only all else. */
  orders?: boolean;
}

/** Notes on things in the way of a flap, or on the photo of a place, with ways out of them. */
export function ClashNotes({ album, of, orders = false }: Props) {
  const { flaps, motion } = useFlaps(album);
  const step = useStep(album.id);
  const isOrder = (clash: Clash) =>
    clash.severity === "order" && flaps.some(({ flap }) => flap.id === clash.b);
  function take({ change }: Fix) {
    switch (change.of) {
      case "flap":
        return step("/api/albums/{id}/flaps/change", { flap: change.flap, form: change.form });
      case "mover":
        return step("/api/albums/{id}/movers/change", { flap: change.flap, form: change.form });
      case "photo":
        return step("/api/albums/{id}/swap", { from: change.from, to: change.to });
    }
  }
  return motion?.clashes
    .filter((clash) => clash.a === of || clash.b === of)
    .filter((clash) => isOrder(clash) === orders)
    .map((clash) => (
      <div key={clash.text} className="mt-2 border-l-4 border-signal pl-2">
        <p className={clash.severity === "error" ? "font-semibold" : ""}>
          <Measures text={clash.text} />
        </p>
        {clash.fixes.map((fix) => (
          <button
            key={fix.text}
            type="button"
            className="mt-0.5 block text-left font-semibold text-fold underline underline-offset-2"
            onClick={() => void take(fix)}
          >
            <Measures text={fix.text} />
          </button>
        ))}
      </div>
    ));
}
