import type { Editor } from "@tiptap/core";
import { toast } from "sonner";
import { ASSET_PREFIX } from "../../../../data/assets";
import { keepPicture, PictureError } from "../keepPicture";

/** Puts picture files in at the cursor; what is no picture is said, and the rest goes in. */
export async function insertPictures(editor: Editor, files: readonly File[]): Promise<void> {
  for (const file of files) {
    try {
      const { id, fileName, blob, width, height } = await keepPicture(file);
      const attrs = {
        src: `${ASSET_PREFIX}${id}`,
        fileName,
        alt: "",
        decorative: false,
        bytes: blob.size,
        width,
        height,
      };
      editor
        .chain()
        .focus()
        .insertContent([{ type: "picture", attrs }, { type: "paragraph" }])
        .run();
    } catch (error) {
      const message =
        error instanceof PictureError
          ? error.message
          : `“${file.name}” could not be stored: ${(error as Error).message}. Your post is as it was.`;
      toast.error(message, { duration: 12_000 });
    }
  }
}
