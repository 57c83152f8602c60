import type { Editor } from "@tiptap/core";
import { AttributeField } from "./parts";

export const ButtonTools = ({ editor }: { editor: Editor }) => (
  <AttributeField
    editor={editor}
    type="button"
    attribute="href"
    label="Leads to"
    placeholder="https://, /own/page or #place"
    address="link"
  />
);
