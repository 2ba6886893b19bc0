import type { Decoded, Decoding } from "./decode.worker";

const HEAD = 12;

/** The kind of a file that the server does not decode; null for all others. */
async function kindOf(file: File): Promise<Decoding["kind"] | null> {
  const head = new Uint8Array(await file.slice(0, HEAD).arrayBuffer());
  const text = String.fromCharCode(...head);
  if (text.slice(4, 8) !== "ftyp") {
    return null;
  }
  const brand = text.slice(8);
  return /^(hei[cxms]|hev[cxms]|mif1|msf1)$/.test(brand)
    ? "heic"
    : /^avi[fs]$/.test(brand)
      ? "avif"
      : null;
}

/**
 * The picture of a file that the server does not decode, upright, as a JPEG file; null for files
 * that it does. A worker decodes one at a time, and goes when it is done or no longer wanted.
 *
 * @throws DecodeFailure if it cannot be decoded
 */
export async function rendition(file: File, signal: AbortSignal): Promise<Blob | null> {
  const kind = await kindOf(file);
  if (!kind) {
    return null;
  }
  const worker = new Worker(new URL("./decode.worker.ts", import.meta.url), { type: "module" });
  try {
    const decoded = await new Promise<Decoded>((resolve, reject) => {
      signal.addEventListener("abort", () => reject(signal.reason));
      worker.onmessage = ({ data }: MessageEvent<Decoded>) => resolve(data);
      worker.onerror = () => resolve({ failed: true });
      worker.postMessage({ file, kind } satisfies Decoding);
    });
    if ("failed" in decoded) {
      throw new DecodeFailure();
    }
    return decoded.picture;
  } finally {
    worker.terminate();
  }
}

/** A file that says what it is and cannot be decoded. */
export class DecodeFailure extends Error {
  constructor() {
    super("It cannot be decoded; it seems to be damaged. Save it as JPEG and bring that.");
  }
}
