import { rendition } from "./decode";

/** What a chooser of photo files offers. */
export const PHOTO_FILES =
  "image/jpeg,image/png,image/webp,image/tiff,image/gif,image/heic,image/heif,image/avif,.heic,.heif,.avif";

/**
 * Sends a photo file as it is; behind one that the server does not decode goes its picture.
 *
 * @throws DecodeFailure if it is such a file and cannot be decoded
 */
export async function sendPhoto(album: number, file: File, name: string, signal: AbortSignal) {
  const picture = await rendition(file, signal);
  const behind = picture ? `&rendition=${picture.size}` : "";
  return fetch(`/api/albums/${album}/photos?name=${encodeURIComponent(name)}${behind}`, {
    method: "POST",
    headers: { "Content-Type": "application/octet-stream" },
    body: picture ? new Blob([file, picture]) : file,
    signal,
  });
}
