import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { EditorNode } from "../blocks/editorJson";
import { anyText } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { pasteHtml } from "./paste";
import { pastePlain } from "./plain";
import { withoutTrackers } from "./steps/trackers";

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
const paste = (html: string): string => outlineOf(pasteHtml(html).doc);

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
      "takes the markers of such a list that stand in the text itself",
      '<p style="mso-list:l0 level1 lfo1"><![if !supportLists]><span>·<span>&nbsp;&nbsp; </span></span><![endif]>a <b>b</b></p><p style="mso-list:l0 level2 lfo1"><span>o&nbsp;&nbsp; </span>c</p><p style="mso-list:l1 level1 lfo2"><span>(1)&nbsp;</span>d</p><p style="mso-list:l0 level1 lfo1">o. k.</p>',
      "bulletList[listItem[paragraph[a bold(b)] bulletList[listItem[paragraph[c]]]]] orderedList[listItem[paragraph[d]] listItem[paragraph[o. k.]]]",
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
        const out = JSON.stringify(pasteHtml(parts.join("")));
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
    expect(outlineOf(pastePlain(text).doc)).toBe(expected);
  });
});

/** The clipboard's HTML as programs of these kinds write it. */
const WORD_PROCESSOR = `<html xmlns:o="urn:office"><head><style>p.n{margin:0}</style></head><body lang=EN-GB>
<!--StartFragment--><p class=n><b><span style='font-size:16.0pt'>Choosing a bike<o:p></o:p></span></b></p>
<p class=n>A box bike&nbsp;&nbsp;carries <b>three</b>.<o:p></o:p></p>
<p class=n><o:p>&nbsp;</o:p></p>
<p class=l style='mso-list:l0 level1 lfo1'><span style='mso-list:Ignore'>·<span style='font:7.0pt serif'>&nbsp;&nbsp; </span></span>Rain cover<o:p></o:p></p>
<p class=l style='mso-list:l0 level2 lfo1'><span style='mso-list:Ignore'>o<span>&nbsp; </span></span>with vents<o:p></o:p></p><!--EndFragment--></body></html>`;
const ONLINE_DOCUMENT = `<meta charset="utf-8"><b style="font-weight:normal;" id="guid-1"><h2 dir="ltr"><span style="font-weight:400">Where it sleeps</span></h2><p dir="ltr"><span style="font-weight:400">Measure the </span><span style="font-weight:700">gate</span><span style="font-weight:400">.</span></p><br><ul><li dir="ltr"><p dir="ltr"><span>Lock</span></p></li></ul></b>`;
const MAIL = `<div dir="ltr">Dear all,<div><br></div><div>see <a href="https://a.example/x?id=4&amp;utm_source=news&amp;utm_medium=mail#top">the page</a>.</div><div><br></div><div>- brakes</div><div>- tyres</div></div>`;
const SPREADSHEET = `<table border=0><colgroup><col width=64></colgroup><tr height=20><td class=xl65>Bike</td><td align=right>Price</td></tr><tr><td></td><td align=right>4,200</td></tr></table>`;

describe("what programs put on the clipboard", () => {
  it.each([
    [
      "a word processor",
      WORD_PROCESSOR,
      "paragraph[bold(Choosing a bike)] paragraph[A box bike carries bold(three).] bulletList[listItem[paragraph[Rain cover] bulletList[listItem[paragraph[with vents]]]]]",
      ["1 empty line removed", "1 place with doubled or hard blanks corrected"],
    ],
    [
      "a document in the browser",
      ONLINE_DOCUMENT,
      "heading2[Where it sleeps] paragraph[Measure the bold(gate).] bulletList[listItem[paragraph[Lock]]]",
      [],
    ],
    [
      "mail",
      MAIL,
      "paragraph[Dear all,] paragraph[see link=https://a.example/x?id=4#top(the page).] bulletList[listItem[paragraph[brakes]] listItem[paragraph[tyres]]]",
      ["2 empty lines removed", "1 typed list turned into a list", "1 link stripped of trackers"],
    ],
    [
      "a page with a typed list before styled words",
      "<p>1. a</p><p>2. b</p><p><b>c</b> <i>d</i></p>",
      "orderedList[listItem[paragraph[a]] listItem[paragraph[b]]] paragraph[bold(c) italic(d)]",
      ["1 typed list turned into a list"],
    ],
    [
      "a spreadsheet",
      SPREADSHEET,
      "table[tableRow[tableCell[paragraph[Bike]] tableCell[paragraph[Price]]] tableRow[tableCell[paragraph[]] tableCell[paragraph[4,200]]]]",
      [],
    ],
  ])("%s", (_program, html, expected, said) => {
    const pasted = pasteHtml(html);
    expect(outlineOf(pasted.doc)).toBe(expected);
    expect(pasted.putRight).toEqual(said);
  });

  it("lines that only look like headings are offered as such, and are none until then", () => {
    const pasted = pasteHtml(WORD_PROCESSOR);
    expect(pasted.headings).toBe(1);
    expect(outlineOf(pasted.withHeadings!)).toMatch(/^heading2\[Choosing a bike\] paragraph/);
  });
  it.each([
    ["a whole sentence in bold", "<p><b>This is said loudly.</b></p><p>a</p>"],
    ["bold within a line", "<p>so <b>bold</b></p><p>a</p>"],
    ["a text that is bold from end to end", "<p><b>One line</b></p><p><b>Another line</b></p>"],
    ["nothing", ""],
  ])("%s is no heading", (_what, html) => expect(pasteHtml(html).withHeadings).toBeNull());
  it("can be had as it came, with nothing in it that acts", () => {
    const { asItIs } = pasteHtml(`${MAIL}<script>x</script>`);
    expect(outlineOf(asItIs!)).toContain("utm_source=news");
    expect(outlineOf(asItIs!)).toContain("paragraph[- brakes]");
    expect(JSON.stringify(asItIs)).not.toContain("script");
    expect(pasteHtml("<p>a</p>").asItIs).toBeNull();
  });
});

describe("addresses without trackers", () => {
  it.each([
    ["https://a.example/?utm_source=x", "https://a.example/"],
    ["https://a.example/?a=1&utm_term=y&b=2#c", "https://a.example/?a=1&b=2#c"],
    ["/own?xclid=1&page=2", "/own?page=2"],
    ["https://a.example/?lid=4&clip=5", "https://a.example/?lid=4&clip=5"],
    ["https://a.example/?q=a%20b&&x", "https://a.example/?q=a%20b&&x"],
    ["#utm_source=x", "#utm_source=x"],
    ["", ""],
  ])("%s", (href, expected) => expect(withoutTrackers(href)).toBe(expected));
});

describe("plain text that is more", () => {
  it.each([
    ["a heading", "# Title\n\nText", "heading1[Title] paragraph[Text]"],
    [
      "a link and a list",
      "- see [a](/a)\n- b",
      "bulletList[listItem[paragraph[see link=/a(a)]] listItem[paragraph[b]]]",
    ],
    [
      "rows with tabs",
      "Bike\tPrice\nMarlow\t4,200\n",
      "table[tableRow[tableHeader[paragraph[Bike]] tableHeader[paragraph[Price]]] tableRow[tableCell[paragraph[Marlow]] tableCell[paragraph[4,200]]]]",
    ],
    ["an address that acts", "# T\n\n[x](javascript:a())", "heading1[T] paragraph[x]"],
    ["a list alone", "- a\n- b", "bulletList[listItem[paragraph[a]] listItem[paragraph[b]]]"],
    ["numbers that count", "1. a\n\n2. b", "orderedList[listItem[paragraph[a]] listItem[paragraph[b]]]"],
    [
      "years are no list",
      "2024. A year.\n\n2025. Another.",
      "paragraph[2024. A year.] paragraph[2025. Another.]",
    ],
    ["a price with a star", "It is 5 * 3 and 4 * 2", "paragraph[It is 5 * 3 and 4 * 2]"],
  ])("%s", (_what, text, expected) => expect(outlineOf(pastePlain(text).doc)).toBe(expected));
});
