import type { Editor } from "@tiptap/core";
import { AttributeField } from "./parts";

export const EmbedTools = ({ editor }: { editor: Editor }) => (
  <>
    <AttributeField
      editor={editor}
      type="embed"
      attribute="href"
      label="Address"
      placeholder="https://"
      address
    />
    <AttributeField
      editor={editor}
      type="embed"
      attribute="label"
      label="Title"
      placeholder="What it shows"
    />
  </>
);
