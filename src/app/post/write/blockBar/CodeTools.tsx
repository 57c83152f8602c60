import type { Editor } from "@tiptap/core";
import { AttributeField } from "./parts";

export const CodeTools = ({ editor }: { editor: Editor }) => (
  <AttributeField editor={editor} type="codeBlock" attribute="language" label="Language" placeholder="none" />
);
