import { type Editor, mergeAttributes, Node } from "@tiptap/core";
import { type NodeViewProps, NodeViewWrapper, ReactNodeViewRenderer, useEditorState } from "@tiptap/react";
import { PanelTop } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { hostOf } from "../../../../../core/blocks/linkCard/linkCard";
import { messageOf } from "../../../../../core/messageOf";
import { ASSET_PREFIX } from "../../../../../data/assets";
import { useAppDispatch } from "../../../../store/hooks";
import { usePictureSource } from "../../../../store/usePictureSource";
import { toast } from "../../../../ui/toast";
import { readLinkCard } from "../../readLinkCard";
import { ShelfSheet } from "../../shelf/ShelfSheet";
import { Act, AttributeField, Gap } from "../../toolParts";
import { insertBlock } from "../insertBlock";
import type { EditorBlock } from "./block";

interface LinkCardAttributes {
  id: string | null;
  href: string;
  title: string;
  description: string;
  picture: string;
}

/** A page to go on to, with its title, description and picture. */
const LinkCard = Node.create({
  name: "linkCard",
  group: "block",
  atom: true,

  addAttributes() {
    return {
      href: { default: "" },
      title: { default: "" },
      description: { default: "" },
      picture: { default: "" },
    };
  },

  // What goes on the clipboard. The picture's address is no src, since an element that is only made already loads it.
  renderHTML({ node, HTMLAttributes }) {
    const { href, title, description, picture } = node.attrs as LinkCardAttributes;
    return [
      "aside",
      mergeAttributes({ id: HTMLAttributes.id as string }, { "data-block": "link-card" }),
      ...(picture ? [["img", { "data-src": picture, alt: "" }]] : []),
      ["p", {}, ["a", { href }, title || href]],
      ["p", {}, description],
    ];
  },

  addNodeView() {
    return ReactNodeViewRenderer(LinkCardView);
  },
});

const LINE =
  "block w-full border-b border-dotted border-transparent bg-transparent placeholder:text-ink-2 hover:border-edge focus:border-solid focus:border-proof focus:outline-none";

function LinkCardView({ node, selected, editor, updateAttributes }: NodeViewProps) {
  const { href, title, description, picture } = node.attrs as LinkCardAttributes;
  const shown = usePictureSource(picture);
  return (
    <NodeViewWrapper className={`my-4 border bg-paper ${selected ? "border-proof" : "border-rule"}`}>
      <div className="flex gap-4 p-3">
        {shown && <img src={shown} alt="" className="h-24 w-36 shrink-0 object-cover" draggable={false} />}
        <div className="min-w-0 flex-1" contentEditable={false}>
          <input
            aria-label="Title of the card"
            className={`${LINE} font-semibold`}
            placeholder={href || "Its address goes above the sheet"}
            value={title}
            disabled={!editor.isEditable}
            maxLength={300}
            onChange={(event) => updateAttributes({ title: event.target.value })}
          />
          <textarea
            aria-label="Description of the card"
            className={`${LINE} field-sizing-content min-h-7 resize-none text-[0.92em]`}
            placeholder="Description"
            rows={1}
            value={description}
            disabled={!editor.isEditable}
            maxLength={1000}
            onChange={(event) => updateAttributes({ description: event.target.value })}
          />
          {hostOf(href) && <p className="font-sans text-[13px] text-ink-2">{hostOf(href)}</p>}
        </div>
      </div>
    </NodeViewWrapper>
  );
}

/** Changes the card wherever it is by now: it may have been read while somebody wrote on. */
function changeCard(editor: Editor, id: string | null, attributes: Partial<LinkCardAttributes>): void {
  if (editor.isDestroyed) return;
  editor.state.doc.descendants((node, at) => {
    if (node.type.name !== "linkCard" || node.attrs.id !== id) return;
    editor.view.dispatch(editor.state.tr.setNodeMarkup(at, null, { ...node.attrs, ...attributes }));
  });
}

function LinkCardTools({ editor }: { editor: Editor }) {
  const dispatch = useAppDispatch();
  const [choosing, setChoosing] = useState(false);
  const [reading, setReading] = useState<AbortController | null>(null);
  const { id, href, picture } = useEditorState({
    editor,
    selector: ({ editor: e }) => e.getAttributes("linkCard") as LinkCardAttributes,
  });
  // Whoever goes to another block or page waits for nothing.
  const last = useRef(reading);
  last.current = reading;
  useEffect(() => () => last.current?.abort(), []);
  const read = async () => {
    const stop = new AbortController();
    setReading(stop);
    try {
      changeCard(editor, id, await dispatch(readLinkCard(href, stop.signal)));
    } catch (error) {
      if (!stop.signal.aborted)
        toast.error(
          `${messageOf(error)} The card is as it was: write its title and description by hand, or try again.`,
          { duration: 12_000 },
        );
    } finally {
      setReading(null);
    }
  };
  return (
    <>
      <AttributeField
        editor={editor}
        type="linkCard"
        attribute="href"
        label="Address"
        placeholder="https:// or /own/page"
        address="link"
        onEnter={() => void read()}
      />
      {reading ? (
        <>
          <span role="status" className="text-ink-2">
            Reading the page …
          </span>
          <Act onClick={() => reading.abort()}>cancel</Act>
        </>
      ) : (
        <Act disabled={!href} onClick={() => void read()}>
          read the page
        </Act>
      )}
      <Gap />
      <Act onClick={() => setChoosing(true)}>{picture ? "another picture" : "picture"}</Act>
      {picture && <Act onClick={() => changeCard(editor, id, { picture: "" })}>no picture</Act>}
      {choosing && (
        <ShelfSheet
          title="Picture of the card"
          onTake={({ asset }) => changeCard(editor, id, { picture: `${ASSET_PREFIX}${asset.id}` })}
          onClose={() => setChoosing(false)}
        />
      )}
    </>
  );
}

export const linkCard: EditorBlock = {
  extensions: [LinkCard],
  tools: { type: "linkCard", name: "Link card", Tools: LinkCardTools },
  inserts: [{ name: "Link card", icon: PanelTop, run: (e) => insertBlock(e, { type: "linkCard" }) }],
};
