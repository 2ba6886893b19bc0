import { useEffect } from "react";
import { useNavigate } from "react-router";
import { useStep } from "../api/useStep";
import { deedOf, isTyping } from "../ui/keys";

/** The keys that work on every stage: undo, redo, sums, the shelf and the sheet of keys. */
export function useBenchKeys(id: number, showKeys: () => void) {
  const step = useStep(id);
  const navigate = useNavigate();
  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      if (isTyping(event)) {
        return;
      }
      const back = event.shiftKey && event.key.toLowerCase() === "z";
      switch (deedOf(event, "everywhere")) {
        case "sums":
          void navigate("/sums");
          break;
        case "shelf":
          void navigate("/shelf/catalogue");
          break;
        case "keys":
          showKeys();
          break;
        case "undo":
          void step(back ? "/api/albums/{id}/redo" : "/api/albums/{id}/undo", {});
          break;
        case "redo":
          void step("/api/albums/{id}/redo", {});
          break;
        default:
          return;
      }
      event.preventDefault();
    }
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [step, showKeys, navigate]);
}
