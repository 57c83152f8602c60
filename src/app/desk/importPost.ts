/** Bringing a post in: Markdown, HTML, or a zip of one of them with its pictures. */
import { unzip } from "fflate";
import type { Block, Draft } from "../../core/draft/draft";
import { ASSET_PREFIX } from "../../data/assets";
import { newPost } from "../../data/draft";
import { addPost } from "../../data/posts";
import { draftWorker } from "../../workers/clients";
import { freshId } from "../freshId";
import { keepPicture, PictureError } from "../post/write/keepPicture";
import { store } from "../store/store";
import { count } from "../ui/figures";

export type ImportResult = { id: string; title: string; notes: string[] } | { error: string };

const TEXT = /\.(md|markdown|x?html?)$/i;
const MOST_BYTES = 50 * 1024 * 1024;
const MOST_UNPACKED = 200 * 1024 * 1024;
const SAFE = "Nothing was imported; your posts are as they were.";

export async function importPost(file: File): Promise<ImportResult> {
  try {
    if (file.size > MOST_BYTES)
      return { error: `“${file.name}” is larger than 50 MB. ${SAFE} Import it in parts.` };
    const files = /\.zip$/i.test(file.name)
      ? await unpack(file)
      : new Map([[file.name, new Uint8Array(await file.arrayBuffer())]]);
    const name = [...files.keys()].find((key) => TEXT.test(key) && !key.startsWith("__MACOSX"));
    if (!name) return { error: `There is no Markdown or HTML file in “${file.name}”. ${SAFE}` };
    const draft = await draftWorker().readFile(name, textOf(files.get(name)!));
    return await keep(draft, files, name);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return {
      error: `“${file.name}” cannot be read: ${why}. ${SAFE} Save it again as UTF-8 Markdown or HTML and try once more.`,
    };
  }
}

function textOf(bytes: Uint8Array): string {
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    throw new Error("its text is not UTF-8");
  }
}

/** A small zip may claim to be huge: then nothing of it is taken, rather than a part. */
async function unpack(file: File): Promise<Map<string, Uint8Array>> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let total = 0;
  const filter = ({ originalSize }: { originalSize: number }) => {
    total += originalSize;
    return total <= MOST_UNPACKED;
  };
  const entries = await new Promise<Record<string, Uint8Array>>((resolve, reject) => {
    unzip(bytes, { filter }, (error, unpacked) =>
      error ? reject(new Error("it cannot be unpacked")) : resolve(unpacked),
    );
  });
  if (total > MOST_UNPACKED) throw new Error("it unpacks to more than 200 MB");
  return new Map(Object.entries(entries));
}

async function keep(draft: Draft, files: Map<string, Uint8Array>, name: string): Promise<ImportResult> {
  const folder = name.slice(0, name.lastIndexOf("/") + 1);
  let lost = 0;
  const blocks: Block[] = [];
  for (const block of draft.blocks) {
    if (block.kind !== "picture") {
      blocks.push(block);
      continue;
    }
    const bytes = pictureBytes(block.src, files, folder);
    if (!bytes) {
      blocks.push(block);
      continue;
    }
    try {
      const picture = await keepPicture(new File([bytes as BlobPart], block.fileName || "picture.jpg"));
      blocks.push({
        ...block,
        src: `${ASSET_PREFIX}${picture.id}`,
        bytes: picture.blob.size,
        width: picture.width,
        height: picture.height,
      });
    } catch (error) {
      if (!(error instanceof PictureError)) throw error;
      lost++;
      blocks.push(block);
    }
  }
  const { site } = store.getState().session;
  const { canonical, titleSuffix: _suffix, ...fields } = draft.meta;
  const id = freshId();
  const own = `${site.origin}${site.basePath}${fields.slug}`;
  const post = newPost(id, site, new Date().toISOString(), {
    ...fields,
    canonical: canonical === own ? "" : canonical,
    stage: "write",
    title: fields.title || firstHeading(draft.blocks) || fields.metaTitle,
  });
  const { doc, removed } = await draftWorker().toEditor(blocks);
  await addPost(post, doc);
  const notes = [
    lost && `${count(lost, "picture")} could not be read and stayed an address.`,
    removed &&
      `${count(removed, "address", "addresses")} that would run or open something unsafe ${removed === 1 ? "was" : "were"} taken out; the words are there.`,
  ];
  return { id, title: post.title, notes: notes.filter((note): note is string => typeof note === "string") };
}

const firstHeading = (blocks: readonly Block[]): string =>
  blocks.find((b) => b.kind === "heading" && b.level === 1)?.text ?? "";

/** Bytes of a picture that came along: as a file of the zip, or embedded. */
function pictureBytes(src: string, files: Map<string, Uint8Array>, folder: string): Uint8Array | null {
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
    return files.get(folder + decodeURIComponent(src).replace(/^\.\//, "")) ?? null;
  } catch {
    return null;
  }
}
