import fc from "fast-check";
import { toHtml } from "hast-util-to-html";
import { describe, expect, it } from "vitest";
import { parseHtml } from "../draft/fromHtml";
import { domOf, treeOf } from "./extractorDom";

const bodyOf = (html: string) => toHtml(treeOf(domOf(parseHtml(html)).body));

describe("a page in the extractor's document model", () => {
  it.each([
    '<p class="a b" id="x">One <a href="/a?b=1&amp;c=2">two</a> &lt;three&gt;</p>',
    '<img src="a.png" alt="A &quot;sign&quot;">',
    '<p hidden>Not seen</p><input disabled value="">',
    '<td colspan="2" data-a="1" aria-hidden="true">Cell</td>',
    '<svg viewBox="0 0 1 1"><title>Drawing</title><path d="M0 0"></path></svg>',
    // A name that every object has.
    '<constructor id="x">Text</constructor>',
    "<pre>  kept\n  as it is</pre>",
  ])("comes back as it was: %s", (html) => {
    const parsed = toHtml(parseHtml(`<!doctype html><html><head></head><body>${html}</body></html>`));
    expect(bodyOf(html)).toBe(/<body>([\s\S]*)<\/body>/.exec(parsed)![1]);
  });

  it("keeps the text of any page, in its order", () => {
    const text = fc.stringMatching(/^[a-z<>&"' ]{0,12}$/);
    const element = fc.letrec((tie) => ({
      node: fc.oneof(
        text.map((one) => one.replaceAll("&", "&amp;").replaceAll("<", "&lt;")),
        fc
          .tuple(
            fc.constantFrom("p", "div", "ul", "li", "em", "section"),
            fc.array(tie("node"), { maxLength: 3 }),
          )
          .map(([tag, inside]) => `<${tag}>${inside.join("")}</${tag}>`),
      ),
    })).node;
    fc.assert(
      fc.property(element, (html) => {
        const plain = (source: string) => source.replace(/<[^>]*>/g, "");
        const parsed = toHtml(parseHtml(`<!doctype html><body>${html}</body>`));
        expect(plain(bodyOf(`<!doctype html><body>${html}</body>`))).toBe(plain(parsed));
      }),
    );
  });

  it("holds no scripts, styles and templates, but structured data, and the title", () => {
    const document = domOf(
      parseHtml(
        '<title> A title </title><style>p{}</style><script>x()</script><script type="application/ld+json">{"a":1}</script><template><p>t</p></template><p>Text</p>',
      ),
    );
    expect(document.title).toBe("A title");
    expect(toHtml(treeOf(document.documentElement))).toBe(
      '<head><title> A title </title><script type="application/ld+json">{"a":1}</script></head><body><p>Text</p></body>',
    );
  });
});

it("a page of XML ends its elements as XML does", () => {
  const xml = (doctype: string) =>
    toHtml(parseHtml(`${doctype}<html><body><p><a id="x"/>One</p><p>Two<br/></p></body></html>`));
  expect(xml('<!DOCTYPE html PUBLIC "-//W3C//DTD XHTML 1.1//EN" "">')).toContain(
    '<p><a id="x"></a>One</p><p>Two<br></p>',
  );
  expect(xml('<?xml version="1.0"?>')).toContain('<a id="x"></a>One');
  expect(xml("<!doctype html>")).toContain('<a id="x">One</a>');
});
