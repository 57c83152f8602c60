import { type Editor, Node } from "@tiptap/core";
import { Link2 } from "lucide-react";
import { AttributeField } from "../../toolParts";
import { insertBlock } from "../insertBlock";
import type { EditorBlock } from "./block";
import { enterBelow } from "./enterBelow";

/** A link that stands alone and asks to be followed; its text is edited in place, its address above the sheet. */
const ButtonBlock = Node.create({
  name: "button",
  group: "block",
  content: "text*",
  defining: true,
  isolating: true,

  addAttributes() {
    return { href: { default: "" } };
  },

  renderHTML({ node }) {
    return ["p", { "data-block": "button" }, ["a", { href: String(node.attrs.href) || undefined }, 0]];
  },

  addKeyboardShortcuts() {
    return enterBelow(this.name);
  },
});

const ButtonTools = ({ editor }: { editor: Editor }) => (
  <AttributeField
    editor={editor}
    type="button"
    attribute="href"
    label="Leads to"
    placeholder="https://, /own/page or #place"
    address="link"
  />
);

export const button: EditorBlock = {
  extensions: [ButtonBlock],
  tools: { type: "button", name: "Button", Tools: ButtonTools },
  inserts: [{ name: "Button", icon: Link2, run: (e) => insertBlock(e, { type: "button" }) }],
};
