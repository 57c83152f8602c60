/** What a document can hold: the nodes and marks of the editor's schema. core/draft/documentRules says the same as data. */
import { BlockIds } from "./blockIds";
import { EDITOR_BLOCKS } from "./blocks/registry";

export const documentExtensions = [...EDITOR_BLOCKS.flatMap(({ extensions }) => extensions), BlockIds];
