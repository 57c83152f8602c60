import * as is from "../../declare";
import { numberRoom, partCount, postLengths } from "../checks/lengths";
import { part } from "../composing/parts";
import { postPieces, refined } from "../composing/postPieces";
import { NO_POST, thePost } from "../composing/thePost";
import { variants } from "../composing/variants";
import { threadForm } from "../forms/posts";
import { writtenPostShape } from "../material/shapes";
import { defineTask, said } from "../task";
import { textOf } from "./excerpt";

const USUAL_PARTS = 6;
const USUAL_LENGTH = 280;

export const thread = defineTask({
  id: "thread",
  name: "Cut into a thread",
  says: "The post as a numbered thread: so many parts, each of so many characters at most.",
  fields: {
    post: is.optional(said(writtenPostShape, "Post", "The post; that of the material where absent")),
    parts: is.optional(said(is.whole({ minimum: 2, maximum: 25 }), "How many parts")),
    length: is.optional(
      said(
        is.whole({ minimum: 80, maximum: 1000 }),
        "Characters a part",
        "Characters of a part at most, its number included",
      ),
    ),
    refine: is.optional(
      said(
        is.text(1000),
        "What should be different",
        "What should be different: “no questions”, “more examples”, “no figures”",
      ),
    ),
  },
  form: threadForm,
  places: ["repurpose"],
  languages: "any",
  answers: 1,
  ask: ({ post, parts = USUAL_PARTS, length = USUAL_LENGTH, refine }, material) =>
    [
      `Cut this post into a thread of ${parts} parts, each of ${length} characters at most, its number included. The first makes people want to read on; the last says where the whole post is.`,
      refine && `Mind: ${refine}.`,
      textOf(thePost({ ...(post && { post }) }, material)),
    ]
      .filter(Boolean)
      .join("\n\n"),
  checks: [partCount, postLengths(USUAL_LENGTH, true)],
  compose(call) {
    const { input, material } = call;
    const post = thePost(input as { post?: never }, material);
    if (!post) {
      call.miss(NO_POST);
      return [];
    }
    const parts = input.parts ?? USUAL_PARTS;
    const room = (input.length ?? USUAL_LENGTH) - numberRoom(parts);
    const { fits, examples, missing } = refined(input.refine ?? "");
    for (const says of missing) call.miss(says);
    return variants(call, () => {
      const pieces = postPieces(post, { ...call, pack: material.pack, many: parts, room, fits, examples });
      if (pieces.length < parts) {
        call.miss(
          `A longer post or fewer parts: it has ${pieces.length} sentences that stand alone in ${room} characters.`,
        );
        return null;
      }
      return pieces.map(({ text, from }) => part("post", text, from));
    });
  },
});
