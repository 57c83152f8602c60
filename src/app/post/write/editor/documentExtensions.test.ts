import { getSchema } from "@tiptap/core";
import type { AttributeSpec } from "@tiptap/pm/model";
import { describe, expect, it } from "vitest";
import { markRules, nodeRules } from "../../../../core/draft/documentRules";
import { documentExtensions } from "./documentExtensions";

const schema = getSchema(documentExtensions);
const defaultsOf = (attrs: Record<string, AttributeSpec> | null | undefined) =>
  Object.fromEntries(Object.entries(attrs ?? {}).map(([name, spec]) => [name, spec.default as unknown]));
const ruled = (attributes: Record<string, { default: unknown }> = {}) =>
  Object.fromEntries(Object.entries(attributes).map(([name, rule]) => [name, rule.default]));

describe("the editor's schema", () => {
  it("has the nodes and marks that documents are checked by, and no others", () => {
    expect(Object.keys(schema.nodes).sort()).toEqual(Object.keys(nodeRules).sort());
    expect(Object.keys(schema.marks).sort()).toEqual(Object.keys(markRules).sort());
  });

  it.each(Object.keys(nodeRules))("nests %s as they say, with the same attributes", (name) => {
    const { spec } = schema.nodes[name]!;
    const rule = nodeRules[name]!;
    expect(spec.content ?? "").toBe(rule.content ?? "");
    expect((spec.group ?? "").split(" ").filter(Boolean).sort()).toEqual(
      (rule.group ?? "").split(" ").filter(Boolean).sort(),
    );
    expect(spec.marks).toBe(rule.marks);
    expect(Boolean(spec.inline)).toBe(Boolean(rule.inline));
    expect(defaultsOf(spec.attrs)).toEqual(ruled(rule.attributes));
  });

  it.each(Object.keys(markRules))("has the mark %s as they say", (name) => {
    const { spec } = schema.marks[name]!;
    expect(spec.excludes).toBe(markRules[name]!.excludes);
    expect(defaultsOf(spec.attrs)).toEqual(ruled(markRules[name]!.attributes));
  });
});
