/** Pasting: the clipboard's HTML or text is cleaned in a worker, then put in as one step. */

import type { Editor } from "@tiptap/core";
import { closeHistory } from "@tiptap/pm/history";
import { Selection, TextSelection } from "@tiptap/pm/state";
import type { EditorDoc, EditorNode } from "../../../../core/blocks/editorJson";
import { plainDoc } from "../../../../core/draft/plainLines";
import { messageOf } from "../../../../core/messageOf";
import type { Pasted } from "../../../../core/paste/paste";
import { ASSET_PREFIX, assetId, getAsset } from "../../../../data/assets";
import { freshId } from "../../../../data/freshId";
import { TookTooLong } from "../../../../workers/supervise";
import { toast } from "../../../ui/toast";
import { asEmbedAddress } from "../asAddress";
import { PictureError } from "../keepPicture";
import { insertBlocks } from "./insertBlock";
import { insertFiles, isDownload } from "./insertFiles";
import { insertPictures } from "./insertPictures";
import { type Intake, intakeOf } from "./intake";
import { stepBehind } from "./typeBehind";

/** More text than any post holds; the editor would stand still under it. */
const MOST_CHARACTERS = 400_000;
/** From here on it takes long enough to say so. */
const LONG = 200_000;

/** @returns whether the paste is taken care of */
export function pasteInto(editor: Editor, event: ClipboardEvent): boolean {
  const data = event.clipboardData;
  if (!data || editor.isActive("codeBlock")) return false;
  const html = data.getData("text/html");
  const text = data.getData("text/plain");
  const pictures = [...data.files].filter((file) => file.type.startsWith("image/"));
  if (!html && pictures.length) {
    void insertPictures(editor, pictures);
    return true;
  }
  if (!html && !text) return false;
  const address = html ? null : asEmbedAddress(text);
  if (address && editor.isActive("embed", { href: "" }))
    return editor.commands.updateAttributes("embed", { href: address });
  // An address pasted over selected words becomes their link; the editor knows how.
  const { selection } = editor.state;
  if (!html && selection instanceof TextSelection && !selection.empty && /^https?:\/\/\S+$/.test(text.trim()))
    return false;
  void clean(editor, html, text);
  return true;
}

/** What is dropped from elsewhere goes the way of what is pasted, to where it is dropped. @returns whether it is taken care of */
export function dropInto(editor: Editor, event: DragEvent): boolean {
  const data = event.dataTransfer;
  if (!data || !editor.isEditable) return false;
  const place = editor.view.posAtCoords({ left: event.clientX, top: event.clientY })?.pos;
  const files = [...data.files];
  if (files.length) {
    const downloads = files.filter(isDownload);
    if (downloads.length) void insertFiles(editor, downloads, place);
    const others = files.filter((file) => !downloads.includes(file));
    if (others.length) void insertPictures(editor, others, place);
    return true;
  }
  const html = data.getData("text/html");
  const text = data.getData("text/plain");
  if (!html && !text) return false;
  if (place !== undefined) {
    const { state, view } = editor;
    view.dispatch(state.tr.setSelection(Selection.near(state.doc.resolve(place))));
  }
  void clean(editor, html, text);
  return true;
}

async function clean(editor: Editor, html: string, text: string): Promise<void> {
  const size = (html || text).length;
  const notice =
    size > LONG
      ? toast.loading(`Cleaning the paste (${(size / 1e6).toFixed(1)} million characters) …`)
      : undefined;
  try {
    const pasted = await read(intakeOf(editor), html, text);
    const characters = textLength(pasted.doc);
    if (characters > MOST_CHARACTERS) {
      toast.error(
        `The clipboard holds ${characters.toLocaleString("en")} characters of text, more than a post can. Nothing was pasted and your post is unchanged. Paste it in parts of up to ${MOST_CHARACTERS.toLocaleString("en")}.`,
        { duration: 15_000 },
      );
      return;
    }
    if (!characters && !hasPicture(pasted.doc)) return;
    insert(editor, await withPictures(pasted.doc, intakeOf(editor)));
    offer(editor, pasted);
  } catch (error) {
    toast.error(
      `This could not be pasted: ${messageOf(error)}. Your post is unchanged; paste it as plain text with Ctrl Shift V.`,
      {
        duration: 12_000,
      },
    );
  } finally {
    if (notice !== undefined) toast.dismiss(notice);
  }
}

/** Reads the clipboard; what no reader comes to an end with is taken as the text that it is. */
async function read(intake: Intake, html: string, text: string): Promise<Pasted> {
  try {
    return await intake.readPaste(html, text);
  } catch (error) {
    if (!(error instanceof TookTooLong) || !text) throw error;
    return {
      doc: plainDoc(text),
      asItIs: null,
      withHeadings: null,
      headings: 0,
      putRight: ["it took too long to read, so it is plain text"],
    };
  }
}

function insert(editor: Editor, doc: EditorDoc): void {
  const [only, ...others] = doc.content;
  // With ids of their own: each that is given later makes the whole list of blocks anew.
  const content =
    !others.length && only?.type === "paragraph"
      ? (only.content ?? [])
      : doc.content.map((node) => ({ ...node, attrs: { ...node.attrs, id: freshId() } }));
  // A step of undo of its own: what was typed right before must not go with it.
  editor.view.dispatch(closeHistory(stepBehind(editor.state) ?? editor.state.tr));
  const { selection } = editor.state;
  const atEnd = selection.empty && selection.$to.parentOffset === selection.$to.parent.content.size;
  // Fitting many blocks into a line costs time with each of them; behind it nothing has to fit.
  if (content.length >= MANY && atEnd) insertBlocks(editor, content);
  else editor.chain().focus().insertContent(content).scrollIntoView().run();
}

const MANY = 50;

/** Says what was put right, with the ways back: as it came, or with headings where lines only look like them. */
function offer(editor: Editor, { putRight, asItIs, withHeadings, headings }: Pasted): void {
  if (!putRight.length && !withHeadings) return;
  const after = editor.state.doc;
  const instead = (doc: EditorDoc) => () => {
    if (!editor.state.doc.eq(after)) {
      toast(
        "The text has changed since the paste, so the paste stays as it is. Undo goes back step by step.",
      );
      return;
    }
    editor.commands.undo();
    void withPictures(doc, intakeOf(editor)).then((kept) => insert(editor, kept));
  };
  const lines = headings === 1 ? "1 line looks like a heading" : `${headings} lines look like headings`;
  toast(["Pasted and cleaned", ...putRight].join("; ").replace(";", ":").concat("."), {
    duration: 15_000,
    ...(withHeadings && { description: `${lines}.` }),
    ...(withHeadings
      ? {
          action: {
            label: headings === 1 ? "Make it one" : "Make them headings",
            onClick: instead(withHeadings),
          },
        }
      : {}),
    ...(asItIs && { cancel: { label: "Paste as it is", onClick: instead(asItIs) } }),
  });
}

const textLength = (node: EditorNode): number =>
  (node.text?.length ?? 0) + (node.content ?? []).reduce((sum, child) => sum + textLength(child), 0);
const hasPicture = (node: EditorNode): boolean =>
  node.type === "picture" || (node.content ?? []).some(hasPicture);

/** Embedded pictures become files of the workspace; what is none is said and left out. */
export async function withPictures(
  doc: EditorDoc,
  { keepPicture }: Pick<Intake, "keepPicture">,
): Promise<EditorDoc> {
  const content: EditorNode[] = [];
  for (const node of doc.content) {
    const src = node.type === "picture" ? String(node.attrs?.src ?? "") : "";
    const id = assetId(src);
    if (id) {
      const asset = await getAsset(id);
      content.push(
        asset
          ? {
              ...node,
              attrs: {
                ...node.attrs,
                fileName: asset.fileName,
                bytes: asset.blob.size,
                width: asset.width,
                height: asset.height,
              },
            }
          : node,
      );
      continue;
    }
    if (!src.startsWith("data:")) {
      content.push(node);
      continue;
    }
    try {
      const base64 = src.slice(src.indexOf(",") + 1);
      const bytes = Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
      const asset = await keepPicture(new File([bytes], String(node.attrs?.fileName || "pasted-picture")));
      content.push({
        ...node,
        attrs: {
          ...node.attrs,
          src: `${ASSET_PREFIX}${asset.id}`,
          bytes: asset.blob.size,
          width: asset.width,
          height: asset.height,
        },
      });
    } catch (error) {
      toast.error(
        error instanceof PictureError
          ? error.message
          : "A picture of the paste could not be read and was left out. The text is in.",
      );
    }
  }
  return { type: "doc", content };
}
