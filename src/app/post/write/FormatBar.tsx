/** The formatting bar: over a selection, reached from the text with Alt F10. */
import type { Editor } from "@tiptap/core";
import { NodeSelection } from "@tiptap/pm/state";
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
import { Tooltip } from "../../ui/Tooltip";
import { LinkForm } from "./links/LinkForm";
import { useEditorValue } from "./useEditorValue";

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
  const collapsed = useEditorValue(editor, ({ state }) => state.selection.empty);
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
        <Tools editor={editor} collapsed={collapsed} onLink={() => onLinking(true)} />
      )}
    </BubbleMenu>
  );
}

interface ToolsProps {
  editor: Editor;
  /** Nothing is selected: the tools are not in sight, and most keys need not ask for their state. */
  collapsed: boolean;
  onLink: () => void;
}

function Tools({ editor, collapsed, onLink }: ToolsProps) {
  const on = useEditorValue(editor, (e) =>
    collapsed ? "" : [...TOOLS.map((tool) => tool.on(e)), e.isActive("link")].map(Number).join(""),
  );
  const pressed = (tool: number) => on.at(tool) === "1";
  return (
    <Toolbar.Root
      aria-label="Formatting"
      className="flex rounded border border-edge bg-sheet p-0.5 shadow-md"
      onKeyDown={(event) => {
        if (event.key === "Escape") editor.view.focus();
      }}
    >
      {TOOLS.map(({ name, icon: Icon, run }, i) => (
        <Tooltip key={name} says={name}>
          <Toolbar.Button
            type="button"
            aria-pressed={pressed(i)}
            aria-label={name}
            onClick={() => run(editor)}
            className={`flex h-7 w-7 items-center justify-center rounded ${pressed(i) ? "bg-proof-wash text-proof" : "hover:bg-paper"}`}
          >
            <Icon size={16} aria-hidden="true" />
          </Toolbar.Button>
        </Tooltip>
      ))}
      <Toolbar.Button
        type="button"
        aria-pressed={pressed(-1)}
        className={`flex h-7 items-center gap-1 rounded px-1.5 ${pressed(-1) ? "bg-proof-wash text-proof" : "hover:bg-paper"}`}
        onClick={onLink}
      >
        <Link2 size={16} aria-hidden="true" /> Link
      </Toolbar.Button>
    </Toolbar.Root>
  );
}
