/** Hostile text by every way in, and out again as a page: nothing in it acts. */
import type { Element, Root } from "hast";
import { visit } from "unist-util-visit";
import { describe, expect, it } from "vitest";
import type { EditorDoc, EditorNode } from "../blocks/editorJson";
import { blocksFromEditor } from "../draft/fromEditor";
import { parseHtml } from "../draft/fromHtml";
import { emptyMeta } from "../draft/meta";
import { safeDoc } from "../draft/safeDoc";
import { soundDoc } from "../draft/sound/soundDoc";
import { blocksToEditor } from "../draft/toEditor";
import { draftToMarkdown } from "../draft/toMarkdown";
import { draftFromFile } from "../files/fromFile";
import { readSource } from "../files/source";
import { pasteHtml } from "../paste/paste";
import { pastePlain } from "../paste/plain";
import { draftToPage } from "../site/pages/standalone";

const ADDRESSES = [
  "javascript:alert(1)",
  "JaVa\tScRiPt:alert(1)",
  "&#106;avascript:alert(1)",
  "vbscript:x",
  "data:text/html,<script>alert(1)</script>",
  "data:text/html;base64,PHNjcmlwdD5hbGVydCgxKTwvc2NyaXB0Pg==",
  "data:image/svg+xml,<svg onload=alert(1)>",
  "intent://x#Intent;end",
  "ms-msdt:/id",
  "feed:javascript:alert(1)",
  "blob:https://x.example/1",
  "file:///etc/passwd",
  "view-source:x",
];
const SNIPPETS = [
  ...ADDRESSES.flatMap((address) => [
    `<a href="${address}">x</a>`,
    `<img src="${address}" alt="x">`,
    `<iframe src="${address}"></iframe>`,
    `<video src="${address}" poster="${address}"></video>`,
    `<embed src="${address}">`,
    `<p data-block="button"><a href="${address}">x</a></p>`,
    `<iframe src="https://v.example/1" data-poster="${address}"></iframe>`,
    `<figure><a href="${address}"><img src="/a.png"></a></figure>`,
    `[x](${address})`,
    `![x](${address})`,
    `<${address}>`,
    `[x]: ${address}\n\n[x]`,
  ]),
  "<script>alert(1)</script>",
  "<img src=x onerror=alert(1)>",
  "<svg><script>alert(1)</script></svg>",
  "<math><mtext></p><img src=x onerror=alert(1)></mtext></math>",
  "<iframe srcdoc='<script>alert(1)</script>'></iframe>",
  "<object data='data:text/html,x'></object>",
  "<form action='javascript:alert(1)'><button>x</button></form>",
  "<base href='https://evil.example/'>",
  "<meta http-equiv=refresh content='0;url=javascript:alert(1)'>",
  "<style>@import 'https://evil.example/x.css'</style>",
  "<link rel=stylesheet href='https://evil.example/x.css'>",
  "<p style='background:url(javascript:alert(1))' onclick=alert(1)>x</p>",
  "<noscript><p title='</noscript><img src=x onerror=alert(1)>'></noscript>",
  "<template><script>alert(1)</script></template>",
  "```html\n<script>alert(1)</script>\n```",
  "<pre><code class='language-\"><script>alert(1)</script>'>x</code></pre>",
  "<h2 id='\"><script>alert(1)</script>'>x</h2>",
  "<details ontoggle=alert(1) open>x</details>",
];

const fromFile = async (name: string, text: string): Promise<EditorDoc> => {
  const { draft } = await draftFromFile(name, new TextEncoder().encode(text));
  return safeDoc(blocksToEditor(draft.blocks)).doc;
};
/** A document of another program, with the address wherever one can be. */
const foreign = (address: string): EditorDoc => {
  const link: EditorNode = { type: "text", text: "x", marks: [{ type: "link", attrs: { href: address } }] };
  return {
    type: "doc",
    content: [
      { type: "paragraph", content: [link] },
      { type: "picture", attrs: { src: address, href: address } },
      { type: "embed", attrs: { href: address, poster: address } },
      { type: "file", attrs: { src: address, fileName: address } },
      { type: "linkCard", attrs: { href: address, title: address, picture: address } },
      { type: "button", attrs: { href: address }, content: [{ type: "text", text: "x" }] },
      { type: "gallery", content: [{ type: "picture", attrs: { src: address } }] },
    ],
  };
};
const WAYS: Record<string, (text: string) => EditorDoc | Promise<EditorDoc>> = {
  "pasted HTML": (text) => pasteHtml(text).doc,
  "pasted as it is": (text) => pasteHtml(text).asItIs ?? pasteHtml(text).doc,
  "pasted text": (text) => pastePlain(text).doc,
  "HTML source": (text) => readSource(text, "html").doc,
  "Markdown source": (text) => readSource(text, "markdown").doc,
  "an HTML file": (text) => fromFile("a.html", text),
  "a Markdown file": (text) => fromFile("a.md", text),
  "a text file": (text) => fromFile("a.txt", text),
};

/** What of a page could act, in words. */
function acts(html: string): string[] {
  const faults: string[] = [];
  visit(parseHtml(html) as Root, "element", (node: Element) => {
    const { tagName, properties } = node;
    if (
      /^(?:script|object|embed|form|base|svg|math|template)$/.test(tagName) &&
      properties.type !== "application/ld+json"
    )
      faults.push(`<${tagName}>`);
    for (const [name, value] of Object.entries(properties)) {
      const text = String(value);
      if (/^on/i.test(name) || name === "srcDoc") faults.push(`${tagName} ${name}`);
      if (!/^(?:href|src|dataPoster|poster|action)$/.test(name)) continue;
      // biome-ignore lint/suspicious/noControlCharactersInRegex: as a browser reads it
      const seen = text.replace(/[\u0000-\u0020]/g, "");
      if (tagName === "link") continue;
      const picture = tagName === "img" || name === "dataPoster";
      const good = picture
        ? /^(?:https?:|asset:|data:image\/(?:png|jpeg|gif|webp|avif)|(?![a-z][a-z0-9+.-]*:))/i
        : /^(?:https?:|mailto:|tel:|(?![a-z][a-z0-9+.-]*:))/i;
      if (!good.test(seen) || (tagName === "iframe" && name === "src" && !/^https:/i.test(seen)))
        faults.push(`${tagName} ${name}=${text}`);
    }
    if (tagName === "iframe" && !("sandbox" in properties)) faults.push("iframe without a sandbox");
  });
  return faults;
}
const pageOf = (doc: EditorDoc): string =>
  draftToPage(
    { meta: { ...emptyMeta, title: "T" }, blocks: blocksFromEditor(doc), headingIds: "derived" },
    { siteName: "S", fileAddress: ({ src }) => src },
  );

describe("hostile text", () => {
  it.each(Object.entries(WAYS))("as %s does nothing in the page that goes out", async (_way, read) => {
    for (const snippet of SNIPPETS) {
      const doc = await read(snippet);
      expect([snippet, acts(pageOf(doc))]).toEqual([snippet, []]);
      // Nor does its Markdown, read again by somebody who takes nothing out.
      const markdown = draftToMarkdown({
        meta: emptyMeta,
        blocks: blocksFromEditor(doc),
        headingIds: "derived",
      });
      const { draft } = await draftFromFile("a.md", new TextEncoder().encode(markdown));
      expect([snippet, acts(pageOf(blocksToEditor(draft.blocks)))]).toEqual([snippet, []]);
    }
  });

  it("in a workspace of another program does nothing either", () => {
    for (const address of ADDRESSES) {
      const doc = safeDoc(soundDoc(foreign(address)).doc).doc;
      expect([address, acts(pageOf(doc))]).toEqual([address, []]);
    }
  });

  it("would be seen: the page that lets it through is told from the one that does not", () => {
    expect(
      acts("<a href='javascript:x'>a</a><img src=x onerror=y><iframe src='data:text/html,x'></iframe>"),
    ).toHaveLength(4);
  });
});
