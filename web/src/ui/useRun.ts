import { useCallback, useEffect, useState } from "react";
import { answered, api } from "../api/client";

const EVERY = 400;

/** Watches something that takes long, and stops it. */
export function useRun() {
  const [run, setRun] = useState<string | null>(null);
  const [progress, setProgress] = useState<number | null>(null);

  useEffect(() => {
    if (!run) {
      setProgress(null);
      return;
    }
    const timer = window.setInterval(async () => {
      try {
        const view = await answered(api.GET("/api/runs/{run}", { params: { path: { run } } }));
        setProgress(view.progress ?? null);
      } catch {
        setProgress(null);
      }
    }, EVERY);
    return () => window.clearInterval(timer);
  }, [run]);

  const watch = useCallback(async <T>(what: (name: string) => Promise<T>): Promise<T> => {
    const name = `run-${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 10)}`;
    setRun(name);
    try {
      return await what(name);
    } finally {
      setRun(null);
    }
  }, []);

  const stop = useCallback(() => {
    if (run) {
      void api.POST("/api/runs/{run}/stop", { params: { path: { run } } });
    }
  }, [run]);

  return { running: run !== null, progress, watch, stop };
}
