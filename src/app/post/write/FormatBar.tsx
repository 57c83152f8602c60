/** The formatting bar: over a selection, reached from the text with Alt F10. */
import type { Editor } from "@tiptap/core";
import { NodeSelection } from "@tiptap/pm/state";
import { useEditorState } from "@tiptap/react";
import { BubbleMenu, type BubbleMenuProps } from "@tiptap/react/menus";
import {
  Bold,
  Code,
  Heading2,
  Heading3,
  Heading4,
  Italic,
  Link2,
  List,
  ListOrdered,
  type LucideIcon,
  Pilcrow,
  Quote,
  Strikethrough,
} from "lucide-react";
import { Toolbar } from "radix-ui";
import { type RefObject, useEffect } from "react";
import { LinkForm } from "./links/LinkForm";

interface Tool {
  name: string;
  icon: LucideIcon;
  on: (editor: Editor) => boolean;
  run: (editor: Editor) => void;
}

const heading = (level: 2 | 3 | 4, icon: LucideIcon): Tool => ({
  name: `Heading ${level}`,
  icon,
  on: (editor) => editor.isActive("heading", { level }),
  run: (editor) => editor.chain().focus().toggleHeading({ level }).run(),
});

const TOOLS: Tool[] = [
  {
    name: "Paragraph",
    icon: Pilcrow,
    on: (e) => e.isActive("paragraph"),
    run: (e) => e.chain().focus().setParagraph().run(),
  },
  heading(2, Heading2),
  heading(3, Heading3),
  heading(4, Heading4),
  {
    name: "Bold",
    icon: Bold,
    on: (e) => e.isActive("bold"),
    run: (e) => e.chain().focus().toggleBold().run(),
  },
  {
    name: "Italic",
    icon: Italic,
    on: (e) => e.isActive("italic"),
    run: (e) => e.chain().focus().toggleItalic().run(),
  },
  {
    name: "Struck through",
    icon: Strikethrough,
    on: (e) => e.isActive("strike"),
    run: (e) => e.chain().focus().toggleStrike().run(),
  },
  {
    name: "Code",
    icon: Code,
    on: (e) => e.isActive("code"),
    run: (e) => e.chain().focus().toggleCode().run(),
  },
  {
    name: "Bulleted list",
    icon: List,
    on: (e) => e.isActive("bulletList"),
    run: (e) => e.chain().focus().toggleBulletList().run(),
  },
  {
    name: "Numbered list",
    icon: ListOrdered,
    on: (e) => e.isActive("orderedList"),
    run: (e) => e.chain().focus().toggleOrderedList().run(),
  },
  {
    name: "Quote",
    icon: Quote,
    on: (e) => e.isActive("blockquote"),
    run: (e) => e.chain().focus().toggleBlockquote().run(),
  },
];

const NONE: boolean[] = [];

/** Both outside the component: a new object at every render would make the menu disturb a selection that is being made. */
const PLACE: NonNullable<BubbleMenuProps["options"]> = { placement: "top", offset: 6 };
const overSelection: NonNullable<BubbleMenuProps["shouldShow"]> = ({ editor, state, element }) => {
  const { selection } = state;
  if (!editor.isEditable || selection.empty || selection instanceof NodeSelection) return false;
  return editor.view.hasFocus() || element.contains(document.activeElement);
};

interface Props {
  editor: Editor;
  bar: RefObject<HTMLDivElement | null>;
  linking: boolean;
  onLinking: (linking: boolean) => void;
}

export function FormatBar({ editor, bar, linking, onLinking }: Props) {
  const active = useEditorState({
    editor,
    // Not in sight without a selection, and asked with every key.
    selector: ({ editor: e }) =>
      e.state.selection.empty ? NONE : [...TOOLS.map((tool) => tool.on(e)), e.isActive("link")],
  });
  const collapsed = useEditorState({ editor, selector: ({ editor: e }) => e.state.selection.empty });
  useEffect(() => {
    if (collapsed) onLinking(false);
  }, [collapsed, onLinking]);
  return (
    <BubbleMenu
      editor={editor}
      ref={bar}
      updateDelay={80}
      options={PLACE}
      shouldShow={overSelection}
      className="z-20"
    >
      {linking ? (
        <LinkForm editor={editor} onDone={() => onLinking(false)} />
      ) : (
        <Toolbar.Root
          aria-label="Formatting"
          className="flex rounded border border-edge bg-sheet p-0.5 shadow-md"
          onKeyDown={(event) => {
            if (event.key === "Escape") editor.commands.focus();
          }}
        >
          {TOOLS.map(({ name, icon: Icon, run }, i) => (
            <Toolbar.Button
              key={name}
              type="button"
              aria-pressed={active[i]}
              aria-label={name}
              title={name}
              onClick={() => run(editor)}
              className={`flex h-7 w-7 items-center justify-center rounded ${active[i] ? "bg-proof-wash text-proof" : "hover:bg-paper"}`}
            >
              <Icon size={16} aria-hidden="true" />
            </Toolbar.Button>
          ))}
          <Toolbar.Button
            type="button"
            aria-pressed={active.at(-1)}
            className={`flex h-7 items-center gap-1 rounded px-1.5 ${active.at(-1) ? "bg-proof-wash text-proof" : "hover:bg-paper"}`}
            onClick={() => onLinking(true)}
          >
            <Link2 size={16} aria-hidden="true" /> Link
          </Toolbar.Button>
        </Toolbar.Root>
      )}
    </BubbleMenu>
  );
}
