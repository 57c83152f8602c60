import type { Editor } from "@tiptap/core";
import { AttributeField } from "./parts";

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

export const CodeTools = ({ editor }: { editor: Editor }) => (
  <AttributeField
    editor={editor}
    type="codeBlock"
    attribute="language"
    label="Language"
    placeholder="none"
    offers={LANGUAGES}
  />
);
