import libheif from "libheif-js/libheif-wasm/libheif.js";
import wasm from "libheif-js/libheif-wasm/libheif.wasm?url";

/** As good as it can be told from the file that it stands for. */
const QUALITY = 0.95;

export interface Decoding {
  file: Blob;
  kind: "heic" | "avif";
}

export type Decoded = { picture: Blob } | { failed: true };

let heif: ReturnType<typeof libheif> | null = null;

/** The boxes that say what the colours mean stand before the picture itself. */
const HEAD = 65_536;

/**
 * Whether the file says that its colours are those of Display P3, as phones write them: by the
 * number of its primaries (12 in ITU-T H.273), or by a colour profile of that name.
 */
async function isDisplayP3(file: Blob) {
  const head = new TextDecoder("latin1").decode(await file.slice(0, HEAD).arrayBuffer());
  const profile = head.indexOf("colrprof");
  return (
    head.includes("colrnclx\0\x0c") ||
    // Newer profiles write two bytes a letter.
    (profile >= 0 && head.slice(profile).replaceAll("\0", "").includes("Display P3"))
  );
}

async function heifPixels(file: Blob): Promise<ImageData> {
  heif ??= libheif({ wasmBinary: await (await fetch(wasm)).arrayBuffer() });
  const images = new heif.HeifDecoder().decode(new Uint8Array(await file.arrayBuffer()));
  // The first is the photo; others are of a burst, or belong to it.
  const first = images[0];
  if (!first) {
    throw new Error("no picture");
  }
  try {
    const colorSpace = (await isDisplayP3(file)) ? "display-p3" : "srgb";
    const empty = new ImageData(first.get_width(), first.get_height(), { colorSpace });
    return await new Promise<ImageData>((resolve, reject) =>
      first.display(empty, (filled) => (filled ? resolve(filled) : reject(new Error("damaged")))),
    );
  } finally {
    for (const image of images) {
      image.free();
    }
  }
}

async function drawn({ file, kind }: Decoding): Promise<OffscreenCanvas> {
  const source = kind === "heic" ? await heifPixels(file) : await createImageBitmap(file);
  const canvas = new OffscreenCanvas(source.width, source.height);
  const context = canvas.getContext("2d");
  if (!context) {
    throw new Error("no canvas");
  }
  if (source instanceof ImageData) {
    // The canvas is sRGB, so that wider colours are brought to it here.
    context.putImageData(source, 0, 0);
  } else {
    context.drawImage(source, 0, 0);
    source.close();
  }
  return canvas;
}

self.onmessage = async ({ data }: MessageEvent<Decoding>) => {
  let answer: Decoded;
  try {
    const canvas = await drawn(data);
    answer = { picture: await canvas.convertToBlob({ type: "image/jpeg", quality: QUALITY }) };
  } catch {
    answer = { failed: true };
  }
  self.postMessage(answer);
};
