import * as is from "../../declare";
import { postLengths } from "../checks/lengths";
import { part } from "../composing/parts";
import { postPieces, refined } from "../composing/postPieces";
import { NO_POST, thePost } from "../composing/thePost";
import { variants } from "../composing/variants";
import { postsForm } from "../forms/posts";
import { writtenPostShape } from "../material/shapes";
import { defineTask, said } from "../task";
import { textOf } from "./excerpt";

const USUAL = 3;
const USUAL_LENGTH = 280;

export const shortPosts = defineTask({
  id: "short-posts",
  name: "Write short posts",
  says: "Short posts that stand alone, each with one thing that the post says.",
  fields: {
    post: is.optional(said(writtenPostShape, "Post", "The post; that of the material where absent")),
    count: is.optional(said(is.whole({ minimum: 1, maximum: 20 }), "How many posts")),
    length: is.optional(
      said(is.whole({ minimum: 80, maximum: 1000 }), "Characters a post", "Characters of a post at most"),
    ),
    refine: is.optional(
      said(
        is.text(1000),
        "What should be different",
        "What should be different: “no questions”, “more examples”, “no figures”",
      ),
    ),
  },
  form: postsForm,
  places: ["repurpose"],
  languages: "any",
  answers: 1,
  ask: ({ post, count = USUAL, length = USUAL_LENGTH, refine }, material) =>
    [
      `Write ${count} short posts for social media from this post, each of ${length} characters at most, each with one thing that it says.`,
      refine && `Mind: ${refine}.`,
      textOf(thePost({ ...(post && { post }) }, material)),
    ]
      .filter(Boolean)
      .join("\n\n"),
  checks: [postLengths(USUAL_LENGTH, false)],
  compose(call) {
    const { input, material } = call;
    const post = thePost(input as { post?: never }, material);
    if (!post) {
      call.miss(NO_POST);
      return [];
    }
    const count = input.count ?? USUAL;
    const room = input.length ?? USUAL_LENGTH;
    const { fits, examples, missing } = refined(input.refine ?? "");
    for (const says of missing) call.miss(says);
    // One request gives one set of posts, however many are in it.
    return variants({ many: call.many === input.count ? 1 : call.many }, () => {
      const pieces = postPieces(
        { ...post, title: "" },
        { ...call, pack: material.pack, many: count, room, fits, examples },
      );
      if (pieces.length < count)
        call.miss(
          `A longer post or fewer posts: it has ${pieces.length} sentences that stand alone in ${room} characters.`,
        );
      return pieces.length ? pieces.map(({ text, from }) => part("post", text, from)) : null;
    });
  },
});
