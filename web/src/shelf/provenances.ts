/** Where a default comes from, in words. */
export const PROVENANCES: Record<string, string> = {
  published: "published standard",
  "common-practice": "common practice",
  "from-memory": "from memory",
};
