import type { Editor } from "@tiptap/core";
import { toast } from "sonner";
import type { EditorNode } from "../../../../core/draft/editorJson";
import { ASSET_PREFIX } from "../../../../data/assets";
import type { Asset } from "../../../../data/model";
import { keepPicture, PictureError } from "../keepPicture";
import { insertBlock } from "./insertBlock";

/** Puts picture files in at the cursor; what is no picture is said, and the rest goes in. */
export async function insertPictures(editor: Editor, files: readonly File[]): Promise<void> {
  const pictures = await kept(files);
  if (!pictures.length) return;
  editor
    .chain()
    .focus()
    .insertContent([...pictures, { type: "paragraph" }])
    .run();
}

/** The same, as one gallery. */
export async function insertGallery(editor: Editor, files: readonly File[]): Promise<void> {
  const pictures = await kept(files);
  if (!pictures.length) return;
  insertBlock(editor, { type: "gallery", attrs: { layout: "row" }, content: pictures });
}

/** A picture of a shelf, with what is known of it. */
export function insertKnownPicture(
  editor: Editor,
  { asset, alt, caption }: { asset: Asset; alt: string; caption: string },
): void {
  const made = pictureNode(asset);
  insertBlock(editor, {
    ...made,
    attrs: { ...made.attrs, alt },
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

async function kept(files: readonly File[]): Promise<EditorNode[]> {
  const pictures: EditorNode[] = [];
  for (const file of files) {
    try {
      pictures.push(pictureNode(await keepPicture(file)));
    } catch (error) {
      const message =
        error instanceof PictureError
          ? error.message
          : `“${file.name}” could not be stored: ${(error as Error).message}. Your post is as it was.`;
      toast.error(message, { duration: 12_000 });
    }
  }
  return pictures;
}
