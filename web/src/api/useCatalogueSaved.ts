import { useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import type { Catalogue } from "./types";

/** Takes in the catalogue as it is after a change; all that may depend on it is asked for anew. */
export function useCatalogueSaved() {
  const queries = useQueryClient();
  return useCallback(
    (catalogue: Catalogue) => {
      queries.setQueryData(["catalogue"], catalogue);
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== "catalogue" });
    },
    [queries],
  );
}
