import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { blocksFromEditor } from "../draft/fromEditor";
import { anyDoc, anyText } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { readSource, type SourceKind, writeSource } from "./source";

const KINDS: SourceKind[] = ["markdown", "html"];
const texts = (doc: Parameters<typeof blocksFromEditor>[0]) =>
  blocksFromEditor(doc)
    .map(({ kind, text }) => `${kind} ${text}`)
    .filter((one) => !/^(?:paragraph|listItem|quote|cell|code) $/.test(one));

describe("source", () => {
  it.each(KINDS)("as %s says what the text says, whatever it is, and comes back", (kind) => {
    fc.assert(
      fc.property(anyDoc, (doc) => {
        expect(texts(readSource(writeSource(doc, kind), kind).doc)).toEqual(texts(doc));
      }),
      RUNS,
    );
  });
  it.each(KINDS)("as %s is read without a throw, and with nothing that acts", (kind) => {
    const nasty = fc.constantFrom(
      "<script>x</script>",
      "<a href='javascript:a()'>l</a>",
      "[x](javascript:a())",
      "<p data-block=button><a href=javascript:a()>b</a>",
      "```",
      "<table><td>",
    );
    fc.assert(
      fc.property(fc.array(fc.oneof(nasty, anyText), { maxLength: 6 }), (parts) => {
        const { doc } = readSource(parts.join("\n"), kind);
        expect(JSON.stringify(doc)).not.toMatch(/"href":"\s*javascript:/i);
      }),
      RUNS,
    );
  });

  it.each([
    ["html", "<p>a</p>\n<p>b <b>c</p>\n</section>", [2, 3]],
    ["html", "<p>a<br>b</p><img src=a><!-- <b> -->", []],
    ["html", "<b>a\n<i>b</b>", [2]],
    ["html", "<p id=a id=b>x</p>", [1]],
    ["markdown", "a\n\n```js\nb", [3]],
    ["markdown", "```\na\n```\n\n~~~\nb\n~~~", []],
  ] as const)("faults of %s “%s” stand at their lines", (kind, text, lines) => {
    expect(readSource(text, kind).faults.map(({ line }) => line)).toEqual(lines);
  });

  it("says what cannot be held before it is lost", () => {
    const { lost } = readSource(
      '<p class="x" style="color:red" onclick="a()">a <a href="javascript:b()">b</a></p><p class="y">c</p><script>d</script>',
      "html",
    );
    expect(lost).toEqual(["style=", "2 × class=", "onclick=", "<script>"]);
    expect(readSource("<p>a</p>", "html").lost).toEqual([]);
  });
});
