import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { RUNS } from "../../testing/runs";
import { pasteHtml } from "../paste";
import { withRightSigns } from "./punctuation";

describe("signs that came to harm", () => {
  it.each([
    ["an apostrophe", "Donâ€™t lock it", "Don’t lock it"],
    ["quotes", "â€œloadâ€\u009d and â€˜ridersâ€™", "“load” and ‘riders’"],
    ["dashes and dots", "ten â€“ or more â€” kilosâ€¦", "ten – or more — kilos…"],
    ["backticks and apostrophes", "the ``long haul'' of it", "the “long haul” of it"],
  ])("are put right: %s", (_what, wrong, right) => expect(withRightSigns(wrong)).toBe(right));
  it.each(["“whole” ‘ones’ – stay", "a run of 4' 20''", "naïve â la carte", "``open for ever", "â‚ alone"])(
    "are left where nothing is wrong: %s",
    (text) => expect(withRightSigns(text)).toBe(text),
  );
  it("are the only thing that changes: what was misread once is as it was before", () => {
    const text = fc.string({ unit: fc.constantFrom(..."ab –—’“”…\n") });
    const misread = (s: string) => Buffer.from(s, "utf8").toString("latin1");
    fc.assert(
      fc.property(text, (s) => {
        expect(withRightSigns(misread(s))).toBe(s);
      }),
      RUNS,
    );
  });
  it("are put right in a paste, said, and left alone in code", () => {
    const { doc, putRight } = pasteHtml("<p>Itâ€™s here</p><pre><code>â€™</code></pre>");
    expect(putRight).toEqual(["1 place with broken quotes or dashes corrected"]);
    expect(JSON.stringify(doc)).toContain("It’s here");
    expect(JSON.stringify(doc)).toContain("â€™");
  });
});
