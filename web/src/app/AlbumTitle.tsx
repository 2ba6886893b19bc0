import { useState } from "react";
import type { Album } from "../api/types";
import { useStep } from "../api/useStep";

/** The album's title; a click makes it a field. */
export function AlbumTitle({ album }: { album: Album }) {
  const [draft, setDraft] = useState<string | null>(null);
  const step = useStep(album.id);

  async function finish() {
    const title = draft?.trim() ?? "";
    setDraft(null);
    if (title !== "" && title !== album.title) {
      await step("/api/albums/{id}/title", { title });
    }
  }

  return (
    <div className="min-w-0 flex-1 md:mb-3 md:flex-none md:px-4">
      <svg viewBox="0 0 32 32" aria-hidden="true" className="mb-2 hidden h-7 w-7 md:block">
        <g fill="none" stroke="currentColor" strokeWidth="2">
          <ellipse cx="16" cy="10" rx="12" ry="5" />
          <path d="M4 10v12c0 2.800 5.400 5 12 5s12-2.200 12-5V10" />
        </g>
        <ellipse cx="16" cy="10" rx="6" ry="2.300" fill="#f0654f" />
      </svg>
      {draft === null ? (
        <h1 className="text-[17px] leading-tight">
          <button
            type="button"
            className="w-full text-left [overflow-wrap:anywhere]"
            aria-label={`${album.title}, change the title`}
            onClick={() => setDraft(album.title)}
          >
            {album.title}
          </button>
        </h1>
      ) : (
        <input
          // biome-ignore lint/a11y/noAutofocus: the field takes the place of the title just clicked
          autoFocus
          aria-label="Title of the album"
          maxLength={120}
          value={draft}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={finish}
          onKeyDown={(event) => {
            if (event.key === "Enter") void finish();
            if (event.key === "Escape") setDraft(null);
          }}
          className="w-full border border-edge-quiet bg-edge px-1 text-[15px] font-bold"
        />
      )}
    </div>
  );
}
