import type { Editor } from "@tiptap/core";
import type { EditorNode } from "../../../../core/blocks/editorJson";
import { isPictureType, mediaTypeOfName } from "../../../../core/media/mediaTypes";
import { ASSET_PREFIX } from "../../../../data/assets";
import { toast } from "../../../ui/toast";
import { whyNotKept } from "../keepFile";
import { insertBlocks } from "./insertBlock";
import { intakeOf } from "./intake";

/** Whether readers could download a file, and no page shows it. */
export function isDownload({ name, type }: File): boolean {
  const said = mediaTypeOfName(name);
  return said !== undefined && !isPictureType(said.type) && !type.startsWith("image/");
}

/** Offers files to download behind the block of a place; what cannot be offered is said, and the rest goes in. */
export async function insertFiles(
  editor: Editor,
  files: readonly File[],
  place: number | undefined,
): Promise<void> {
  const nodes: EditorNode[] = [];
  for (const file of files) {
    try {
      const { id, fileName, blob } = await intakeOf(editor).keepFile(file);
      const words = fileName.replace(/\.[^.]*$/, "").replace(/[-_]+/g, " ");
      nodes.push({
        type: "file",
        attrs: { src: `${ASSET_PREFIX}${id}`, fileName, bytes: blob.size },
        ...(words && { content: [{ type: "text", text: words }] }),
      });
    } catch (error) {
      toast.error(whyNotKept(error, file), { duration: 12_000 });
    }
  }
  if (nodes.length && !editor.isDestroyed) insertBlocks(editor, nodes, place);
}
