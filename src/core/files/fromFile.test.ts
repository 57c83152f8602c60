import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { describe, expect, it } from "vitest";
import { draftToDocx } from "../draft/toDocx";
import { draftOf } from "../testing/draftOf";
import { draftFromFile, READABLE } from "./fromFile";

const read = async (name: string, content: string | Uint8Array) =>
  (await draftFromFile(name, typeof content === "string" ? strToU8(content) : content)).draft;
const said = ({ blocks }: Awaited<ReturnType<typeof read>>) =>
  blocks.map(({ kind, text }) => `${kind} ${text}`);

describe("a file", () => {
  it.each([
    ["a.md", "---\ntitle: T\n---\n## A\n\nb", "T", ["heading A", "paragraph b"]],
    ["a.HTML", "<main><header><h1>T</h1></header><p>b</p></main>", "T", ["paragraph b"]],
    [
      "a.txt",
      "Title of it\n\nFirst line\nsecond\n\n- a\n- b",
      "Title of it",
      ["paragraph First line second", "listItem a", "listItem b"],
    ],
    ["a.txt", "One line only", "", ["paragraph One line only"]],
    ["a.txt", "", "", []],
  ])("%s is read", async (name, content, title, blocks) => {
    const draft = await read(name, content);
    expect(draft.meta.title).toBe(title);
    expect(said(draft)).toEqual(blocks);
  });

  it("DOCX keeps title, headings, lists, links, emphasis and tables", async () => {
    const source = draftOf(
      "## Locks\n\nA **good** [lock](https://a.example/l).\n\n- one\n- two\n\n1. first\n\n| a | b |\n| - | - |\n| c | d |",
      { title: "Which lock" },
    );
    const draft = await read("post.docx", await draftToDocx(source));
    expect(draft.meta.title).toBe("Which lock");
    expect(said(draft)).toEqual([
      "heading Locks",
      "paragraph A good lock.",
      "listItem one",
      "listItem two",
      "listItem first",
      ...["a", "b", "c", "d"].map((text) => `cell ${text}`),
    ]);
    const runs = draft.blocks[1]!.runs;
    expect(runs.find(({ text }) => text === "good")!.marks).toEqual(["bold"]);
    expect(runs.find(({ link }) => link)!.link!.href).toBe("https://a.example/l");
  });

  it.each([
    ["torn.docx", strToU8("PK no zip"), /no DOCX file/],
    ["empty.docx", zipSync({ "a.txt": strToU8("a") }), /./],
    ["latin.md", new Uint8Array([0x63, 0x61, 0x66, 0xe9]), /not UTF-8/],
  ])("%s is refused with a reason", async (name, bytes, why) => {
    await expect(draftFromFile(name, bytes)).rejects.toThrow(why);
  });

  it.each([
    ["a.md", true],
    ["b/c.Docx", true],
    ["page.xhtml", true],
    ["a.pdf", false],
    ["md", false],
  ])("%s: %s", (name, expected) => expect(READABLE.test(name)).toBe(expected));
});

it.each([
  ["he", true],
  ["en", false],
])("a DOCX file runs in the direction of its language: %s", async (language, rtl) => {
  const draft = draftOf("## A\n\nText.", { title: "T", language });
  const xml = strFromU8(unzipSync(await draftToDocx(draft))["word/document.xml"]!);
  expect(/<w:rtl\s*\/>/.test(xml)).toBe(rtl);
  expect(/<w:bidi\s*\/>/.test(xml)).toBe(rtl);
});
