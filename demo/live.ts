/** What readers of the demo's blog have: its live posts, one of them as it was before the last changes, and one that waits for its minute. */
import { createHash } from "node:crypto";
import type { EditorDoc } from "../src/core/blocks/editorJson";
import { entryOfPost } from "../src/core/micropub/postEntry";
import type { Redirect } from "../src/core/site/shapes";
import { textOf } from "../src/core/versions/compare";
import { postPath } from "../src/data/draft";
import type { LiveCopy, Post, Review, Site } from "../src/data/model";
import { renderedPost } from "../src/data/renderedSite";
import { mediaPath } from "../src/server/standins/blog/mediaAddress";

/** Has been worked on since it was sent: then it had another title, and its last two blocks were not there. */
const CHANGED = "delivery-by-cargo-bike";
const TITLE_THEN = "Delivery by cargo bike beats the van";

export function demoLive(
  posts: readonly { post: Post; doc: EditorDoc }[],
  site: Site,
  pictures: readonly { id: string; fileName: string; bytes: Buffer }[],
): { liveCopies: LiveCopy[]; redirects: Redirect[] } {
  const media = Object.fromEntries(
    pictures.map(({ id, fileName, bytes }) => [
      `asset:${id}`,
      mediaPath(`${createHash("sha256").update(bytes).digest("hex")}.jpg`, fileName),
    ]),
  );
  const liveCopies = posts
    .filter(({ post }) => post.status === "live" || post.status === "scheduled")
    .map(({ post, doc }): LiveCopy => {
      const isChanged = post.id === CHANGED;
      const sent = isChanged ? { ...post, title: TITLE_THEN } : post;
      const sentDoc: EditorDoc = isChanged ? { type: "doc", content: doc.content.slice(0, -2) } : doc;
      return {
        postId: post.id,
        connection: "stand-in",
        address: postPath(post, site),
        sentAt: post.updatedAt,
        entry: entryOfPost(renderedPost(sent, sentDoc), site.categories, (src) => media[src] ?? src),
        doc: sentDoc,
        media: Object.fromEntries(
          Object.entries(media).filter(([src]) => JSON.stringify(sentDoc).includes(`"${src}"`)),
        ),
      };
    });
  return {
    liveCopies,
    redirects: [
      redirect("1", "/journal/hire-a-cargo-bike", "/journal/cargo-bike-hire", "cargo-bike-hire"),
      redirect(
        "2",
        "/journal/winter-with-children",
        "/journal/winter-cycling-with-children",
        "winter-cycling-with-children",
      ),
    ],
  };
}

const redirect = (id: string, from: string, to: string, postId: string): Redirect => ({
  id: `redirect-${id}`,
  from,
  to,
  since: "2026-09-14T10:00:00.000Z",
  why: "slug changed",
  postId,
});

/** One post was looked at, and came back with comments. */
export function demoReviews(posts: readonly { post: Post; doc: EditorDoc }[]): Review[] {
  const looked = posts.find(({ post }) => post.status === "in-review");
  if (!looked) return [];
  const { post, doc } = looked;
  const paragraphs = doc.content.filter(({ type }) => type === "paragraph").map((node) => textOf(node));
  const comment = (at: number, text: string) => ({
    id: `review-1-${at}`,
    block: "",
    quote: paragraphs[at]!.slice(0, 160),
    text,
  });
  return [
    {
      id: "review-1",
      postId: post.id,
      askedAt: "2026-11-24T16:00:00.000Z",
      hash: "",
      doc,
      answer: {
        format: "dune-sparrow-review",
        version: 1,
        reviewId: "review-1",
        postId: post.id,
        hash: "",
        reviewer: "Dev Raman",
        verdict: "changes",
        comments: [
          comment(1, "Say that these are last year's prices. Insurance went up in March."),
          comment(2, "We had a fifth family, but they moved. Four is right."),
        ],
        at: "2026-11-25T08:40:00.000Z",
      },
      resolved: [],
      replies: { "review-1-2": "Thanks, left as it is." },
    },
  ];
}
