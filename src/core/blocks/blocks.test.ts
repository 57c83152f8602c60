import { describe, expect, it } from "vitest";
import { BLOCK_KINDS } from "./registry";

/** What every kind must say, so that a block of it comes through every form. */
describe.each(BLOCK_KINDS.map((kind) => [Object.keys(kind.nodes).join(", "), kind] as const))(
  "%s",
  (_nodes, kind) => {
    it("reads each of its nodes", () =>
      expect(Object.keys(kind.fromEditor).sort()).toEqual(Object.keys(kind.nodes).sort()));

    it("writes HTML of whatever it makes editor nodes of, and the other way round", () => {
      expect(Object.keys(kind.toHtml ?? {}).sort()).toEqual(Object.keys(kind.toEditor ?? {}).sort());
      for (const type of Object.keys(kind.groupToEditor ?? {}))
        expect(Object.keys(kind.wrapHtml ?? {})).toContain(type);
    });

    it("reads the HTML that it writes", () => {
      const writes = Boolean(kind.toHtml ?? kind.wrapHtml);
      expect(Boolean(kind.fromHtml ?? kind.fromMarkedHtml)).toBe(
        writes || Object.keys(kind.nodes).includes("paragraph"),
      );
    });
  },
);

it("no two kinds claim one node, element or mark", () => {
  for (const part of ["nodes", "fromHtml", "fromMarkedHtml", "toHtml", "wrapHtml"] as const) {
    const names = BLOCK_KINDS.flatMap((kind) => Object.keys(kind[part] ?? {}));
    expect(new Set(names).size, part).toBe(names.length);
  }
});
