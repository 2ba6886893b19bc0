/** The files of a drop, those in dropped folders among them; hidden files are left out. */
export async function droppedFiles(data: DataTransfer): Promise<File[]> {
  const entries = Array.from(data.items)
    .map((item) => item.webkitGetAsEntry())
    .filter((entry) => entry !== null);
  // What was dragged from within a page comes as files without entries.
  const files = Array.from(data.files);
  const found = await Promise.all(entries.map(filesOf));
  return visible(entries.length > 0 ? found.flat() : files);
}

/** Files in the order of their names, without the hidden ones that systems leave in folders. */
export function visible(files: File[]): File[] {
  return files
    .filter((file) => !file.name.startsWith("."))
    .sort((a, b) => a.name.localeCompare(b.name, "en", { numeric: true }));
}

async function filesOf(entry: FileSystemEntry): Promise<File[]> {
  if (entry.isFile) {
    return [await fileOf(entry as FileSystemFileEntry)];
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const files: File[] = [];
  // A reader gives a folder's entries in portions, and an empty one at the end.
  for (;;) {
    const portion = await new Promise<FileSystemEntry[]>((resolve, reject) =>
      reader.readEntries(resolve, reject),
    );
    if (portion.length === 0) {
      return files;
    }
    files.push(...(await Promise.all(portion.map(filesOf))).flat());
  }
}

function fileOf(entry: FileSystemFileEntry): Promise<File> {
  return new Promise((resolve, reject) => entry.file(resolve, reject));
}
