import { mergeAttributes, Node } from "@tiptap/core";
import { NodeViewContent, type NodeViewProps, NodeViewWrapper, ReactNodeViewRenderer } from "@tiptap/react";
import { ImageOff, Trash2 } from "lucide-react";
import { useEffect, useId } from "react";
import { objectPosition } from "../../../../../core/pictures/focus";
import { assetId, getAsset } from "../../../../../data/assets";
import { ASSET_CHANGED, usePictureSource } from "../../../../store/usePictureSource";
import { Checkbox } from "../../../../ui/Checkbox";
import { kilobytes } from "../../../../ui/shortFigures";
import { Tooltip } from "../../../../ui/Tooltip";
import { useAltBounds } from "../altBounds";
import type { EditorBlock } from "./block";
import { enterBelow } from "./enterBelow";
import type { PictureAttributes } from "./pictureAttributes";
import { PictureTools } from "./pictureTools";

/** A picture with its caption as content, so that the caption is edited in place. */
const PictureNode = Node.create({
  name: "picture",
  group: "block",
  content: "text*",
  isolating: true,
  draggable: true,

  addAttributes() {
    return {
      src: { default: "" },
      fileName: { default: "" },
      alt: { default: "" },
      decorative: { default: false },
      bytes: { default: null },
      width: { default: null },
      height: { default: null },
      side: { default: "line" },
      focus: { default: null },
      href: { default: null },
    };
  },

  // What goes on the clipboard: read back by the same cleaning as any paste. The address is no src, since an element
  // that is only made already loads it.
  renderHTML({ node, HTMLAttributes }) {
    const { src, alt, decorative, fileName, side, focus } = node.attrs as PictureAttributes;
    const image = {
      "data-src": src,
      "data-file": fileName,
      ...((alt || decorative) && { alt: decorative ? "" : alt }),
    };
    return [
      "figure",
      mergeAttributes(
        { id: HTMLAttributes.id as string },
        {
          ...(side !== "line" && { "data-side": side }),
          ...(focus && { "data-focus": focus }),
        },
      ),
      ["img", image],
      ["figcaption", 0],
    ];
  },

  addNodeView() {
    return ReactNodeViewRenderer(PictureView);
  },

  addKeyboardShortcuts() {
    return enterBelow(this.name);
  },
});

function PictureView({ node, updateAttributes, deleteNode, editor, getPos, selected }: NodeViewProps) {
  const { leastCharacters, mostCharacters } = useAltBounds();
  const { src, fileName, alt, decorative, bytes, width, height, side, focus } =
    node.attrs as PictureAttributes;
  const shown = usePictureSource(src);
  const id = useId();
  useEffect(() => {
    const onChange = (event: Event) => {
      if ((event as CustomEvent<string>).detail !== assetId(src)) return;
      void getAsset(assetId(src)!).then((asset) => {
        if (!asset) return;
        const { fileName: name, blob, width: w, height: h } = asset;
        updateAttributes({ fileName: name, bytes: blob.size, width: w, height: h });
      });
    };
    window.addEventListener(ASSET_CHANGED, onChange);
    return () => window.removeEventListener(ASSET_CHANGED, onChange);
  }, [src, updateAttributes]);
  const canWrite = editor.isEditable;
  return (
    <NodeViewWrapper as="figure" className="my-5" data-side={side}>
      {shown ? (
        // biome-ignore lint/a11y/useKeyWithClickEvents: by keys, the cursor goes into the caption
        <img
          src={shown}
          alt={decorative ? "" : alt}
          className={`w-full ${selected ? "outline-2 outline-offset-2 outline-proof" : ""}`}
          onClick={() => {
            const pos = getPos();
            if (pos !== undefined) editor.commands.setNodeSelection(pos);
          }}
          style={{ objectPosition: objectPosition(focus) }}
          width={width ?? undefined}
          height={height ?? undefined}
          draggable
          data-drag-handle
        />
      ) : shown === undefined ? (
        // As high as the picture will be, so that nothing moves when it comes.
        <div
          aria-hidden="true"
          className="bg-paper"
          style={width && height ? { aspectRatio: width / height } : {}}
        />
      ) : (
        <p
          className="flex items-center gap-2 border border-rule bg-paper p-4 font-sans text-[13px] text-ink-2"
          contentEditable={false}
        >
          <ImageOff size={16} aria-hidden="true" />
          {src && !assetId(src)
            ? `Picture at ${src}: kept as an address, not loaded from outside.`
            : `The file of ${fileName || "this picture"} is not in the workspace.`}
        </p>
      )}
      <NodeViewContent<"figcaption">
        as="figcaption"
        data-placeholder="Caption"
        className="min-h-6 pt-1.5 font-sans text-[13px] text-ink-2"
      />
      <div
        contentEditable={false}
        className="mt-1 flex flex-wrap print:hidden items-center gap-x-3 gap-y-1 border border-rule bg-paper px-2 py-1.5 font-sans text-[13px]"
      >
        <label htmlFor={id} className="shrink-0 text-ink-2">
          Alt text
        </label>
        <input
          id={id}
          data-alt
          className="min-w-32 flex-1 rounded border border-edge bg-sheet px-1.5 py-0.5 disabled:border-rule disabled:bg-paper"
          placeholder={decorative ? "none: decoration" : "What the picture shows"}
          value={decorative ? "" : alt}
          disabled={decorative || !canWrite}
          maxLength={1000}
          onChange={(event) => updateAttributes({ alt: event.target.value })}
        />
        <Tooltip says={`Characters; ${leastCharacters} to ${mostCharacters} are good`}>
          <span className="figures w-8 text-right text-ink-2">{decorative ? "" : [...alt].length}</span>
        </Tooltip>
        <label className="flex shrink-0 items-center gap-1">
          <Checkbox
            checked={decorative}
            disabled={!canWrite}
            onChange={(checked) => updateAttributes({ decorative: checked })}
          />
          Decoration
        </label>
        <Tooltip says={fileName} whenCut>
          <span className="figures max-w-40 shrink truncate text-ink-2">
            {fileName}
            {bytes !== null && `, ${kilobytes(bytes)}`}
          </span>
        </Tooltip>
        <Tooltip says="Remove">
          <button
            type="button"
            aria-label={`Remove the picture ${fileName}`}
            disabled={!canWrite}
            onClick={deleteNode}
            className="text-ink-2 hover:text-plum"
          >
            <Trash2 size={15} aria-hidden="true" />
          </button>
        </Tooltip>
      </div>
    </NodeViewWrapper>
  );
}

export const picture: EditorBlock = {
  extensions: [PictureNode],
  tools: { type: "picture", name: "Picture", Tools: PictureTools },
};
