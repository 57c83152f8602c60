/**
 * Zip files, in and out (APPNOTE 6.3.10), entry by entry from and to blobs, so that a large one need not be in memory whole. Each entry's
 * CRC-32 is checked, and nothing is unpacked beyond what was declared and allowed. For workers: none is started from here.
 */

import {
  BlobReader,
  BlobWriter,
  configure,
  type FileEntry,
  TextReader,
  Uint8ArrayReader,
  Writer,
  ZipReader,
  ZipWriter,
} from "@zip.js/zip.js/index-native.js";
import { messageOf } from "../core/messageOf";

configure({ useWebWorkers: false });

export interface ZipItem {
  name: string;
  content: Blob | Uint8Array | string;
}

/** Told how many bytes are done, of how many. */
export type Progress = (done: number, of: number) => void;

/** What is packed already: to deflate it again costs time and gains nothing. */
const PACKED = /\.(?:jpe?g|png|webp|avif|gif|zip|docx)$/i;
const sizeOf = ({ content }: ZipItem): number => (content instanceof Blob ? content.size : content.length);

/**
 * Packs files in their order.
 *
 * @param when stands as the time of each; a file packed twice is then the same to the byte
 */
export async function pack(
  items: readonly ZipItem[],
  onProgress: Progress = () => {},
  when?: Date,
): Promise<Blob> {
  const total = items.reduce((sum, item) => sum + sizeOf(item), 0);
  const writer = new ZipWriter(new BlobWriter("application/zip"), {
    // Old stamps and flags that only some systems read.
    extendedTimestamp: false,
    ...(when && { lastModDate: when }),
  });
  let done = 0;
  for (const item of items) {
    const { name, content } = item;
    const reader =
      content instanceof Blob
        ? new BlobReader(content)
        : typeof content === "string"
          ? new TextReader(content)
          : new Uint8ArrayReader(content);
    await writer.add(name, reader, { level: PACKED.test(name) ? 0 : 6 });
    done += sizeOf(item);
    onProgress(done, total);
  }
  return writer.close();
}

export interface ZipBounds {
  /** Entries that are taken at most. */
  entries: number;
  /** Bytes that all of them may come to. */
  bytes: number;
}

/** A zip cannot be taken at all. The message says why. */
export class ZipError extends Error {
  override name = "ZipError";
}

export interface Damaged {
  name: string;
  why: string;
}

export interface Unpacked {
  /** Whole entries by their name. */
  entries: Map<string, Uint8Array>;
  /** Entries that could not be read, or are not what they were. */
  damaged: Damaged[];
}

/**
 * Unpacks a zip.
 *
 * @param accepts which entries are unpacked; all count towards the bounds
 * @throws ZipError where it is none, or more than may be taken
 */
export async function unpack(
  file: Blob,
  bounds: ZipBounds,
  accepts: (name: string) => boolean = () => true,
  onProgress: Progress = () => {},
): Promise<Unpacked> {
  const reader = new ZipReader(new BlobReader(file));
  const list: FileEntry[] = [];
  try {
    let declared = 0;
    for await (const entry of reader.getEntriesGenerator()) {
      declared += entry.uncompressedSize;
      if (declared > bounds.bytes) throw new ZipError(`It unpacks to more than ${megabytes(bounds.bytes)}.`);
      if (entry.directory) continue;
      if (list.push(entry) > bounds.entries)
        throw new ZipError(`It holds more than ${bounds.entries.toLocaleString("en")} files.`);
    }
  } catch (error) {
    if (error instanceof ZipError) throw error;
    throw new ZipError("It is not a zip file, part of it is missing, or a name in it leads outside it.");
  }
  const entries = new Map<string, Uint8Array>();
  const damaged: Damaged[] = [];
  const taken = list.filter(({ filename }) => accepts(filename));
  const total = taken.reduce((sum, { uncompressedSize }) => sum + uncompressedSize, 0);
  let done = 0;
  for (const entry of taken) {
    const { filename: name } = entry;
    const why = faultOfName(name) ?? (entries.has(name) ? "there are two of this name" : null);
    if (why) damaged.push({ name: shownName(name), why });
    else
      try {
        entries.set(name, await bytesOf(entry));
      } catch (error) {
        damaged.push({ name: shownName(name), why: whyOf(error) });
      }
    done += entry.uncompressedSize;
    onProgress(done, total);
  }
  return { entries, damaged };
}

const megabytes = (bytes: number): string =>
  bytes >= 1e9 ? `${Math.round(bytes / 1e8) / 10} GB` : `${Math.round(bytes / 1e6)} MB`;

/** Writes into memory as much as was declared; what gives more is made to fill it. */
class Bounded extends Writer<Uint8Array> {
  readonly #bytes: Uint8Array;
  #at = 0;

  constructor(size: number) {
    super();
    this.#bytes = new Uint8Array(size);
  }
  override async writeUint8Array(piece: Uint8Array): Promise<void> {
    if (this.#at + piece.length > this.#bytes.length) throw new Error("Invalid uncompressed size");
    this.#bytes.set(piece, this.#at);
    this.#at += piece.length;
  }
  override async getData(): Promise<Uint8Array> {
    if (this.#at !== this.#bytes.length) throw new Error("Invalid uncompressed size");
    return this.#bytes;
  }
}

const bytesOf = (entry: FileEntry): Promise<Uint8Array> =>
  entry.getData(new Bounded(entry.uncompressedSize), { checkSignature: true });

function whyOf(error: unknown): string {
  const message = messageOf(error);
  if (/CRC32|signature/i.test(message)) return "its bytes are not those that were packed";
  if (/size/i.test(message)) return "it is larger or smaller than it says";
  if (/encrypt|password/i.test(message)) return "it is locked with a password";
  return "it cannot be unpacked";
}

/** Why an entry of this name is ignored; null where it is good. Names go to screens and file systems. */
function faultOfName(name: string): string | null {
  if (!name.isWellFormed()) return "its name is not text";
  // biome-ignore lint/suspicious/noControlCharactersInRegex: what it looks for
  if (/[\u0000-\u001f\u007f-\u009f\u202a-\u202e\u2066-\u2069]/.test(name))
    return "its name has invisible characters";
  if (/^[/\\]|^[a-z]:|(?:^|[/\\])\.\.(?:[/\\]|$)/i.test(name)) return "its name leads out of the file";
  return null;
}

const shownName = (name: string): string =>
  name
    .toWellFormed()
    // biome-ignore lint/suspicious/noControlCharactersInRegex: what must not be shown
    .replace(/[\u0000-\u001f\u007f-\u009f\u202a-\u202e\u2066-\u2069]/g, "\ufffd")
    .slice(0, 200);
