/** Posts on their way to a blog and back: what is read of requests, what changes, and that a page is the same on both sides. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { createSiteRenderer } from "../site/render";
import type { RenderedPost, SitePicture } from "../site/site";
import { postOf, SITE, sourceOf } from "../site/testing/siteOf";
import { anyDraft } from "../testing/arbitraries";
import { RUNS } from "../testing/runs";
import { type Entry, MicropubError, type Properties } from "./entry";
import { readForm } from "./form";
import { entryOfPost, postOfEntry } from "./postEntry";
import { type Change, changeBetween, changed, readChange } from "./update";

const entryOf = (properties: Properties): Entry => ({ type: ["h-entry"], properties });

describe("an update", () => {
  const before = entryOf({ name: ["One"], category: ["a", "b"], content: [{ html: "<p>x</p>" }] });
  it.each<[string, Change, Properties]>([
    ["replaces", { replace: { name: ["Two"] } }, { ...before.properties, name: ["Two"] }],
    [
      "adds what is new",
      { add: { category: ["b", "c"], photo: ["x"] } },
      { ...before.properties, category: ["a", "b", "c"], photo: ["x"] },
    ],
    ["deletes a property", { delete: ["category"] }, { name: ["One"], content: [{ html: "<p>x</p>" }] }],
    [
      "deletes a value",
      { delete: { category: ["a"], content: [{ html: "<p>x</p>" }] } },
      { name: ["One"], category: ["b"] },
    ],
    [
      "does all in order",
      { replace: { name: ["Two"] }, add: { name: ["Three"] }, delete: { name: ["Two"] } },
      { ...before.properties, name: ["Three"] },
    ],
  ])("%s", (_what, change, properties) => {
    expect({ ...changed(before, change).properties }).toEqual(properties);
    expect(before.properties.name).toEqual(["One"]);
  });

  it.each([
    [{}],
    [{ replace: { name: "Two" } }],
    [{ replace: ["name"] }],
    [{ delete: [7] }],
    [{ delete: "name" }],
  ])("%j is refused", (body) => expect(() => readChange(body)).toThrow(MicropubError));

  const anyEntry = fc
    .dictionary(
      fc.constantFrom("a", "b", "c", "__proto__", "toString"),
      fc.array(fc.jsonValue({ maxDepth: 2 }), { minLength: 1, maxLength: 3 }),
    )
    .map((properties) => entryOf(properties as Properties));
  it("between two entries makes one of the other", () =>
    fc.assert(
      fc.property(anyEntry, anyEntry, (from, to) => {
        const change = changeBetween(from, to);
        const after = change ? changed(from, change) : from;
        expect(changeBetween(after, to)).toBeNull();
        expect(changeBetween(to, to)).toBeNull();
      }),
      RUNS,
    ));
});

describe("a form", () => {
  it("is a post, whose names with brackets have several values", () => {
    const read = readForm([
      ["h", "entry"],
      ["content", "Hello"],
      ["category[]", "one"],
      ["category[]", "two"],
      ["name", ""],
      ["access_token", "secret"],
    ]);
    expect(read).toMatchObject({ kind: "create" });
    expect({ ...(read as { entry: Entry }).entry.properties }).toEqual({
      content: ["Hello"],
      category: ["one", "two"],
    });
  });
  it("deletes and undeletes", () =>
    expect(
      readForm([
        ["action", "undelete"],
        ["url", "/a"],
      ]),
    ).toEqual({ kind: "undelete", url: "/a" }));
  it.each([
    [[["h", "event"]]],
    [
      [
        ["action", "update"],
        ["url", "/a"],
      ],
    ],
    [[["action", "delete"]]],
  ] as [string, string][][][])("%j is refused", (fields) =>
    expect(() => readForm(fields)).toThrow(MicropubError),
  );
});

describe("a post", () => {
  const addressOf = (src: string) =>
    src.startsWith("asset:") ? `https://blog.example/media/${src.slice(6)}` : src;
  const viaBlog = (post: RenderedPost) =>
    postOfEntry(
      JSON.parse(JSON.stringify(entryOfPost(post, SITE.categories, addressOf))) as Entry,
      "1",
      SITE.categories,
    );
  const picture: SitePicture = {
    hash: "0123456789abcdef",
    fileName: "bike.jpg",
    type: "image/jpeg",
    width: 1000,
    height: 700,
  };
  const download = { hash: "fedcba9876543210", fileName: "list.pdf", type: "application/pdf" };
  /** @param prefix of what the post's pictures and files go by */
  const pageOf = (post: RenderedPost, prefix: string) =>
    createSiteRenderer()(
      sourceOf([post], {
        pictures: new Map(["bike", "4f2a"].map((id) => [prefix + id, picture])),
        downloads: new Map([[`${prefix}91c0`, download]]),
      }),
    ).files.map((one) => [one.file, "text" in one ? one.text : ""]);

  it("has the same pages before it is sent and after, whatever is in it", () =>
    fc.assert(
      fc.property(
        anyDraft,
        fc.record({
          excerpt: fc.constantFrom("", "Short."),
          categories: fc.subarray(SITE.categories.map(({ id }) => id)),
          tags: fc.subarray(["x", "y z"]),
          leadPicture: fc.constantFrom(null, { src: "asset:bike", alt: "A bike" }),
          leadWidth: fc.constantFrom("full" as const, "text" as const, "none" as const),
          location: fc.constantFrom(null, { name: "Yard", place: "Brackenford" }),
          comments: fc.constantFrom("", "closed", "2026-12-31"),
          syndicated: fc.subarray(["https://elsewhere.example/a", "https://elsewhere.example/b"]),
          translationOf: fc.constantFrom("", "b"),
          published: fc.constantFrom("2026-03-14", "2026-03-14T08:00:00+01:00"),
        }),
        ({ meta, blocks }, fields) => {
          const { title, metaTitle, description, language, author } = meta;
          const post = postOf("a", "", {
            title,
            metaTitle,
            description,
            language,
            author,
            blocks,
            ...fields,
          });
          // A post without a title is named after its text by a blog; here nobody sends one.
          fc.pre(title !== "");
          expect(pageOf(viaBlog(post), "https://blog.example/media/")).toEqual(pageOf(post, "asset:"));
        },
      ),
      { numRuns: 120 },
    ));

  it("of a stranger is read as far as it goes", () => {
    const post = postOfEntry(
      entryOf({
        content: [
          "Just a line of text, and\n\nanother one that is long enough to make a title of, and more.",
        ],
        category: ["care and repair", "rain"],
        photo: ["https://blog.example/a.jpg", { value: "https://blog.example/b.jpg", alt: "B" }, 7],
        author: [{ type: ["h-card"], properties: { name: ["Pia"] } }],
        location: ["Brackenford"],
      }),
      "17",
      SITE.categories,
    );
    expect(post).toMatchObject({
      id: "17",
      title: "Just a line of text, and",
      categories: ["care-and-repair"],
      tags: ["rain"],
      author: "Pia",
      location: { name: "Brackenford", place: "" },
    });
    expect(post.blocks.map(({ kind }) => kind)).toEqual(["paragraph", "paragraph", "picture", "picture"]);
  });

  it("that would act does not", () => {
    const post = postOfEntry(
      entryOf({
        name: ["X"],
        content: [
          {
            html: '<p onclick="x()">a <a href="javascript:x()">b</a></p><script>x()</script><img src="javascript:x">',
          },
        ],
      }),
      "1",
      [],
    );
    const html = JSON.stringify(pageOf(post, "asset:"));
    expect(html).not.toMatch(/javascript:|onclick|x\(\)<\/script/);
    expect(html).toContain("a b");
  });
});
