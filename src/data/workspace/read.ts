/** Reading a workspace file. Nothing is taken from one before all of it has been checked. */

import { safeDoc } from "../../core/draft/safeDoc";
import { soundDoc } from "../../core/draft/sound/soundDoc";
import { completeProfile } from "../../core/proof/profile";
import type { CollectedCompetitors } from "../schemas/collected";
import { checkShape, parseJson, ShapeError } from "../schemas/validate";
import {
  collected as validateCollected,
  lookUp as validateLookUp,
  workspace as validateWorkspace,
} from "../schemas/validators.generated.js";
import { type Progress, unpack, ZipError } from "../zip";
import { NewerWorkspaceError, readNewer } from "./newer";
import { upgraded } from "./upgraded";
import {
  A_WORKSPACE,
  FIRST_WITH_MANIFEST,
  FORMAT,
  fieldName,
  JSON_NAME,
  type LookUpFile,
  lookUpName,
  MANIFEST_NAME,
  type Manifest,
  sha256,
  VERSION,
  type Workspace,
  type WorkspaceFile,
} from "./workspaceFile";

/** What a browser can still hold; a small zip may claim to be huge. */
const BOUNDS = { entries: 50_000, bytes: 1 << 30 };
/** A file of this size holds text, and no browser reads a larger one as one string. */
const MOST_JSON = 400_000_000;

/** Parts of a file are damaged, and the rest could be taken. */
export class DamagedWorkspaceError extends ShapeError {
  override name = "DamagedWorkspaceError";
}

export interface ReadOptions {
  onProgress?: Progress;
  /** Take what is whole of a damaged file. */
  takeTheRest?: boolean;
}

/**
 * Reads and checks a workspace file.
 *
 * @throws DamagedWorkspaceError where a part is damaged and the rest could be taken
 * @throws NewerWorkspaceError where it was written by a newer version
 * @throws ShapeError with what is wrong, where nothing can be taken
 */
export async function readWorkspace(
  blob: Blob,
  { onProgress, takeTheRest = false }: ReadOptions = {},
): Promise<Workspace> {
  const { entries, damaged } = await unpacked(blob, onProgress);
  const faults = damaged.map(({ name, why }) => `${name}: ${why}.`);
  const lost = (name: string) => damaged.find((one) => one.name === name);
  if (lost(JSON_NAME))
    throw new ShapeError(`The posts in this file are damaged; nothing can be taken from it.`, faults);
  const json = entries.get(JSON_NAME);
  if (!json) throw new ShapeError(`This is not ${A_WORKSPACE}.`, [`There is no ${JSON_NAME} in it.`]);
  const written = parseJson(textOf(json, JSON_NAME), A_WORKSPACE);
  if (isNewer(written)) throw new NewerWorkspaceError(readNewer(written));
  const parsed = upgraded(written);
  faults.push(...(await notAsWritten(entries, versionOf(written), damaged)));
  const file = checkShape<WorkspaceFile>(validateWorkspace, withWholeProfile(parsed), A_WORKSPACE);

  const lookUps = new Map<string, LookUpFile>();
  const sets = new Map<string, CollectedCompetitors>();
  const part = <T>(name: string, what: string, validate: typeof validateCollected): T | null => {
    const bytes = entries.get(name);
    if (!bytes) {
      if (!faults.some((fault) => fault.startsWith(`${name}:`))) faults.push(`${name}: it is missing.`);
      return null;
    }
    const whole = `${what} (${name})`;
    return checkShape<T>(validate, parseJson(textOf(bytes, name), whole), whole);
  };
  for (const { id } of file.lookUps ?? []) {
    const held = part<LookUpFile>(lookUpName(id), "the keywords of a look-up", validateLookUp);
    if (held) lookUps.set(id, held);
  }
  for (const { id } of file.fields ?? []) {
    const held = part<CollectedCompetitors>(fieldName(id), "competing pages", validateCollected);
    if (held) sets.set(id, held);
  }
  const pictures = new Map<string, Uint8Array>();
  for (const { file: path } of [...file.assets, ...(file.originals ?? []).map(({ asset }) => asset)]) {
    const bytes = entries.get(path);
    if (bytes) pictures.set(path, bytes);
    else if (!faults.some((fault) => fault.startsWith(`${path}:`))) faults.push(`${path}: it is missing.`);
  }
  if (faults.length && !takeTheRest)
    throw new DamagedWorkspaceError("A part of this workspace file is damaged.", faults.slice(0, 12));
  return {
    ...soundTexts(withoutLost(file, { lookUps, fields: sets, pictures })),
    lookUps,
    fields: sets,
    pictures,
  };
}

async function unpacked(blob: Blob, onProgress: Progress | undefined) {
  try {
    return await unpack(
      blob,
      BOUNDS,
      (name) =>
        name === JSON_NAME ||
        name === MANIFEST_NAME ||
        /^(?:pictures|originals|look-ups|fields)\//.test(name),
      onProgress,
    );
  } catch (error) {
    if (!(error instanceof ZipError)) throw error;
    throw new ShapeError(`This is not ${A_WORKSPACE}: it cannot be unpacked.`, [error.message]);
  }
}

function textOf(bytes: Uint8Array, name: string): string {
  if (bytes.length > MOST_JSON)
    throw new ShapeError(`This is not ${A_WORKSPACE}.`, [`${name} is larger than 400 MB.`]);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    throw new ShapeError(`This is not ${A_WORKSPACE}.`, [`The text of ${name} is not UTF-8.`]);
  }
}

const versionOf = (parsed: unknown): unknown => (parsed as { version?: unknown } | null)?.version;
const isNewer = (parsed: unknown): parsed is Record<string, unknown> => {
  const version = versionOf(parsed);
  return (
    (parsed as { format?: unknown } | null)?.format === FORMAT &&
    typeof version === "number" &&
    version > VERSION
  );
};

/** Files that are not what the manifest says; none in a file from before there was one. */
async function notAsWritten(
  entries: ReadonlyMap<string, Uint8Array>,
  version: unknown,
  damaged: readonly { name: string }[],
): Promise<string[]> {
  if (typeof version !== "number" || version < FIRST_WITH_MANIFEST) return [];
  const bytes = entries.get(MANIFEST_NAME);
  if (!bytes)
    return damaged.some(({ name }) => name === MANIFEST_NAME) ? [] : [`${MANIFEST_NAME}: it is missing.`];
  const manifest = parseJson(textOf(bytes, MANIFEST_NAME), "a manifest") as Partial<Manifest> | null;
  const files = manifest?.files;
  if (typeof files !== "object" || files === null) return [`${MANIFEST_NAME}: it is not a manifest.`];
  const faults: string[] = [];
  for (const [name, content] of entries) {
    if (name === MANIFEST_NAME) continue;
    if (!Object.hasOwn(files, name)) faults.push(`${name}: it was not there when the file was written.`);
    else if (files[name] !== (await sha256(content as Uint8Array<ArrayBuffer>)))
      faults.push(`${name}: it is not what it was when the file was written.`);
  }
  for (const name of Object.keys(files))
    if (!entries.has(name) && !damaged.some((one) => one.name === name))
      faults.push(`${name}: it is missing.`);
  return faults;
}

const withWholeProfile = (file: unknown): unknown =>
  typeof file === "object" && file !== null && "profile" in file
    ? { ...file, profile: completeProfile(file.profile) }
    : file;

/** Without what names a part that is not there; texts whose pictures are gone keep their places. */
function withoutLost(
  file: WorkspaceFile,
  { lookUps, fields: sets, pictures }: Pick<Workspace, "lookUps" | "fields" | "pictures">,
): WorkspaceFile {
  return {
    ...file,
    ...(file.lookUps && { lookUps: file.lookUps.filter(({ id }) => lookUps.has(id)) }),
    ...(file.fields && { fields: file.fields.filter(({ id }) => sets.has(id)) }),
    ...(file.originals && { originals: file.originals.filter(({ asset }) => pictures.has(asset.file)) }),
    assets: file.assets.filter((asset) => pictures.has(asset.file)),
  };
}

/** Documents as the editor can hold them, with nothing in them that acts. */
function soundTexts(file: WorkspaceFile): Pick<Workspace, "file" | "notes"> {
  const notes: string[] = [];
  const titles = new Map(file.posts.map(({ id, title }) => [id, title || "Untitled post"]));
  const bodies = file.bodies.map(({ postId, doc }) => {
    const sound = soundDoc(doc);
    const safe = safeDoc(sound.doc);
    const name = `“${titles.get(postId) ?? postId}”`;
    notes.push(...sound.said.map((said) => `${name}: ${said}`));
    if (safe.removed)
      notes.push(
        `${name}: ${safe.removed} ${safe.removed === 1 ? "address that would act was" : "addresses that would act were"} removed.`,
      );
    return { postId, doc: safe.removed ? safe.doc : sound.doc };
  });
  const versionBodies = file.versionBodies?.map(({ versionId, doc }) => ({
    versionId,
    doc: safeDoc(soundDoc(doc).doc).doc,
  }));
  const liveCopies = file.liveCopies?.map((copy) => ({ ...copy, doc: safeDoc(soundDoc(copy.doc).doc).doc }));
  const reviews = file.reviews?.map((review) => ({ ...review, doc: safeDoc(soundDoc(review.doc).doc).doc }));
  return {
    file: {
      ...file,
      ...(reviews && { reviews }),
      bodies,
      ...(versionBodies && { versionBodies }),
      ...(liveCopies && { liveCopies }),
    },
    notes,
  };
}
