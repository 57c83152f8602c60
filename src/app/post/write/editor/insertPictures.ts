import type { Editor } from "@tiptap/core";
import type { EditorNode } from "../../../../core/blocks/editorJson";
import { ASSET_PREFIX } from "../../../../data/assets";
import type { Asset } from "../../../../data/model";
import { count, whole } from "../../../ui/figures";
import { kilobytes } from "../../../ui/shortFigures";
import { toast } from "../../../ui/toast";
import { PictureError } from "../keepPicture";
import { insertBlock, insertBlocks } from "./insertBlock";
import { intakeOf } from "./intake";

/** Puts picture files in behind the block of the cursor, or of a place; what is no picture is said, and the rest goes in. */
export async function insertPictures(editor: Editor, files: readonly File[], place?: number): Promise<void> {
  const pictures = await takePictures(editor, files);
  if (pictures.length && !editor.isDestroyed) insertBlocks(editor, pictures, place);
}

/** The same, as one gallery. */
export async function insertGallery(editor: Editor, files: readonly File[]): Promise<void> {
  const pictures = await takePictures(editor, files);
  if (pictures.length && !editor.isDestroyed)
    insertBlock(editor, { type: "gallery", attrs: { layout: "row" }, content: pictures });
}

/** A picture of a shelf, with what is known of it. */
export function insertKnownPicture(
  editor: Editor,
  { asset, alt, caption }: { asset: Asset; alt: string; caption: string },
): void {
  const node = pictureNode(asset);
  insertBlock(editor, {
    ...node,
    attrs: { ...node.attrs, alt },
    ...(caption && { content: [{ type: "text", text: caption }] }),
  });
}

export const pictureNode = ({ id, fileName, blob, width, height }: Asset): EditorNode => ({
  type: "picture",
  attrs: {
    src: `${ASSET_PREFIX}${id}`,
    fileName,
    alt: "",
    decorative: false,
    bytes: blob.size,
    width,
    height,
  },
});

/** From so many on, it is said how far they are, and what became of them in one sentence. */
const MANY = 3;

/** Takes pictures into the workspace, one after the other. Those before a cancel are taken. */
async function takePictures(editor: Editor, files: readonly File[]): Promise<EditorNode[]> {
  const many = files.length >= MANY;
  const stop = new AbortController();
  const notice = "pictures";
  const tell = (done: number) =>
    toast.loading(`${whole(done)} of ${count(files.length, "picture")} taken …`, {
      id: notice,
      duration: Number.POSITIVE_INFINITY,
      action: { label: "Stop and insert what is ready", onClick: () => stop.abort() },
    });
  const pictures: EditorNode[] = [];
  let [before, after] = [0, 0];
  try {
    for (const [done, file] of files.entries()) {
      if (stop.signal.aborted) break;
      if (many) tell(done);
      try {
        const asset = await intakeOf(editor).keepPicture(file, !many);
        pictures.push(pictureNode(asset));
        before += file.size;
        after += asset.blob.size;
      } catch (error) {
        const message =
          error instanceof PictureError
            ? error.message
            : `“${file.name}” could not be stored: ${(error as Error).message}. Your post is unchanged.`;
        toast.error(message, { duration: 12_000 });
      }
    }
  } finally {
    toast.dismiss(notice);
  }
  if (many && after < before)
    toast(
      `${count(pictures.length, "picture")}: ${kilobytes(before)} became ${kilobytes(after)}. Each can go back to its original.`,
    );
  return pictures;
}
