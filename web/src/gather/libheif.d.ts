declare module "libheif-js/libheif-wasm/libheif.js" {
  /** A picture of a HEIF file, turned upright as the file says. */
  interface HeifImage {
    get_width(): number;
    get_height(): number;
    /** Fills in its pixels, red, green, blue, opacity; calls with null where it cannot be decoded. */
    display(into: ImageData, then: (filled: ImageData | null) => void): void;
    free(): void;
  }

  interface Heif {
    HeifDecoder: new () => { decode(file: Uint8Array): HeifImage[] };
  }

  export default function libheif(options: { wasmBinary: ArrayBuffer }): Heif;
}
