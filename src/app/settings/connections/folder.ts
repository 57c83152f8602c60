/** A folder that a person has chosen (File System Access). Not every browser can. */
import type { ZipItem } from "../../../data/zip";

type Picker = (options: { mode: "readwrite"; id: string }) => Promise<FileSystemDirectoryHandle>;
const picker = (): Picker | undefined => (window as { showDirectoryPicker?: Picker }).showDirectoryPicker;

export const canWriteFolders = (): boolean => picker() !== undefined;

/** @returns null where nobody chose one */
export async function chooseFolder(): Promise<FileSystemDirectoryHandle | null> {
  try {
    return (await picker()?.call(window, { mode: "readwrite", id: "site" })) ?? null;
  } catch (error) {
    if (error instanceof DOMException && error.name === "AbortError") return null;
    throw error;
  }
}

/** Writes files; what else is in the folder stays. */
export async function writeFolder(
  folder: FileSystemDirectoryHandle,
  items: readonly ZipItem[],
): Promise<void> {
  for (const { name, content } of items) {
    const parts = name.split("/");
    let place = folder;
    for (const part of parts.slice(0, -1)) place = await place.getDirectoryHandle(part, { create: true });
    const file = await place.getFileHandle(parts.at(-1)!, { create: true });
    const stream = await file.createWritable();
    await stream.write(content as FileSystemWriteChunkType);
    await stream.close();
  }
}
