import { readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";
import { checksDocument } from "./checksDocument";

it("docs/checks.md is current: if not, run npm run docs", () => {
  expect(readFileSync(join(import.meta.dirname, "../docs/checks.md"), "utf8")).toBe(checksDocument());
});
