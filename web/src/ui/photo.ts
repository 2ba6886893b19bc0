import type { Photo, PhotoMark, Size } from "../api/types";

/** When a photo was taken, in words. */
export function takenText(photo: Photo) {
  return photo.taken?.text ?? "no date";
}

export function has(photo: Photo, mark: PhotoMark) {
  return photo.marks.includes(mark);
}

export function hasFile(photo: Photo) {
  return photo.material.of !== "print";
}

/** The size of its print, if that lies on the table already. */
export function printOf(photo: Photo): Size | undefined {
  return photo.material.of === "file" ? undefined : photo.material.size;
}
