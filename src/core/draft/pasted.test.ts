import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyText } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import type { EditorNode } from "./editorJson";
import { cleanPaste, cleanPlainPaste } from "./pasted";

/** A document in one line a block: names of nodes and marks, and text. */
function outlineOf(node: EditorNode): string {
  if (node.type === "text")
    return (node.marks ?? []).reduce(
      (text, { type, attrs }) => `${type}${attrs?.href ? `=${attrs.href}` : ""}(${text})`,
      node.text!,
    );
  if (node.type === "hardBreak") return "/";
  const inner = (node.content ?? []).map(outlineOf).join(node.content?.[0]?.type === "text" ? "" : " ");
  return node.type === "doc" ? inner : `${node.type}${node.attrs?.level ?? ""}[${inner}]`;
}
const paste = (html: string): string => outlineOf(cleanPaste(html));

describe("pasted HTML", () => {
  it.each([
    [
      "keeps headings and paragraphs, drops empty ones",
      "<h2>A</h2><p>&nbsp;</p><p></p><p><br></p><p>b</p>",
      "heading2[A] paragraph[b]",
    ],
    [
      "drops fonts, colours and classes",
      '<p class="x" style="color:red"><font face="F"><span style="font-size:9px">a</span></font></p>',
      "paragraph[a]",
    ],
    ["puts doubled blanks and no-break spaces right", "<p>a &nbsp; b  c</p>", "paragraph[a b c]"],
    [
      "reads emphasis from styles",
      '<p><span style="font-weight:700">a</span> <span style="font-style:italic">b</span></p>',
      "paragraph[bold(a) italic(b)]",
    ],
    [
      "takes back emphasis that a style takes back",
      '<b style="font-weight:normal"><p>a</p></b>',
      "paragraph[a]",
    ],
    ["parts paragraphs at two breaks, keeps one", "<p>a<br>b<br><br>c</p>", "paragraph[a/b] paragraph[c]"],
    [
      "keeps nested lists",
      "<ul><li>a<ul><li>b</li></ul></li><li>c</li></ul>",
      "bulletList[listItem[paragraph[a] bulletList[listItem[paragraph[b]]]] listItem[paragraph[c]]]",
    ],
    [
      "makes lists of a word processor's typed markers",
      '<p style="mso-list:l0 level1 lfo1"><span style="mso-list:Ignore">1.</span>a</p><p style="mso-list:l0 level2 lfo1"><span style="mso-list:Ignore">o</span>b</p><p style="mso-list:l0 level1 lfo1"><span style="mso-list:Ignore">2.</span>c</p>',
      "orderedList[listItem[paragraph[a] bulletList[listItem[paragraph[b]]]] listItem[paragraph[c]]]",
    ],
    [
      "keeps tables as text",
      "<table><tr><th>a</th></tr><tr><td><ul><li>b</li></ul></td></tr></table>",
      "table[tableRow[tableHeader[paragraph[a]]] tableRow[tableCell[paragraph[b]]]]",
    ],
    [
      "keeps links of known kinds only",
      '<p><a href="https://a.example">a</a> <a href="javascript:x()">b</a> <a href="mailto:c@d.example">c</a></p>',
      "paragraph[link=https://a.example(a) b link=mailto:c@d.example(c)]",
    ],
    [
      "leaves no text of styles and scripts behind",
      "<style>p{}</style><script>a</script><title>t</title><p>b</p><noscript>n</noscript>",
      "paragraph[b]",
    ],
    [
      "drops comments of an office program",
      "<!--[if gte mso 9]><xml>x</xml><![endif]--><p>a</p>",
      "paragraph[a]",
    ],
    ["takes text without any block", "just <i>text</i>", "paragraph[just italic(text)]"],
    ["makes nothing of nothing", "<p> </p>", "paragraph[]"],
  ])("%s", (_what, html, expected) => {
    expect(paste(html)).toBe(expected);
  });

  it("never throws, and lets nothing through that acts", () => {
    const nasty = fc.constantFrom(
      "<script>x</script>",
      '<img src=x onerror="a()">',
      '<a href="java\nscript:a()">l</a>',
      "<svg onload=a()>",
      "<iframe srcdoc='<script>'>",
      "<p onclick=a()>t</p>",
      "<form><input></form>",
      "<math><mtext><img src onerror=a()>",
      '<a href="data:text/html,x">d</a>',
      "<base href=//e.example>",
    );
    fc.assert(
      fc.property(fc.array(fc.oneof(nasty, anyText), { maxLength: 6 }), (parts) => {
        const out = JSON.stringify(cleanPaste(parts.join("")));
        expect(out).not.toMatch(/"(on\w+|srcdoc)":|"href":"\s*(javascript|data):/i);
      }),
      RUNS,
    );
  });
});

describe("pasted plain text", () => {
  it.each([
    [
      "blank lines part paragraphs, single line ends are soft",
      "a\nb\r\n\r\nc",
      "paragraph[a b] paragraph[c]",
    ],
    ["tags stay text", "<b>a</b>", "paragraph[<b>a</b>]"],
    ["many blank lines are one", "a\n\n\n \n\nb", "paragraph[a] paragraph[b]"],
    ["nothing", " \n\n", "paragraph[]"],
  ])("%s", (_what, text, expected) => {
    expect(outlineOf(cleanPlainPaste(text))).toBe(expected);
  });
});
