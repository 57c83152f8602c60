/** A whole site as files: valid, whole, and no more of it anew than was changed. */

import fc from "fast-check";
import { XMLParser, XMLValidator } from "fast-xml-parser";
import { HtmlValidate } from "html-validate/node";
import { parseHTML } from "linkedom";
import { describe, expect, it } from "vitest";
import { blocksFromHast } from "../draft/fromHast";
import { parseHtml as parseHtmlTree } from "../draft/fromHtml";
import { anyDraft } from "../testing/arbitraries";
import { movedAddresses } from "./moves";
import { createSiteRenderer, type RenderedFiles } from "./render";
import type { RenderedPost, SitePicture, SiteSource } from "./site";
import { brokenLinks } from "./testing/brokenLinks";
import { postOf, SITE, sourceOf } from "./testing/siteOf";

const render = (source: SiteSource, base: string | null = null) => createSiteRenderer()(source, base);
const textOf = ({ files }: RenderedFiles, file: string): string => {
  const one = files.find((each) => each.file === file);
  return one && "text" in one ? one.text : "";
};
const pageOf = (rendered: RenderedFiles, file: string) => parseHTML(textOf(rendered, file)).document;
const htmlOf = ({ files }: RenderedFiles) =>
  files.flatMap((one) => ("text" in one && one.type === "text/html" ? [one] : []));

const picture: SitePicture = {
  hash: "0123456789abcdef0123456789abcdef",
  fileName: "A bike.JPG",
  type: "image/jpeg",
  width: 1200,
  height: 800,
};
const PICTURES = new Map([["asset:bike", picture]]);

const validator = new HtmlValidate({
  extends: ["html-validate:standard"],
  rules: {
    "long-title": "off",
    "require-sri": "off",
    "no-inline-style": "off",
    // Dots tell our own ids from those of headings.
    "valid-id": ["error", { relaxed: true }],
  },
});
async function faultsOf(rendered: RenderedFiles): Promise<string[]> {
  const faults: string[] = [];
  for (const { file, text } of htmlOf(rendered)) {
    const { results } = await validator.validateString(text);
    for (const { messages } of results)
      for (const { ruleId, message, line, severity } of messages)
        if (severity === 2) faults.push(`${file}:${line} ${ruleId}: ${message}`);
  }
  return faults;
}

const CARE = postOf(
  "care",
  "Oil the [chain](/journal/chain#how) and see [hire](/hire), [nothing](/journal/none), [a place](#none).\n\n## How\n\n![A bike](asset:bike)\n\n### FAQ\n\nText.",
  {
    categories: ["batteries", "town"],
    tags: ["Chain", "chain", "Öl"],
    author: "Dev Raman",
    description: "Care & “more”",
  },
);
const CHAIN = postOf(
  "chain",
  "# Post chain\n\nText.\n\n# How\n\n[Care](https://brackenford-cycles.example/journal/care/)",
  {
    published: "2026-04-01T23:30:00+02:00",
    author: "Guest <b>",
  },
);
const SOURCE = sourceOf([CARE, CHAIN], {
  pictures: PICTURES,
  redirects: [
    {
      id: "1",
      from: "/journal/old",
      to: "/journal/older",
      since: "2026-01-01",
      why: "by hand",
      postId: null,
    },
    {
      id: "2",
      from: "/journal/older",
      to: "/journal/care",
      since: "2026-01-02",
      why: "slug changed",
      postId: "care",
    },
    { id: "3", from: "/a", to: "/b", since: "2026-01-02", why: "by hand", postId: null },
    { id: "4", from: "/b", to: "/a", since: "2026-01-02", why: "by hand", postId: null },
  ],
});

describe("files and cards of a post", () => {
  const blocks = blocksFromHast(
    parseHtmlTree(
      `<p data-block="file"><a href="asset:list" download="Check list.pdf" data-bytes="231400">The <b>list</b></a></p>
       <p data-block="file"><a href="asset:gone" download="gone.pdf">Gone</a></p>
       <p data-block="file"><a href="https://files.example/a.csv" download="a.csv">Elsewhere</a></p>
       <aside data-block="link-card"><img src="asset:bike" alt=""><p><a href="/journal/chain">Chains</a></p><p>What wears.</p></aside>
       <aside data-block="link-card"><p><a href="/journal/none">Nothing</a></p></aside>`,
    ),
  );
  const download = { hash: "fedcba9876543210", fileName: "Check list.pdf", type: "application/pdf" };
  const rendered = render(
    sourceOf([postOf("card", "", { blocks }), postOf("chain", "Text.")], {
      pictures: PICTURES,
      downloads: new Map([["asset:list", download]]),
    }),
  );
  const page = pageOf(rendered, "journal/card/index.html");

  it("are valid, and lead where they should", async () => {
    expect(await faultsOf(rendered)).toEqual([]);
    expect(brokenLinks(rendered, SITE.origin)).toEqual([]);
  });

  it("offers the file under its name, with its kind and size", () => {
    const link = page.querySelector("[data-block=file] a")!;
    const path = "/downloads/check-list-fedcba987654.pdf";
    expect([link.getAttribute("href"), link.getAttribute("download"), link.textContent]).toEqual([
      path,
      "Check list.pdf",
      "The list",
    ]);
    expect(page.querySelector("[data-block=file] small")?.textContent).toBe("PDF, 231 kB");
    expect(rendered.files).toContainEqual(
      expect.objectContaining({ file: path.slice(1), type: "application/pdf" }),
    );
  });

  it("says which file is missing and which card leads nowhere, and shows no dead link", () => {
    expect(rendered.problems.map(({ says }) => says)).toEqual([
      "A file to download is missing: “gone.pdf”.",
      expect.stringContaining("/journal/none"),
    ]);
    const hrefs = [...page.querySelectorAll("[data-block] a")].map((a) => a.getAttribute("href"));
    expect(hrefs).toEqual([
      "/downloads/check-list-fedcba987654.pdf",
      "https://files.example/a.csv",
      "/journal/chain",
    ]);
  });
});

describe("a post in several languages, with copies elsewhere", () => {
  const original = postOf("winter", "Text.", {
    syndicated: ["https://digest.example/winter", "javascript:x"],
  });
  const german = postOf("winter-de", "Text.", { language: "de", translationOf: "winter" });
  const french = postOf("hiver", "Texte.", { language: "fr", translationOf: "winter" });
  const rendered = render(
    sourceOf([original, german, french], {
      site: { ...SITE, socialPicture: "asset:bike" },
      pictures: PICTURES,
    }),
  );
  const at = (slug: string) => pageOf(rendered, `journal/${slug}/index.html`);

  it("names every version in each, itself too, to search engines and to readers", async () => {
    expect(await faultsOf(rendered)).toEqual([]);
    const said = (slug: string) =>
      [...at(slug).querySelectorAll("link[hreflang]")]
        .map((link) => `${link.getAttribute("hreflang")} ${link.getAttribute("href")}`)
        .sort();
    const all = [
      ["de", "winter-de"],
      ["en", "winter"],
      ["fr", "hiver"],
    ].map(([language, slug]) => `${language} ${SITE.origin}/journal/${slug}`);
    for (const slug of ["winter", "winter-de", "hiver"]) expect(said(slug), slug).toEqual(all);
    expect(at("winter-de").querySelector("a[hreflang=en]")?.textContent).toBe("English");
  });

  it("leads to its copies, to addresses of the web alone", () =>
    expect(
      [...at("winter").querySelectorAll("[rel=syndication]")].map((a) => a.getAttribute("href")),
    ).toEqual(["https://digest.example/winter"]));

  it("is shared with the picture of the site where it has none", () =>
    expect(at("winter").querySelector("[property='og:image']")?.getAttribute("content")).toContain(
      `${SITE.origin}/pictures/a-bike-`,
    ));
});

describe("a category with a picture", () => {
  const rendered = render(
    sourceOf([postOf("a", "Text.", { categories: ["town"] })], {
      site: {
        ...SITE,
        categories: SITE.categories.map((one) =>
          one.id === "town" ? { ...one, picture: "asset:bike" } : one,
        ),
      },
      pictures: PICTURES,
    }),
  );

  it("shows it on its page, and is shared with it", async () => {
    expect(await faultsOf(rendered)).toEqual([]);
    const page = pageOf(rendered, "journal/category/town/index.html");
    const image = page.querySelector("main figure img");
    expect(["src", "width", "height", "alt"].map((name) => image?.getAttribute(name))).toEqual([
      expect.stringMatching(/^\/pictures\/a-bike-/),
      "1200",
      "800",
      "",
    ]);
    expect(page.querySelector("[property='og:image']")?.getAttribute("content")).toContain(
      "/pictures/a-bike-",
    );
    expect(rendered.files.some(({ file }) => file.startsWith("pictures/a-bike-"))).toBe(true);
  });
});

describe("the files of a site", () => {
  const rendered = render(SOURCE);

  it("are valid HTML, each with one H1", async () => {
    expect(await faultsOf(rendered)).toEqual([]);
    for (const { file } of htmlOf(rendered))
      expect(pageOf(rendered, file).querySelectorAll("h1"), file).toHaveLength(1);
  });

  it("have a page for each place", () => {
    expect(rendered.files.flatMap(({ file }) => (file.endsWith(".html") ? [file] : []))).toEqual([
      "journal/index.html",
      "journal/chain/index.html",
      "journal/care/index.html",
      "journal/category/care-and-repair/index.html",
      "journal/category/care-and-repair/batteries/index.html",
      "journal/category/town/index.html",
      "journal/tag/chain/index.html",
      "journal/tag/öl/index.html",
      "journal/author/guest-b/index.html",
      "journal/author/dev-raman/index.html",
      "index.html",
      "hire/index.html",
      "404.html",
      "journal/old/index.html",
      "journal/older/index.html",
    ]);
    expect([rendered.pages, rendered.posts, rendered.redirects]).toEqual([12, 2, 2]);
  });

  it("lead nowhere that is not there; what would is said", () => {
    expect(brokenLinks(rendered, SITE.origin)).toEqual([]);
    expect(rendered.problems.map(({ file, says }) => `${file}: ${says}`)).toEqual([
      "journal/care/index.html: “Post care” links to /journal/none, and there is no such page.",
      "journal/care/index.html: “Post care” links to a section that it does not have: “#none”.",
      "redirects.json: The redirect from /a leads to /b, and there is no such page.",
      "redirects.json: The redirect from /b leads to /a, and there is no such page.",
    ]);
    const page = pageOf(rendered, "journal/care/index.html");
    expect(page.querySelector("article")!.textContent).toContain("and see hire, nothing, a place.");
    expect(page.querySelector('a[href="/journal/chain#how"]')).not.toBeNull();
  });

  it("stand under any address that they are put at", () => {
    const base = "https://files.example/preview/site/";
    const there = render(SOURCE, base);
    expect(brokenLinks(there, base)).toEqual([]);
    expect(textOf(there, "robots.txt")).toContain("https://files.example/preview/site/sitemap.xml");
    expect(
      pageOf(there, "journal/chain/index.html").querySelector("article a[href$=care]")!.getAttribute("href"),
    ).toBe("/preview/site/journal/care");
  });

  it("say who wrote what, when, and where it stands, for machines", () => {
    const page = pageOf(rendered, "journal/care/index.html");
    const data = [...page.querySelectorAll('script[type="application/ld+json"]')].map(
      (script) => JSON.parse(script.textContent!) as Record<string, unknown>,
    );
    expect(data.map((one) => one["@type"])).toEqual(["BlogPosting", "BreadcrumbList"]);
    expect(data[0]).toMatchObject({
      headline: "Post care",
      datePublished: "2026-03-14",
      articleSection: "Batteries",
      image: "https://brackenford-cycles.example/pictures/a-bike-0123456789ab.jpg",
      author: { name: "Dev Raman", url: "https://brackenford-cycles.example/journal/author/dev-raman" },
    });
    expect((data[1]!.itemListElement as { name: string }[]).map(({ name }) => name)).toEqual([
      "Home",
      "The Long Haul",
      "Care and repair",
      "Batteries",
      "Post care",
    ]);
    expect(page.querySelector('link[rel="canonical"]')!.getAttribute("href")).toBe(
      "https://brackenford-cycles.example/journal/care",
    );
  });

  it("show pictures in several widths, with their size and their description", () => {
    const page = pageOf(rendered, "journal/care/index.html");
    const image = page.querySelector("figure img")!;
    expect([image.getAttribute("width"), image.getAttribute("height"), image.getAttribute("alt")]).toEqual([
      "1200",
      "800",
      "A bike",
    ]);
    expect(image.getAttribute("srcset")).toBe(
      "/pictures/a-bike-0123456789ab-480.jpg 480w, /pictures/a-bike-0123456789ab-960.jpg 960w, /pictures/a-bike-0123456789ab.jpg 1200w",
    );
    expect(
      rendered.files.flatMap((one) => ("picture" in one ? [[one.file, one.picture.width]] : [])),
    ).toEqual([
      ["pictures/a-bike-0123456789ab-480.jpg", 480],
      ["pictures/a-bike-0123456789ab-960.jpg", 960],
      ["pictures/a-bike-0123456789ab.jpg", null],
    ]);
    expect(
      page.querySelector(`.lightbox${image.parentElement!.getAttribute("href")!.replace(".", "\\.")}`),
    ).not.toBeNull();
  });

  it("have well-formed feeds and a sitemap whose addresses are all there", () => {
    for (const file of ["feed.xml", "sitemap.xml"])
      expect(XMLValidator.validate(textOf(rendered, file)), file).toBe(true);
    const parser = new XMLParser({ ignoreAttributes: false });
    const { feed } = parser.parse(textOf(rendered, "feed.xml")) as {
      feed: { updated: string; entry: { id: string; published: string; content: { "#text": string } }[] };
    };
    expect(feed.updated).toBe("2026-03-15T08:00:00Z");
    expect(feed.entry.map(({ id, published }) => [id, published])).toEqual([
      ["tag:brackenford-cycles.example,2026-04-01:chain", "2026-04-01T21:30:00Z"],
      ["tag:brackenford-cycles.example,2026-03-14:care", "2026-03-14T00:00:00Z"],
    ]);
    const { document } = parseHTML(`<html><body>${unescaped(feed.entry[1]!.content["#text"])}</body></html>`);
    expect(
      [...document.querySelectorAll("[href],[src]")].map(
        (one) => one.getAttribute("href") ?? one.getAttribute("src"),
      ),
    ).toContain("https://brackenford-cycles.example/pictures/a-bike-0123456789ab.jpg");
    const json = JSON.parse(textOf(rendered, "feed.json")) as {
      items: { url: string; content_html: string }[];
    };
    expect(json.items.map(({ url }) => url)).toEqual([
      "https://brackenford-cycles.example/journal/chain",
      "https://brackenford-cycles.example/journal/care",
    ]);
    const { urlset } = parser.parse(textOf(rendered, "sitemap.xml")) as {
      urlset: { url: { loc: string }[] };
    };
    const paths = rendered.files.flatMap((one) =>
      "path" in one && one.path !== undefined ? [one.path] : [],
    );
    expect(urlset.url.map(({ loc }) => decodeURI(loc).replace(SITE.origin, ""))).toEqual(paths);
  });

  it("lead from each address that was given up to where its page is now, in one step", () => {
    const { redirects } = JSON.parse(textOf(rendered, "redirects.json")) as {
      redirects: { from: string; to: string }[];
    };
    expect(redirects.map(({ from, to }) => [from, to])).toEqual([
      ["/journal/old", "/journal/care"],
      ["/journal/older", "/journal/care"],
    ]);
    expect(textOf(rendered, "journal/old/index.html")).toContain('content="0; url=/journal/care"');
  });
});

describe("addresses", () => {
  const filesOf = (posts: RenderedPost[], site = SITE) => {
    const rendered = render(sourceOf(posts, { site }));
    return { files: rendered.files.map(({ file }) => file), says: rendered.problems.map(({ says }) => says) };
  };

  it("follow the pattern of the site", () => {
    const { files } = filesOf(
      [postOf("a", "Text.", { categories: ["batteries", "town"] }), postOf("b", "Text.")],
      {
        ...SITE,
        addressPattern: "category/slug",
      },
    );
    expect(files).toContain("journal/batteries/a/index.html");
    expect(files).toContain("journal/b/index.html");
  });

  it("that two posts want are the older one's, and the other is left out and said", () => {
    const { files, says } = filesOf([
      postOf("a", "Text.", { id: "1", title: "New", published: "2026-05-01" }),
      postOf("A", "Text.", { id: "2", title: "Old", published: "2026-04-01" }),
    ]);
    expect(files.filter((file) => /journal\/a\//i.test(file))).toEqual(["journal/A/index.html"]);
    expect(says).toEqual([
      expect.stringContaining("“New” has the address of “Old”, /journal/a, and is left out"),
    ]);
  });

  it.each([
    ["../../etc/passwd", "etcpasswd"],
    ["", "a-title"],
    ["..", "p"],
    ["two words", "two-words"],
    ["a/b", "ab"],
    ["x".repeat(400), "x".repeat(200)],
  ])("of “%s” are made of letters that may stand in one", (slug, part) => {
    const { files, says } = filesOf([postOf(slug, "Text.", { id: "p", title: slug ? "" : "A title" })]);
    expect(files).toContain(`journal/${part}/index.html`);
    expect(says).toHaveLength(1);
  });

  it("never lead out of the site, whatever its settings say", () => {
    const { files } = filesOf([postOf("a", "Text.", { categories: ["c"] })], {
      ...SITE,
      basePath: "/../..//x/./",
      pages: [{ path: "/../secret", title: "", metaTitle: "", description: "", keyword: "" }],
      categories: [{ id: "c", name: "../..", slug: "../../etc", description: "", parent: "c" }],
      addressPattern: "category/slug",
    });
    expect(files.filter((file) => file.split("/").includes(".."))).toEqual([]);
    expect(files).toContain("x/etc/a/index.html");
  });
});

it("addresses that a change of the settings gives up are those of posts whose path is another", () => {
  const posts = [
    { id: "a", title: "A", slug: "a", categories: ["batteries"] },
    { id: "b", title: "B", slug: "b", categories: [] },
    { id: "c", title: "C", slug: "", categories: ["town"] },
  ];
  const byCategory = { ...SITE, addressPattern: "category/slug" as const };
  expect(movedAddresses(posts, SITE, SITE)).toEqual([]);
  expect(movedAddresses(posts, SITE, byCategory).map(({ from, to }) => [from, to])).toEqual([
    ["/journal/a", "/journal/batteries/a"],
  ]);
  expect(
    movedAddresses(posts, byCategory, { ...byCategory, basePath: "/blog/" }).map(({ to }) => to),
  ).toEqual(["/blog/batteries/a", "/blog/b"]);
});

describe("lists of posts", () => {
  const many = Array.from({ length: 25 }, (_, at) =>
    postOf(`p${at}`, "Text.", {
      published: `2026-01-${String(at + 1).padStart(2, "0")}`,
      categories: [at % 2 ? "batteries" : "town"],
    }),
  );

  it("go on over pages, newest first", async () => {
    const rendered = render(sourceOf(many));
    expect(
      [...pageOf(rendered, "journal/index.html").querySelectorAll("h2 a")].map((one) => one.textContent)[0],
    ).toBe("Post p24");
    expect([...pageOf(rendered, "journal/page/3/index.html").querySelectorAll("h2")]).toHaveLength(5);
    expect(brokenLinks(rendered, SITE.origin)).toEqual([]);
    expect(await faultsOf(rendered)).toEqual([]);
  });

  it("show the categories that the site says, with those under them", () => {
    const site = { ...SITE, listPages: { ...SITE.listPages, categories: ["care-and-repair"] } };
    const rendered = render(sourceOf(many, { site }));
    expect(pageOf(rendered, "journal/index.html").querySelectorAll("h2")).toHaveLength(10);
    expect(textOf(rendered, "journal/page/3/index.html")).toBe("");
  });
});

describe("rendering again", () => {
  it("writes nothing anew where nothing changed, and else what the change touches", () => {
    const renderer = createSiteRenderer();
    const posts = Array.from({ length: 60 }, (_, at) =>
      postOf(`p${at}`, "Text.", {
        published: new Date(Date.UTC(2026, 0, at + 1)).toISOString(),
        categories: [at % 2 ? "batteries" : "town"],
      }),
    );
    const first = renderer(sourceOf(posts, { pictures: PICTURES }));
    expect(first.anew).toBe(first.files.length);
    expect(renderer(sourceOf([...posts], { pictures: PICTURES })).anew).toBe(0);
    const changed = posts.with(30, { ...posts[30]!, title: "Another title" });
    const again = renderer(sourceOf(changed, { pictures: PICTURES }));
    // Its page, its neighbours, a page of each list that shows it, and what shows it among others.
    expect(again.anew).toBeLessThan(10);
    expect(again.files).toEqual(render(sourceOf(changed, { pictures: PICTURES })).files);
  });

  it("gives what rendering from nothing gives, after any changes", () => {
    const fields = fc.record({
      title: fc.constantFrom("One", "Two", ""),
      slug: fc.constantFrom("a", "b", "c", "d"),
      categories: fc.subarray(["care-and-repair", "batteries", "town"]),
      tags: fc.subarray(["x", "y"]),
      author: fc.constantFrom("", "Dev Raman", "Pia"),
      published: fc.constantFrom("", "2026-01-01", "2026-02-01"),
      body: fc.constantFrom("Text.", "[a](a) [b](b#one)", "## One\n\n![A bike](asset:bike)"),
    });
    fc.assert(
      fc.property(fc.array(fc.array(fields, { maxLength: 4 }), { minLength: 1, maxLength: 4 }), (states) => {
        const renderer = createSiteRenderer();
        for (const state of states) {
          const source = sourceOf(
            state.map(({ body, ...post }, at) => postOf(`${at}`, body, { ...post, id: `${at}` })),
            { pictures: PICTURES },
          );
          const rendered = renderer(source);
          expect(rendered.files).toEqual(render(source).files);
          expect(brokenLinks(rendered, SITE.origin)).toEqual([]);
        }
      }),
      { numRuns: 60 },
    );
  });
});

it("a page of any text is valid, with one H1, and says what is in it", async () => {
  await fc.assert(
    fc.asyncProperty(anyDraft, async ({ meta, blocks }) => {
      const rendered = render(
        sourceOf([
          postOf("a", "", {
            ...meta,
            slug: "a",
            canonical: "",
            categories: ["town"],
            published: meta.date,
            blocks,
          }),
        ]),
      );
      const file = "journal/a/index.html";
      expect(pageOf(rendered, file).querySelectorAll("h1")).toHaveLength(1);
      expect((await faultsOf(rendered)).filter((fault) => !KNOWN.test(fault))).toEqual([]);
      expect(XMLValidator.validate(textOf(rendered, "feed.xml"))).toBe(true);
      for (const image of pageOf(rendered, file).querySelectorAll("img"))
        for (const name of ["width", "height", "alt"]) expect(image.hasAttribute(name), name).toBe(true);
    }),
    { numRuns: 40 },
  );
});
const unescaped = (text: string): string =>
  text.replace(
    /&(lt|gt|quot|apos|amp|#x[0-9A-F]+);/g,
    (all, name: string) =>
      SIGNS[name] ?? (name.startsWith("#x") ? String.fromCodePoint(Number.parseInt(name.slice(2), 16)) : all),
  );
const SIGNS: Record<string, string> = { lt: "<", gt: ">", quot: '"', apos: "'", amp: "&" };
/** What a writer may do: a link without words, headings that skip a level, a title for a frame that says nothing. */
const KNOWN = /wcag|heading-level|empty-heading|text-content|empty-title|aria-label-misuse/;
