import type { Album, FlapFix } from "../api/types";
import { useStep } from "../api/useStep";
import { Measures } from "../ui/Measures";
import { useFlaps } from "./useFlaps";

/** Notes on things in the way of a flap, or on the photo of a place, with ways out of them. */
export function ClashNotes({ album, of }: { album: Album; of: string }) {
  const { motion } = useFlaps(album);
  const step = useStep(album.id);
  function take({ flap, form, moverForm }: FlapFix) {
    if (moverForm) {
      void step("/api/albums/{id}/movers/change", { flap, form: moverForm });
    } else if (form) {
      void step("/api/albums/{id}/flaps/change", { flap, form });
    }
  }
  return motion?.clashes
    .filter((clash) => clash.a === of || clash.b === of)
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
            onClick={() => take(fix)}
          >
            <Measures text={fix.text} />
          </button>
        ))}
      </div>
    ));
}
