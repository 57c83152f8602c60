import * as is from "../../declare";
import { characters, wholeLength } from "../checks/lengths";
import { part, type Sentence } from "../composing/parts";
import { keySentences } from "../composing/pool";
import { NO_POST, thePost } from "../composing/thePost";
import { variants } from "../composing/variants";
import { compressed } from "../english/compress";
import { proseForm } from "../forms/prose";
import { writtenPostShape } from "../material/shapes";
import { defineTask, said } from "../task";

export const LEAST = 100;
export const MOST = 250;

export const excerpt = defineTask({
  id: "excerpt",
  name: "Write an excerpt",
  says: "A short description of the post for list pages, of 100 to 250 characters.",
  fields: {
    post: is.optional(said(writtenPostShape, "Post", "The post; that of the material where absent")),
  },
  form: proseForm,
  places: ["release", "proof"],
  languages: "any",
  answers: 3,
  ask: ({ post }, material) => {
    const read = thePost({ ...(post && { post }) }, material);
    return `Write a short description of this post for a list of posts: ${LEAST} to ${MOST} characters, whole sentences.\n\n${textOf(read)}`;
  },
  checks: [wholeLength(LEAST, MOST)],
  compose(call) {
    const { material, chance, free } = call;
    const { pack } = material;
    const post = thePost(call.input as { post?: never }, material);
    if (!post) {
      call.miss(NO_POST);
      return [];
    }
    const shorten = (text: string) =>
      pack.code === "en" ? compressed(text, MOST) : characters(text) <= MOST ? text : null;
    const answers = variants(call, () => {
      const key = keySentences(post, {
        pack,
        chance,
        free: Math.max(free, 0.4),
        many: 6,
        fits: (text) => shorten(text) !== null,
      });
      const order = chance.shuffled(key);
      const chosen: (Sentence & { at: number })[] = [];
      let length = 0;
      for (const passage of order) {
        const text = shorten(passage.text)!;
        if (length && (length >= LEAST + 40 || length + 1 + characters(text) > MOST)) continue;
        chosen.push({ text, from: [passage], at: key.indexOf(passage) });
        length += characters(text) + (length ? 1 : 0);
      }
      if (length < LEAST)
        return chosen.length
          ? chosen.map(({ text, from }, i) => part(i ? "sentence" : "paragraph", text, from))
          : null;
      return chosen
        .sort((a, b) => a.at - b.at)
        .map(({ text, from }, i) => part(i ? "sentence" : "paragraph", text, from));
    });
    const long = answers.filter((parts) => characters(proseForm.text(parts)) >= LEAST);
    if (answers.length && !long.length)
      call.miss(`Longer sentences: those that stand alone make fewer than ${LEAST} characters.`);
    if (!answers.length) call.miss("Sentences that say what they say without those around them.");
    return long.length ? long : answers;
  },
});

export const textOf = (post: ReturnType<typeof thePost>): string =>
  post
    ? [
        post.title,
        ...post.sections.map(({ heading, sentences }) =>
          [heading && `## ${heading}`, sentences.map(({ text }) => text).join(" ")]
            .filter(Boolean)
            .join("\n"),
        ),
      ]
        .join("\n\n")
        .slice(0, 30_000)
    : "";
