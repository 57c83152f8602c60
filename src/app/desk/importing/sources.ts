/** Files on their way in: which of them may be posts, and what lies beside each, in folders and zips. */

import * as Comlink from "comlink";
import { READABLE } from "../../../core/files/fromFile";
import type { Damaged, Unpacked } from "../../../data/zip";
import type { AppThunk } from "../../store/thunk";

/** A file that may be a post, with what lies beside it. */
export interface Source {
  name: string;
  read(): Promise<Uint8Array>;
  /** Bytes of a file beside it, by its path from there; null where there is none. */
  beside(path: string): Promise<Uint8Array | null>;
}

const MOST_BYTES = 50 * 1024 * 1024;
/** What a zip may hold; a small one may claim to be huge. */
const BOUNDS = { entries: 10_000, bytes: 200_000_000 };
export const pathOf = (file: File): string => file.webkitRelativePath || file.name;
const folderOf = (path: string): string => path.slice(0, path.lastIndexOf("/") + 1);
const bytesOf = async (file: File): Promise<Uint8Array> => new Uint8Array(await file.arrayBuffer());

const PICTURE = /\.(?:png|jpe?g|webp|gif|svg|avif)$/i;
/** What systems put beside files of a person. */
const OF_A_SYSTEM = /(?:^|\/)(?:__MACOSX\/|\.|Thumbs\.db$|desktop\.ini$)/i;
const isPost = (path: string): boolean => READABLE.test(path) && !OF_A_SYSTEM.test(path);
export const isOther = (path: string): boolean =>
  !path.endsWith("/") &&
  !READABLE.test(path) &&
  !/\.zip$/i.test(path) &&
  !PICTURE.test(path) &&
  !OF_A_SYSTEM.test(path);

interface Contents {
  sources: Source[];
  leftAlone: string[];
  damaged: Damaged[];
}

/** @throws Error with the reason, where there is no post in it */
export const sourcesIn =
  (file: File, all: readonly File[], cancelled: AbortSignal): AppThunk<Promise<Contents>> =>
  async (dispatch) => {
    const path = pathOf(file);
    const inFolder = Boolean(file.webkitRelativePath);
    if (!/\.zip$/i.test(path) && !READABLE.test(path)) {
      if (inFolder || file.type.startsWith("image/")) return { sources: [], leftAlone: [], damaged: [] };
      throw new Error("This is not a Markdown, HTML, DOCX, text or zip file.");
    }
    if (file.size > MOST_BYTES) throw new Error("It is larger than 50 MB. Import it in parts.");
    if (!/\.zip$/i.test(path)) {
      const source: Source = {
        name: path,
        read: () => bytesOf(file),
        beside: async (to) => {
          const target = resolved(folderOf(path), to);
          const match = all.find((one) => pathOf(one) === target);
          return match ? bytesOf(match) : null;
        },
      };
      return { sources: [source], leftAlone: [], damaged: [] };
    }
    const { entries, damaged } = await dispatch(unpack(file, cancelled));
    const names = [...entries.keys()].filter(isPost);
    if (!names.length && !damaged.length)
      throw new Error("There is no Markdown, HTML, DOCX or text file in it.");
    return {
      sources: names.map((name) => ({
        name: names.length > 1 ? `${path}: ${name}` : name,
        read: async () => entries.get(name)!,
        beside: async (to) => entries.get(resolved(folderOf(name), to)) ?? null,
      })),
      leftAlone: [...entries.keys()].filter(isOther),
      damaged,
    };
  };

/** A relative path from a folder, "./" and "../" followed. */
function resolved(folder: string, path: string): string {
  const parts: string[] = [];
  for (const part of `${folder}${path}`.split("/")) {
    if (part === "..") parts.pop();
    else if (part !== ".") parts.push(part);
  }
  return parts.join("/");
}

const unpack =
  (file: File, cancelled: AbortSignal): AppThunk<Promise<Unpacked>> =>
  (_dispatch, _getState, { workers }) =>
    workers.withFiles(cancelled, (files) =>
      files.unpackFile(
        file,
        BOUNDS,
        Comlink.proxy(() => {}),
      ),
    );

/** Bytes of a picture that came along: as a file beside the text, or embedded. */
export async function pictureBytes(src: string, source: Source): Promise<Uint8Array | null> {
  if (src.startsWith("data:")) {
    const base64 = /^data:[^,]*;base64,(.*)$/s.exec(src)?.[1];
    if (!base64) return null;
    try {
      return Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
    } catch {
      return null;
    }
  }
  try {
    return await source.beside(decodeURIComponent(src));
  } catch {
    return null;
  }
}
