import { useCatalogue } from "../api/queries";
import type { Album } from "../api/types";
import { useStep } from "../api/useStep";
import { ChoiceField } from "../ui/TextField";

/** Which format the album is of; leaves that are wider say so. */
export function FormatField({ album }: { album: Album }) {
  const step = useStep(album.id);
  const formats = (useCatalogue().data?.entries ?? []).filter(
    (entry) => entry.kind === "format" && (!entry.gone || entry.key === album.format),
  );
  return (
    <div className="mt-6 border-t-2 border-ink pt-3">
      <ChoiceField
        label="The album is of the format"
        value={album.format ?? ""}
        onChange={(format) =>
          void step("/api/albums/{id}/format", { format: format === "" ? undefined : format })
        }
        choices={[
          ["", "no format"],
          ...formats.map((entry): [string, string] => [entry.key, entry.name]),
        ]}
      />
    </div>
  );
}
