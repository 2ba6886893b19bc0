import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Refusal } from "../api/client";
import type { Problem } from "../api/types";
import { useRun } from "../ui/useRun";

export interface Shape {
  kind: "room" | "piece" | "cover" | "mark" | "open" | "glue";
  x: number;
  y: number;
  w: number;
  h: number;
}

export interface Answer {
  working?: string;
  drawing?: Shape[];
  [part: string]: unknown;
}

const PAUSE = 200;

/** The answer to a question, asked again a moment after it was changed. */
export function useAnswer(name: string, asked: Record<string, unknown>) {
  const text = JSON.stringify(asked);
  const [settled, setSettled] = useState({ name, text });
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled({ name, text }), PAUSE);
    return () => window.clearTimeout(timer);
  }, [name, text]);
  const current = settled.name === name ? settled.text : text;
  const { progress, watch, stop } = useRun();
  const answer = useQuery<Answer, Refusal>({
    queryKey: ["sum", name, current],
    retry: false,
    placeholderData: (previous, query) =>
      query?.queryKey[1] === name ? keepPreviousData(previous) : undefined,
    queryFn: () => watch((run) => ask(name, run, current)),
  });
  return { ...answer, progress, stop };
}

async function ask(name: string, run: string, body: string): Promise<Answer> {
  let response: Response;
  try {
    response = await fetch(`/api/sums/${name}?run=${run}`, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body,
    });
  } catch {
    throw new Refusal({ detail: "Drum Nest does not answer. Start it again." }, 0);
  }
  if (!response.ok) {
    throw new Refusal((await response.json()) as Problem, response.status);
  }
  return (await response.json()) as Answer;
}
