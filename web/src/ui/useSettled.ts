import { useEffect, useState } from "react";

const PAUSE = 250;

/** A value that has stayed the same for a moment. */
export function useSettled<T>(value: T) {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), PAUSE);
    return () => window.clearTimeout(timer);
  }, [value]);
  return settled;
}
