/** Bringing posts in: Markdown, HTML, DOCX, plain text, one or many, in folders and zips with their pictures. */

import type { EditorDoc } from "../../../core/blocks/editorJson";
import type { Block, Draft } from "../../../core/draft/draft";
import { emptyMeta } from "../../../core/draft/meta";
import { plainDraft } from "../../../core/draft/plainLines";
import type { ReadFile } from "../../../core/files/fromFile";
import { messageOf } from "../../../core/messageOf";
import { foldPlain } from "../../../core/text/fold";
import { guessLanguage } from "../../../core/text/guessLanguage";
import { primaryLanguage } from "../../../core/text/language";
import { ASSET_PREFIX } from "../../../data/assets";
import { postAddress } from "../../../data/draft";
import { freshId } from "../../../data/freshId";
import type { Post } from "../../../data/model";
import { newPost } from "../../../data/newPost";
import { addPost, getDoc, savePost } from "../../../data/posts";
import { TookTooLong } from "../../../workers/supervise";
import { keep as keepVersionOf } from "../../post/versions/keepCurrent";
import { keepPicture, PictureError } from "../../post/write/keepPicture";
import { categoriesNamed } from "../../posts/categoriesNamed";
import { whileFree } from "../../posts/postLock";
import { selectPosts } from "../../store/selectors";
import type { AppThunk } from "../../store/thunk";
import { count } from "../../ui/figures";
import { isOther, pathOf, pictureBytes, type Source, sourcesIn } from "./sources";

/** What became of one file. */
export type Imported =
  | Outcome
  | Twin
  /** Files of a folder or a zip that are neither posts nor pictures of them. */
  | { name: string; leftAlone: readonly string[] };

/** A post that came in, or why it did not. */
export type Outcome =
  | { name: string; id: string; title: string; words: number; notes: string[] }
  | { name: string; error: string };

/** A file whose post is there already: what becomes of it is for a person to say. */
export interface Twin {
  name: string;
  title: string;
  /** Title of the post that is there, and by what the two are one. */
  there: string;
  by: "slug" | "title";
  /** Takes its text and fields into the post that is there, of which a version is kept. */
  replace: () => Promise<Outcome>;
  /** Makes a post of its own. */
  keepBoth: () => Promise<Outcome>;
}

const ADVICE = "Save it again as UTF-8 Markdown or HTML and try once more.";

/**
 * Imports files one after the other; what cannot be read is said and the others come in.
 *
 * @param onProgress called before each post with how many are done, of how many
 * @returns what became of each file, in their order; those before a cancel are in
 */
export const importFiles =
  (
    files: readonly File[],
    onProgress: (done: number, of: number) => void,
    cancelled: AbortSignal,
  ): AppThunk<Promise<Imported[]>> =>
  async (dispatch) => {
    const results: Imported[] = [];
    const sources: Source[] = [];
    const leftAlone = files.filter(({ webkitRelativePath: path }) => path && isOther(path)).map(pathOf);
    if (leftAlone.length) results.push({ name: leftAlone[0]!.split("/")[0]!, leftAlone });
    for (const file of files) {
      try {
        const documents = await dispatch(sourcesIn(file, files, cancelled));
        sources.push(...documents.sources);
        for (const { name, why } of documents.damaged)
          results.push({ name: `${file.name}: ${name}`, error: `It is damaged: ${why}.` });
        if (documents.leftAlone.length) results.push({ name: file.name, leftAlone: documents.leftAlone });
      } catch (error) {
        const why = cancelled.aborted ? "Cancelled before it was unpacked." : messageOf(error);
        results.push({ name: file.name, error: why });
      }
    }
    for (const [done, source] of sources.entries()) {
      if (cancelled.aborted) break;
      onProgress(done, sources.length);
      try {
        const { draft, lost } = await dispatch(readFile(source.name, await source.read()));
        const twin = dispatch(twinOf(draft));
        results.push(
          twin
            ? {
                name: source.name,
                title: titleOf(draft),
                there: twin.post.title || "Untitled post",
                by: twin.by,
                replace: () => dispatch(keep(draft, lost, source, twin.post)),
                keepBoth: () => dispatch(keep(draft, lost, source)),
              }
            : await dispatch(keep(draft, lost, source)),
        );
      } catch (error) {
        results.push({ name: source.name, error: `It cannot be read: ${messageOf(error)}. ${ADVICE}` });
      }
    }
    return results;
  };

/** Reads a file; a text that no reader comes to an end with comes in as it is. */
const readFile =
  (name: string, bytes: Uint8Array): AppThunk<Promise<ReadFile>> =>
  async (_dispatch, _getState, { workers }) => {
    try {
      return await workers.draftReader.readFile(name, bytes);
    } catch (error) {
      if (!(error instanceof TookTooLong) || /\.docx$/i.test(name)) throw error;
      const text = new TextDecoder().decode(bytes);
      return {
        draft: plainDraft(text),
        lost: [
          "It took longer than 20 seconds to read, so it was imported as plain text, Markdown signs included.",
        ],
      };
    }
  };

/** The post of the workspace that a file is of: one with its slug, else, where the file has none, with its title. */
const twinOf =
  (draft: Draft): AppThunk<{ post: Post; by: Twin["by"] } | null> =>
  (_dispatch, getState) => {
    const posts = selectPosts(getState());
    const { slug } = draft.meta;
    const title = foldPlain(titleOf(draft));
    const twin = posts.find((post) =>
      slug ? post.slug === slug : title !== "" && foldPlain(post.title) === title,
    );
    return twin ? { post: twin, by: slug ? "slug" : "title" } : null;
  };

const titleOf = ({ meta, blocks }: Draft): string => meta.title || firstHeading(blocks) || meta.metaTitle;

/** @param twin the post whose text and fields it becomes; a new post where there is none */
const keep =
  (
    draft: Draft,
    lost: readonly string[],
    source: Source,
    twin: Post | null = null,
  ): AppThunk<Promise<Outcome>> =>
  async (dispatch, getState, { workers }) => {
    let unread = 0;
    /** Names of pictures that the text has by a path, where nothing lies. */
    const missing: string[] = [];
    /** A picture that came along, kept as a file of the workspace; null where none did, or it could not be read. */
    const kept = async (src: string, fileName: string) => {
      const bytes = src ? await pictureBytes(src, source) : null;
      if (!bytes) {
        if (src && !/^[a-z][a-z\d+.-]*:|^\/\//i.test(src)) missing.push(src);
        return null;
      }
      try {
        return await dispatch(keepPicture(new File([bytes as BlobPart], fileName), false));
      } catch (error) {
        if (!(error instanceof PictureError)) throw error;
        unread++;
        return null;
      }
    };
    const blocks: Block[] = [];
    for (const block of draft.blocks) {
      const picture =
        block.kind === "picture"
          ? await kept(block.src, block.fileName || "picture.jpg")
          : block.kind === "embed"
            ? await kept(block.poster, "picture.jpg")
            : null;
      const src = picture && `${ASSET_PREFIX}${picture.id}`;
      if (src && block.kind === "embed") blocks.push({ ...block, poster: src });
      else if (src && block.kind === "picture")
        blocks.push({
          ...block,
          src,
          fileName: picture.fileName,
          bytes: picture.blob.size,
          width: picture.width,
          height: picture.height,
        });
      else blocks.push(block);
    }
    const { site } = getState().session;
    const { canonical, socialPicture, category, titleSuffix: _suffix, ...fields } = draft.meta;
    const shared = await kept(socialPicture, socialPicture.split("/").at(-1) || "picture.jpg");
    const id = twin?.id ?? freshId();
    const categories = await dispatch(categoriesNamed(category));
    const own = postAddress({ slug: fields.slug, canonical: "", categories }, site);
    const now = new Date().toISOString();
    const said = {
      ...fields,
      categories,
      language: languageOf(draft),
      canonical: canonical === own ? "" : canonical,
      ...(shared && { socialPicture: `${ASSET_PREFIX}${shared.id}` }),
      // Elsewhere it can be named, and nothing else: a path leads nowhere from here.
      ...(!shared && /^https?:/i.test(socialPicture) && { socialPicture }),
      title: titleOf(draft),
    };
    const { doc, removed } = await workers.draft.toEditor(blocks);
    const post = twin ? { ...twin, ...said } : newPost(id, site, now, { ...said, stage: "write" });
    if (twin) await replaceTwin(twin, said, doc, now);
    else await addPost(post, doc);
    const notes = [
      ...lost,
      missing.length > 0 &&
        `${count(missing.length, "picture")} could not be found and stayed as a path: ${missing.slice(0, NAMED).join(", ")}${missing.length > NAMED ? " …" : ""}.`,
      unread && `${count(unread, "picture")} could not be read and stayed as an address.`,
      removed &&
        `${count(removed, "address", "addresses")} that would run or open something unsafe ${removed === 1 ? "was" : "were"} removed; the words are kept.`,
    ];
    const words = blocks.reduce((sum, { text }) => sum + (text.match(/\S+/g)?.length ?? 0), 0);
    return {
      name: source.name,
      id,
      title: post.title,
      words,
      notes: notes.filter((note): note is string => typeof note === "string"),
    };
  };

/** What a file says of its language; where it says nothing, or the language that is taken for granted, what its text seems to be. */
function languageOf({ meta, blocks }: Draft): string {
  const said = primaryLanguage(meta.language);
  if (said !== emptyMeta.language) return meta.language;
  return guessLanguage(blocks.map(({ text }) => text).join("\n")) ?? meta.language;
}

/** @throws Error where the post is open for writing elsewhere; it is as it was */
async function replaceTwin(twin: Post, said: Partial<Post>, doc: EditorDoc, now: string): Promise<void> {
  const free = await whileFree(twin.id, async () => {
    await keepVersionOf(twin, await getDoc(twin.id), { why: "before replacing" }, null);
    // What the file leaves out stays: a Markdown file may say no more than its title.
    const given = Object.fromEntries(
      Object.entries(said).filter(([, value]) => (Array.isArray(value) ? value.length : value !== "")),
    );
    await savePost(twin.id, { post: given, doc }, now);
  });
  if (!free) throw new Error(`“${twin.title}” is open in another tab; close it there and choose again.`);
}

/** So many files are named where several are meant. */
export const NAMED = 4;

const firstHeading = (blocks: readonly Block[]): string =>
  blocks.find((b) => b.kind === "heading" && b.level === 1)?.text ?? "";
