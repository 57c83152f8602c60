/** Reading and writing drafts, off the main thread: cleaning pastes, reading files, writing exports. */

import type { EditorDoc } from "../core/blocks/editorJson";
import type { Block, Draft } from "../core/draft/draft";
import { type SafeDoc, safeDoc } from "../core/draft/safeDoc";
import { blocksToEditor } from "../core/draft/toEditor";
import { draftToMarkdown } from "../core/draft/toMarkdown";
import { draftFromFile, type ReadFile } from "../core/files/fromFile";
import { type ReadSource, readSource, type SourceKind, writeSource } from "../core/files/source";
import { type Pasted, pasteHtml } from "../core/paste/paste";
import { pastePlain } from "../core/paste/plain";
import { blogBody, type PictureForm } from "../core/release/blogBody";
import { cleanDocument } from "../core/release/rawPaste";
import { draftToPage } from "../core/site/pages/standalone";
import { type ReadRecording, type RecordingOptions, readRecording } from "../core/transcript/recording";

export function createDraftApi() {
  return {
    pasteHtml: (html: string): Pasted => pasteHtml(html),
    pastePlain: (text: string): Pasted => pastePlain(text),
    writeSource: (doc: EditorDoc, kind: SourceKind): string => writeSource(doc, kind),
    readSource: (text: string, kind: SourceKind): ReadSource => readSource(text, kind),
    /** A recording's text as a document, with its sentences. */
    recording: (text: string, options: RecordingOptions): ReadRecording => readRecording(text, options),
    cleanDocument: (doc: EditorDoc): EditorDoc => cleanDocument(doc),
    /** The editor's document of blocks that came from a file: nothing in it acts. */
    toEditor: (blocks: Block[]): SafeDoc => safeDoc(blocksToEditor(blocks)),
    /** Reads a file of any kind that is known. The draft tree can hold nothing that acts: what it does not know is gone. */
    readFile: (name: string, bytes: Uint8Array): Promise<ReadFile> => draftFromFile(name, bytes),
    /** @param names of the files of pictures that are embedded, by their address in the draft */
    toPage: (
      draft: Draft,
      siteName: string,
      sources: Record<string, string>,
      names: Record<string, string>,
    ): string =>
      draftToPage(draft, {
        siteName,
        fileAddress: (picture) => sources[picture.src] ?? picture.src,
        pictureName: (src) => names[src] ?? "",
      }),
    /** @param names of the files of its pictures, by their address in the draft */
    toBlog: (draft: Draft, pictures: PictureForm, names: Record<string, string>): string =>
      blogBody(draft.blocks, pictures, names),
    toMarkdown: (draft: Draft, sources: Record<string, string>): string =>
      draftToMarkdown(draft, (picture) => sources[picture.src] ?? picture.src),
  };
}
export type DraftApi = ReturnType<typeof createDraftApi>;
