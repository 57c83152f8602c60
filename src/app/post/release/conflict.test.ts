import { beforeEach, describe, expect, it } from "vitest";
import type { EditorDoc } from "../../../core/blocks/editorJson";
import { entryOfPost } from "../../../core/micropub/postEntry";
import { db } from "../../../data/db";
import type { LiveCopy, Post } from "../../../data/model";
import { newPost } from "../../../data/newPost";
import { renderedPost } from "../../../data/renderedSite";
import { emptySite } from "../../../data/settings";
import { conflictOf } from "./conflict";

const doc = (...texts: string[]): EditorDoc => ({
  type: "doc",
  content: [
    ...texts.map((text, at) => ({
      type: "paragraph",
      attrs: { id: `b${at}` },
      content: [{ type: "text", text }],
    })),
    { type: "picture", attrs: { id: "p", src: "asset:1", fileName: "a.jpg", alt: "A bike", bytes: 10 } },
  ],
});
const MEDIA = { "asset:1": "https://blog.example/media/1/a.jpg" };
const CATEGORIES = [{ id: "care", name: "Care", slug: "care", description: "", parent: null }];
const post = (fields: Partial<Post> = {}): Post =>
  newPost("p", emptySite, "2026-11-28T10:00:00.000Z", { title: "Rain", slug: "rain", ...fields });
const entry = (of: Post, text: EditorDoc) =>
  entryOfPost(renderedPost(of, text), CATEGORIES, (src) => MEDIA[src as keyof typeof MEDIA] ?? src);

const SENT = doc("It rains all day.", "Take a coat.");
const copy: LiveCopy = {
  postId: "p",
  connection: "stand-in",
  address: "/rain",
  sentAt: "2026-11-28T10:00:00.000Z",
  entry: entry(post(), SENT),
  doc: SENT,
  media: MEDIA,
};
const between = (mine: [Post, EditorDoc], theirs: [Post, EditorDoc]) =>
  conflictOf(mine[0], mine[1], copy, entry(...theirs), CATEGORIES);

beforeEach(() => Promise.all(db.tables.map((table) => table.clear())));

describe("what was changed at the blog and here", () => {
  it("is nothing where both say the same, pictures and all", () => {
    const { fields, blocks } = between([post(), SENT], [post(), SENT]);
    expect([fields, blocks.filter(({ changedBy }) => changedBy)]).toEqual([[], []]);
  });

  it("names each field with who changed it, in words", () => {
    const { fields } = between(
      [post({ title: "Rain here", excerpt: "Short." }), SENT],
      [post({ title: "Rain there", categories: ["care"], tags: ["wet"] }), SENT],
    );
    expect(
      fields.map(({ label, before, theirs, mine, changedBy }) => [label, before, theirs, mine, changedBy]),
    ).toEqual([
      ["Title", "Rain", "Rain there", "Rain here", "both"],
      ["Excerpt", "", "", "Short.", "mine"],
      ["Categories", "", "Care", "", "theirs"],
      ["Tags", "", "wet", "", "theirs"],
    ]);
  });

  it("tells blocks that one side changed from those that both did", () => {
    const { blocks } = between(
      [post(), doc("It rains all week.", "Take a coat.")],
      [post(), doc("It rains all night.", "Take a coat and a hat.")],
    );
    expect(blocks.map(({ changedBy }) => changedBy)).toEqual(["both", "theirs", null]);
  });

  it("has the lead picture under the name that the workspace gives it", () => {
    const { fields, there } = between(
      [post(), SENT],
      [post({ leadPicture: { src: "asset:1", alt: "A bike in rain" } }), SENT],
    );
    expect(fields.map(({ label, theirs }) => [label, theirs])).toEqual([["Lead picture", "A bike in rain"]]);
    expect(there.leadPicture?.src).toBe("asset:1");
  });
});
