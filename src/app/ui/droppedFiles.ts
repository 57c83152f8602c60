/** Files that were dropped, those of dropped folders too, in the order of their paths. @param accepts which of them */
export async function droppedFiles(
  dropped: DataTransfer,
  accepts: (name: string) => boolean,
): Promise<File[]> {
  // Entries must be asked for before anything is waited for: the list is emptied once the event is over.
  const entries = [...dropped.items].flatMap((item) => item.webkitGetAsEntry?.() ?? []);
  if (!entries.length) return [...dropped.files].filter(({ name }) => accepts(name));
  const files: { path: string; file: File }[] = [];
  for (const entry of entries) await walk(entry, accepts, files);
  const order = new Intl.Collator("en", { numeric: true });
  return files.sort((a, b) => order.compare(a.path, b.path)).map(({ file }) => file);
}

/** More files than any field or folder of posts has. */
const MOST = 5000;

async function walk(
  entry: FileSystemEntry,
  accepts: (name: string) => boolean,
  files: { path: string; file: File }[],
): Promise<void> {
  if (files.length >= MOST) return;
  if (entry.isFile) {
    if (!accepts(entry.name)) return;
    const file = await new Promise<File>((resolve, reject) =>
      (entry as FileSystemFileEntry).file(resolve, reject),
    );
    files.push({ path: entry.fullPath, file });
    return;
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  // A folder is read in pieces, until there is nothing more in it.
  for (;;) {
    const some = await new Promise<FileSystemEntry[]>((resolve, reject) =>
      reader.readEntries(resolve, reject),
    );
    if (!some.length) return;
    for (const one of some) await walk(one, accepts, files);
  }
}
