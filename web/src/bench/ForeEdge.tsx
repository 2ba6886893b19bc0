import type { Album } from "../api/types";

/** The album seen from its edge: its leaves as slabs, the open spread between them. */
export function ForeEdge({ album }: { album: Album }) {
  return (
    <div className="hidden md:block md:px-4" role="img" aria-label={spoken(album)}>
      <div className="mb-1 text-xs text-edge-quiet">Open between</div>
      <div className="-mr-4 flex flex-col-reverse gap-[3px]">
        {album.leaves.map((leaf) => (
          <div key={leaf.number} className="flex items-center gap-2">
            <span className="w-3 text-xs font-semibold">{leaf.number}</span>
            <span
              className="flex flex-1 flex-col justify-center gap-[2px] bg-paper px-1 py-[3px]"
              title={`Leaf ${leaf.number}: ${leaf.pattern}, ${leaf.held} of ${leaf.pockets} pockets filled`}
            >
              {Array.from({ length: Math.max(1, Math.ceil(leaf.held / 3)) }, (_, sheet) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: the sheets are all alike
                <span key={sheet} className="block h-px bg-[#8ea4a9]" />
              ))}
            </span>
          </div>
        ))}
      </div>
    </div>
  );
}

function spoken(album: Album) {
  return album.leaves
    .map((leaf) => `Leaf ${leaf.number}, ${leaf.pattern}, ${leaf.held} of ${leaf.pockets} filled`)
    .join("; ");
}
