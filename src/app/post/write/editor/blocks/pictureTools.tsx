import type { Editor } from "@tiptap/core";
import { NodeSelection } from "@tiptap/pm/state";
import { useEditorState } from "@tiptap/react";
import { useRef, useState } from "react";
import type { PictureSide } from "../../../../../core/draft/draft";
import { suggestedFileName, tidyFileName } from "../../../../../core/pictures/fileName";
import { languagePack } from "../../../../../core/text/language";
import { addAsset, assetId, getOriginal } from "../../../../../data/assets";
import { freshId } from "../../../../../data/freshId";
import type { Asset } from "../../../../../data/model";
import { useAppDispatch } from "../../../../store/hooks";
import { useLive } from "../../../../store/useLive";
import { toast } from "../../../../ui/toast";
import { useOpenPost } from "../../../useOpenPost";
import { AltSuggestSheet } from "../../AltSuggestSheet";
import { CropSheet } from "../../CropSheet";
import { whyNotKept } from "../../keepFile";
import { keepPicture } from "../../keepPicture";
import { ShelfSheet } from "../../shelf/ShelfSheet";
import { Act, Choice, Gap } from "../../toolParts";
import { pictureNode } from "../insertPictures";
import type { PictureAttributes } from "./pictureAttributes";

const SIDES: readonly (readonly [PictureSide, string])[] = [
  ["line", "in line"],
  ["wide", "wide"],
  ["left", "left"],
  ["right", "right"],
];

export function PictureTools({ editor }: { editor: Editor }) {
  const dispatch = useAppDispatch();
  const { post } = useOpenPost("post");
  const files = useRef<HTMLInputElement>(null);
  const [sheet, setSheet] = useState<"crop" | "shelf" | "alt" | null>(null);
  const attrs = useEditorState({
    editor,
    selector: ({ editor: e }) => e.getAttributes("picture") as PictureAttributes,
  });
  const caption = useEditorState({ editor, selector: ({ editor: e }) => captionAt(e) });
  const { side, src, fileName, alt, focus } = attrs;
  const original = useOriginal(src);
  const update = (changes: Partial<PictureAttributes>) =>
    editor.chain().focus().updateAttributes("picture", changes).run();
  /** Another file in the same place: what was said of the picture stays. */
  const show = (asset: Asset, focusOf: string | null = null) => {
    const {
      alt: _alt,
      decorative: _decorative,
      ...file
    } = pictureNode(asset).attrs as unknown as PictureAttributes;
    update({ ...file, focus: focusOf });
  };
  /** As another picture, so that undo finds this one again. */
  const goBack = async (was: Asset) => {
    const asset = { ...was, id: freshId() };
    await addAsset(asset);
    show(asset);
    // At once: the button goes with what it does, and until the next frame a key would reach nothing.
    editor.view.focus();
  };
  const replace = async (file: File) => {
    try {
      show(await dispatch(keepPicture(file)));
    } catch (error) {
      toast.error(whyNotKept(error, file), { duration: 12_000 });
    }
  };
  const suggested = suggestedFileName(
    { alt, caption, fileName },
    post?.title ?? "",
    languagePack(post?.language ?? ""),
  );
  return (
    <>
      <Choice label="Stands" options={SIDES} value={side} onChange={(next) => update({ side: next })} />
      <Gap />
      <Act disabled={!assetId(src)} onClick={() => setSheet("crop")}>
        crop and focus
      </Act>
      <Act onClick={() => files.current?.click()}>replace</Act>
      <Act onClick={() => setSheet("shelf")}>from the shelf</Act>
      <Act onClick={() => setSheet("alt")}>suggest an alt text</Act>
      {original && <Act onClick={() => void goBack(original)}>back to the original</Act>}
      <Gap />
      <FileName
        key={`${src} ${fileName}`}
        fileName={fileName}
        suggested={suggested === fileName ? null : suggested}
        onName={(name) => editor.commands.updateAttributes("picture", { fileName: name })}
        // At once: the focus command waits for the next frame, and would take the focus from a field entered meanwhile.
        onDone={() => editor.view.focus()}
      />
      <input
        ref={files}
        type="file"
        accept="image/*"
        tabIndex={-1}
        aria-label="File to replace the picture"
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void replace(file);
          event.target.value = "";
        }}
      />
      {sheet === "crop" && (
        <CropSheet
          src={src}
          focus={focus}
          onTake={(asset, point) => (asset ? show(asset, point) : update({ focus: point }))}
          onClose={() => setSheet(null)}
        />
      )}
      {sheet === "alt" && (
        <AltSuggestSheet
          editor={editor}
          caption={caption}
          fileName={fileName}
          onTake={(next) => update({ alt: next, decorative: false })}
          onClose={() => setSheet(null)}
        />
      )}
      {sheet === "shelf" && (
        <ShelfSheet
          title="Replace the picture"
          onTake={({ asset }) => show(asset)}
          onClose={() => setSheet(null)}
        />
      )}
    </>
  );
}

function captionAt({ state: { selection } }: Editor): string {
  const node = selection instanceof NodeSelection ? selection.node : selection.$from.parent;
  return node.type.name === "picture" ? node.textContent : "";
}

/** What the picture was made of; undefined where nothing of that is kept. */
function useOriginal(src: string): Asset | undefined {
  const id = assetId(src);
  const original = useLive(async () => (id ? await getOriginal(id) : undefined), [id]);
  return original.state === "ready" ? original.value : undefined;
}

interface FileNameProps {
  fileName: string;
  suggested: string | null;
  onName: (name: string) => void;
  /** Back to the text. */
  onDone: () => void;
}
/** Taken when the field is left, wherever to: a name in the making is none. */
function FileName({ fileName, suggested, onName, onDone }: FileNameProps) {
  const [typed, setTyped] = useState(fileName);
  const take = () => {
    const name = tidyFileName(typed, fileName);
    if (name && name !== fileName) onName(name);
    else setTyped(fileName);
  };
  return (
    <span className="flex min-w-80 flex-1 items-center gap-2">
      <label className="flex min-w-40 flex-1 items-center gap-1.5">
        <span className="whitespace-nowrap text-ink-2">File</span>
        <input
          aria-label="File name"
          className="min-w-0 flex-1 rounded border border-edge bg-sheet px-1.5 py-px"
          value={typed}
          maxLength={100}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={take}
          onKeyDown={(event) => event.key === "Enter" && onDone()}
        />
      </label>
      {suggested && (
        <button
          type="button"
          className="quiet-link max-w-72 shrink-0 truncate"
          onClick={() => {
            onName(suggested);
            onDone();
          }}
        >
          Use “{suggested}”
        </button>
      )}
    </span>
  );
}
