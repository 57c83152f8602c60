/**
 * What a document may hold, as data: the same nodes, nesting and attributes as the editor's schema, which a test holds. So that a
 * document can be checked where there is no editor: in a worker, before it is kept, and before it is opened.
 */
import { Schema } from "@tiptap/pm/model";
import { type AttributeRule, anything, textOrNull } from "../blocks/rules";
import { nodeRules } from "./nodeRules";

export { KEPT } from "../blocks/kept/kept";
export { MOST_COLUMNS, type NodeRule } from "../blocks/rules";

export { nodeRules } from "./nodeRules";

export const markRules: Record<string, { attributes?: Record<string, AttributeRule>; excludes?: string }> = {
  link: {
    attributes: { href: textOrNull, target: anything, rel: textOrNull, class: anything, title: textOrNull },
  },
  bold: {},
  code: { excludes: "_" },
  italic: {},
  strike: {},
};

const defaults = (attributes: Record<string, AttributeRule> = {}) =>
  Object.fromEntries(Object.entries(attributes).map(([name, rule]) => [name, { default: rule.default }]));

/** The rules as a schema that can check and complete content. */
export const documentSchema: Schema = new Schema({
  nodes: Object.fromEntries(
    Object.entries(nodeRules).map(([name, { attributes, ...rule }]) => [
      name,
      { ...rule, attrs: defaults(attributes) },
    ]),
  ),
  marks: Object.fromEntries(
    Object.entries(markRules).map(([name, { attributes, ...rule }]) => [
      name,
      { ...rule, attrs: defaults(attributes) },
    ]),
  ),
});
