/** Attributes and marks that the application can work with; what it cannot is left out. */

import type { EditorNode } from "../../blocks/editorJson";
import { MOST_COLUMNS, markRules, nodeRules } from "../documentRules";
import type { Told } from "./told";

export const isNode = (value: unknown): value is EditorNode =>
  typeof value === "object" && value !== null && typeof (value as EditorNode).type === "string";

/** With attributes and marks that the application can work with, and no text that is empty; the same object where they are so. */
export function withSoundAttributes(node: EditorNode, told: Told): EditorNode {
  const attrs = soundAttributes(node.type, node.attrs, nodeRules[node.type]!.attributes ?? {}, told);
  const marks = soundMarks(node.marks, told);
  let content = node.content;
  if (content !== undefined) {
    if (Array.isArray(content)) {
      const children = content.flatMap((child): EditorNode[] => {
        if (!isNode(child) || (child.type === "text" && !(typeof child.text === "string" && child.text))) {
          told.values++;
          return [];
        }
        return [withSoundAttributes(child, told)];
      });
      if (children.length !== content.length || children.some((child, i) => child !== content![i]))
        content = children;
    } else {
      told.values++;
      content = [];
    }
  }
  if (content && node.type === "tableRow") content = withinColumns(content, told);
  if (attrs === node.attrs && marks === node.marks && content === node.content) return node;
  const { attrs: _attrs, marks: _marks, content: _content, ...rest } = node;
  return { ...rest, ...(attrs && { attrs }), ...(content && { content }), ...(marks && { marks }) };
}

function withinColumns(cells: EditorNode[], told: Told): EditorNode[] {
  const columns = cells.reduce((sum, { attrs }) => sum + Number(attrs?.colspan ?? 1), 0);
  if (columns <= MOST_COLUMNS || columns === cells.length) return cells;
  told.values++;
  return cells.map((cell) => ({ ...cell, attrs: { ...cell.attrs, colspan: 1 } }));
}

function soundAttributes(
  type: string,
  attrs: unknown,
  rules: NonNullable<(typeof nodeRules)[string]["attributes"]>,
  told: Told,
): Record<string, unknown> | undefined {
  if (attrs === undefined) return undefined;
  if (typeof attrs !== "object" || attrs === null || Array.isArray(attrs)) {
    told.values++;
    return undefined;
  }
  const given = attrs as Record<string, unknown>;
  let wrong = false;
  const kept: Record<string, unknown> = {};
  for (const [name, value] of Object.entries(given)) {
    const rule = Object.hasOwn(rules, name) ? rules[name]! : null;
    if (rule?.holds(value)) kept[name] = value;
    else {
      wrong = true;
      if (rule) told.values++;
      else if (value !== null) told.attributes.add(`${name} of ${type}`);
    }
  }
  return wrong ? kept : given;
}

function soundMarks(marks: EditorNode["marks"], told: Told): EditorNode["marks"] {
  if (marks === undefined) return undefined;
  if (!Array.isArray(marks)) {
    told.values++;
    return undefined;
  }
  let wrong = false;
  const kept = marks.flatMap((mark): NonNullable<EditorNode["marks"]> => {
    const rules = typeof mark?.type === "string" ? markRules[mark.type] : undefined;
    if (!rules) {
      wrong = true;
      told.values++;
      return [];
    }
    const attrs = soundAttributes(mark.type, mark.attrs, rules.attributes ?? {}, told);
    if (attrs === mark.attrs) return [mark];
    wrong = true;
    return [{ type: mark.type, ...(attrs && { attrs }) }];
  });
  return wrong ? kept : marks;
}
