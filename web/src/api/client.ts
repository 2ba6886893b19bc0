import createClient from "openapi-fetch";
import type { paths } from "./schema";
import type { Problem } from "./types";

export const api = createClient<paths>({ baseUrl: "/" });

/** Something the server refused, with its own words for it. */
export class Refusal extends Error {
  readonly status: number;
  readonly field: string | undefined;
  readonly lost: string[] | undefined;

  constructor(problem: Problem, status: number) {
    super(problem.detail ?? problem.title ?? "That did not work. Nothing was changed.");
    this.status = status;
    this.field = problem.field;
    this.lost = problem.lost;
  }
}

const NO_ANSWER =
  "Drum Nest does not answer. What it confirmed is kept; start it again and this page goes on.";

/** The data of an answer, or a refusal that can be shown. */
export async function answered<T>(
  asked: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let answer: { data?: T; error?: unknown; response: Response };
  try {
    answer = await asked;
  } catch {
    throw new Refusal({ detail: NO_ANSWER }, 0);
  }
  if (answer.data === undefined) {
    throw new Refusal((answer.error ?? {}) as Problem, answer.response.status);
  }
  return answer.data;
}
