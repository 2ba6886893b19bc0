/** Where a default comes from, in words. */
export const MARKS: Record<string, string> = {
  published: "published standard",
  "common-practice": "common practice",
  "from-memory": "from memory",
};
