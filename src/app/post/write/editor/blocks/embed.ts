import { Node } from "@tiptap/core";

/** Something from another address, kept as a link: nothing is loaded from outside. */
export const Embed = Node.create({
  name: "embed",
  group: "block",
  atom: true,

  addAttributes() {
    return { href: { default: "" }, label: { default: "" } };
  },

  renderHTML({ node }) {
    const { href, label } = node.attrs as { href: string; label: string };
    return [
      "p",
      { class: "border border-rule bg-paper px-3 py-2 font-sans text-[13px]" },
      href
        ? `${label || "Video or audio"}, from ${href}. Nothing of it is loaded here.`
        : "Video or audio: its address goes above the sheet.",
    ];
  },
});
