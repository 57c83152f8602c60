import type { Editor } from "@tiptap/core";
import { Code } from "lucide-react";
import { AttributeField } from "../../toolParts";
import type { EditorBlock } from "./block";

/** As highlighters name them; what a marketer's post is likely to show. */
const LANGUAGES = [
  "css",
  "csv",
  "html",
  "javascript",
  "json",
  "liquid",
  "markdown",
  "php",
  "python",
  "shell",
  "sql",
  "text",
  "typescript",
  "xml",
  "yaml",
];

const CodeTools = ({ editor }: { editor: Editor }) => (
  <AttributeField
    editor={editor}
    type="codeBlock"
    attribute="language"
    label="Language"
    placeholder="none"
    offers={LANGUAGES}
  />
);

/** Code; its node comes with the text's kit. */
export const code: EditorBlock = {
  extensions: [],
  tools: { type: "codeBlock", name: "Code", Tools: CodeTools },
  inserts: [{ name: "Code", icon: Code, run: (e) => e.chain().focus().toggleCodeBlock().run() }],
};
