import { useEffect } from "react";
import { useNavigate } from "react-router";
import { useStep } from "../api/queries";

/** The keys that work on every stage: undo, redo, sums and the sheet of keys. */
export function useBenchKeys(id: number, showKeys: () => void) {
  const step = useStep(id);
  const navigate = useNavigate();
  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      if (isTyping(event) || event.altKey) {
        return;
      }
      const key = event.key.toLowerCase();
      if (key === "=") {
        void navigate("/sums");
      } else if (key === "s") {
        void navigate("/shelf/catalogue");
      } else if (key === "?") {
        showKeys();
      } else if (key === "z" && event.shiftKey) {
        void step("/api/albums/{id}/redo", {});
      } else if (key === "z") {
        void step("/api/albums/{id}/undo", {});
      } else if (key === "y") {
        void step("/api/albums/{id}/redo", {});
      } else {
        return;
      }
      event.preventDefault();
    }
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [step, showKeys, navigate]);
}

/** Whether a key goes into a field or belongs to an open sheet. */
export function isTyping(event: KeyboardEvent) {
  const target = event.target as HTMLElement | null;
  return (
    target?.closest(
      "input, textarea, select, [role='dialog'], [role='alertdialog'], [contenteditable='true']",
    ) != null
  );
}
