import { type Editor, mergeAttributes, Node } from "@tiptap/core";
import { NodeViewContent, type NodeViewProps, NodeViewWrapper, ReactNodeViewRenderer } from "@tiptap/react";
import { FileDown } from "lucide-react";
import { useRef } from "react";
import { fileDetails } from "../../../../../core/blocks/file/file";
import { MEDIA_TYPES } from "../../../../../core/media/mediaTypes";
import { ASSET_PREFIX } from "../../../../../data/assets";
import { Tooltip } from "../../../../ui/Tooltip";
import { toast } from "../../../../ui/toast";
import { keepFile, whyNotKept } from "../../keepFile";
import { Act, AttributeField } from "../../toolParts";
import { insertBlock } from "../insertBlock";
import type { EditorBlock } from "./block";
import { enterBelow } from "./enterBelow";

interface FileAttributes {
  src: string;
  fileName: string;
  bytes: number | null;
}

const ENDINGS = MEDIA_TYPES.map(({ ending }) => `.${ending}`).join(",");

/** A file to download; what its link says is edited in place. */
const FileNode = Node.create({
  name: "file",
  group: "block",
  content: "text*",
  defining: true,
  isolating: true,

  addAttributes() {
    return { src: { default: "" }, fileName: { default: "" }, bytes: { default: null } };
  },

  // What goes on the clipboard: the address of the workspace is none that a link may have.
  renderHTML({ node, HTMLAttributes }) {
    const { src, fileName, bytes } = node.attrs as FileAttributes;
    const link = { "data-src": src, download: fileName, ...(bytes !== null && { "data-bytes": bytes }) };
    return [
      "p",
      mergeAttributes({ id: HTMLAttributes.id as string }, { "data-block": "file" }),
      ["a", link, 0],
    ];
  },

  addNodeView() {
    return ReactNodeViewRenderer(FileView);
  },

  addKeyboardShortcuts() {
    return enterBelow(this.name);
  },
});

/** Chooses a file, and takes it into the workspace. */
function useFileChoice(onFile: (attributes: FileAttributes) => void) {
  const input = useRef<HTMLInputElement>(null);
  const take = async (file: File) => {
    try {
      const { id, fileName, blob } = await keepFile(file);
      onFile({ src: `${ASSET_PREFIX}${id}`, fileName, bytes: blob.size });
    } catch (error) {
      toast.error(whyNotKept(error, file), { duration: 12_000 });
    }
  };
  const element = (
    <input
      ref={input}
      type="file"
      accept={ENDINGS}
      tabIndex={-1}
      aria-label="File to offer"
      className="hidden"
      onChange={(event) => {
        const [file] = event.target.files ?? [];
        if (file) void take(file);
        event.target.value = "";
      }}
    />
  );
  return { choose: () => input.current?.click(), element };
}

function FileView({ node, updateAttributes, editor, selected }: NodeViewProps) {
  const { src, fileName, bytes } = node.attrs as FileAttributes;
  const { choose, element } = useFileChoice(updateAttributes);
  return (
    <NodeViewWrapper
      className={`my-4 flex items-center gap-3 border bg-paper px-3 py-2.5 ${selected ? "border-proof" : "border-rule"}`}
    >
      <FileDown size={22} strokeWidth={1.6} aria-hidden="true" className="shrink-0 text-ink-2" />
      <NodeViewContent<"span">
        as="span"
        data-placeholder={fileName || "What it is"}
        className="block min-w-0 flex-1 border-b border-dotted border-edge"
      />
      <span contentEditable={false} className="figures shrink-0 font-sans text-[13px] text-ink-2">
        {src ? (
          <Tooltip says={fileName}>
            <span>{fileDetails({ fileName, bytes })}</span>
          </Tooltip>
        ) : (
          <button
            type="button"
            disabled={!editor.isEditable}
            className="rounded border border-edge bg-sheet px-2 py-0.5 text-ink hover:border-proof"
            onClick={choose}
          >
            Choose a file
          </button>
        )}
      </span>
      {element}
    </NodeViewWrapper>
  );
}

function FileTools({ editor }: { editor: Editor }) {
  const { choose, element } = useFileChoice((attributes) =>
    editor.chain().focus().updateAttributes("file", attributes).run(),
  );
  return (
    <>
      <Act onClick={choose}>choose a file</Act>
      <AttributeField
        editor={editor}
        type="file"
        attribute="fileName"
        label="Saved as"
        placeholder="checklist.pdf"
      />
      {element}
    </>
  );
}

export const file: EditorBlock = {
  extensions: [FileNode],
  tools: { type: "file", name: "File to download", Tools: FileTools },
  inserts: [{ name: "File to download", icon: FileDown, run: (e) => insertBlock(e, { type: "file" }) }],
};
