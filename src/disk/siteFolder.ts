/** A rendered site as a folder. Nothing is written outside of it, and nothing in it is touched that an earlier run did not write. */
import { existsSync, lstatSync, mkdirSync, readdirSync, readFileSync, rmdirSync, rmSync } from "node:fs";
import { dirname, join } from "node:path";
import writeFileAtomic from "write-file-atomic";
import { messageOf } from "../core/messageOf";
import { isSafeFile } from "../core/site/files";
import type { Problem, SiteFile } from "../core/site/render";
import { narrowed } from "./pictureEncoder";

/** Says which files of the folder are ours. */
const LIST = ".dune-sparrow-site.json";

/** The folder is not one to write to; `message` says why. */
export class FolderError extends Error {
  override name = "FolderError";
}

/**
 * Writes the files. Those of an earlier run that are no longer there are deleted; a picture that is there already is not made again.
 *
 * @param pictureBytes the file of a picture, by what blocks call it
 * @returns pictures that could not be made smaller, and are as they were
 * @throws FolderError where the folder holds anything that no earlier run has written
 */
export async function writeSiteFolder(
  folder: string,
  files: readonly SiteFile[],
  pictureBytes: (src: string) => Uint8Array,
): Promise<Problem[]> {
  const before = filesBefore(folder);
  mkdirSync(folder, { recursive: true });
  const problems: Problem[] = [];
  // Named before they are written: what is cut short leaves nothing that the next run would not know.
  writeFileAtomic.sync(join(folder, LIST), listed([...before, ...files.map(({ file }) => file)]));
  for (const one of files) {
    if (!isSafeFile(one.file)) throw new FolderError(`“${one.file}” leads out of the folder.`);
    const path = join(folder, one.file);
    if ("text" in one) {
      makeFolders(folder, one.file);
      writeFileAtomic.sync(path, one.text);
    } else if (!before.has(one.file) || !existsSync(path)) {
      makeFolders(folder, one.file);
      writeFileAtomic.sync(path, Buffer.from(await pictureFile(one, pictureBytes, problems)));
    }
  }
  const now = new Set(files.map(({ file }) => file));
  for (const file of before) if (!now.has(file)) remove(folder, file);
  writeFileAtomic.sync(join(folder, LIST), listed([...now]));
  return problems;
}

async function pictureFile(
  { file, type, picture }: Extract<SiteFile, { picture: unknown }>,
  pictureBytes: (src: string) => Uint8Array,
  problems: Problem[],
): Promise<Uint8Array> {
  const bytes = pictureBytes(picture.src);
  if (picture.width === null) return bytes;
  try {
    return await narrowed(bytes, type, picture.width);
  } catch (error) {
    problems.push({
      file,
      says: `The picture could not be made smaller, and is as it was: ${messageOf(error)}.`,
    });
    return bytes;
  }
}

const listed = (files: readonly string[]): string =>
  `${JSON.stringify({ version: 1, files: [...new Set(files)].sort() }, null, 1)}\n`;

function filesBefore(folder: string): Set<string> {
  if (!existsSync(folder)) return new Set();
  if (!lstatSync(folder, { throwIfNoEntry: false })?.isDirectory())
    throw new FolderError(`“${folder}” is not a folder.`);
  if (!existsSync(join(folder, LIST))) {
    if (readdirSync(folder).length)
      throw new FolderError(`“${folder}” is not empty, and no earlier run has made it. Nothing was written.`);
    return new Set();
  }
  try {
    const { files } = JSON.parse(readFileSync(join(folder, LIST), "utf8")) as { files: unknown };
    if (!Array.isArray(files)) throw new Error("there is no list in it");
    return new Set(files.filter((file): file is string => typeof file === "string" && isSafeFile(file)));
  } catch (error) {
    throw new FolderError(`${LIST} in “${folder}” cannot be read: ${messageOf(error)}. Nothing was written.`);
  }
}

/** Folders on the way to a file; a link to elsewhere is none. */
function makeFolders(folder: string, file: string): void {
  let path = folder;
  for (const name of file.split("/").slice(0, -1)) {
    path = join(path, name);
    const there = lstatSync(path, { throwIfNoEntry: false });
    if (there && !there.isDirectory()) {
      if (there.isSymbolicLink()) throw new FolderError(`“${path}” leads out of the folder.`);
      // What was a page is a folder by now.
      rmSync(path);
    }
    if (!there?.isDirectory()) mkdirSync(path);
  }
}

/** A file of an earlier run, and the folders that are empty without it. */
function remove(folder: string, file: string): void {
  const parts = file.split("/");
  for (let depth = 1; depth < parts.length; depth++)
    if (!lstatSync(join(folder, ...parts.slice(0, depth)), { throwIfNoEntry: false })?.isDirectory()) return;
  rmSync(join(folder, file), { force: true });
  for (
    let path = dirname(join(folder, file));
    path !== folder && path.startsWith(folder);
    path = dirname(path)
  ) {
    if (readdirSync(path).length) return;
    rmdirSync(path);
  }
}
