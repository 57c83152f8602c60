import * as is from "../../declare";
import type { AnswerCheck } from "../checks/check";
import { characters } from "../checks/lengths";
import { OWN_WORDS, part } from "../composing/parts";
import { keySentences } from "../composing/pool";
import { NO_POST, thePost } from "../composing/thePost";
import { variants } from "../composing/variants";
import { compressed } from "../english/compress";
import { capitalised } from "../english/sentence";
import { newsletterForm } from "../forms/newsletter";
import type { OwnPost } from "../material/material";
import type { Passage } from "../material/passage";
import { writtenPostShape } from "../material/shapes";
import { contentStemSet, overlap } from "../methods/likeness";
import type { Part } from "../shapes";
import { type Call, defineTask, said } from "../task";
import { textOf } from "./excerpt";

/** What programs for mail show of a subject and of the line behind it. */
const LONGEST_SUBJECT = 60;
const LONGEST_PREVIEW = 110;

const shown: AnswerCheck = {
  id: "length",
  look: ({ parts }) =>
    parts.flatMap(({ field, text }) => {
      const most =
        field === "subject"
          ? LONGEST_SUBJECT
          : field === "preview"
            ? LONGEST_PREVIEW
            : Number.POSITIVE_INFINITY;
      return characters(text) > most
        ? [
            `The ${field === "subject" ? "subject" : "preview line"} has ${characters(text)} characters; about ${most} are shown.`,
          ]
        : [];
    }),
};

export const newsletter = defineTask({
  id: "newsletter",
  name: "Write a newsletter",
  says: "Subject, preview line and text of a mail to subscribers.",
  fields: {
    post: is.optional(said(writtenPostShape, "Post", "The post; that of the material where absent")),
  },
  form: newsletterForm,
  places: ["repurpose"],
  languages: "any",
  answers: 1,
  ask: ({ post }, material) =>
    `Write a newsletter about this post: a subject (up to ${LONGEST_SUBJECT} characters), a preview line (up to ${LONGEST_PREVIEW}) and 60 to 120 words that make people want to read it.\n\n${textOf(thePost({ ...(post && { post }) }, material))}`,
  checks: [shown],
  compose(call) {
    const post = thePost(call.input as { post?: never }, call.material);
    if (!post) {
      call.miss(NO_POST);
      return [];
    }
    return variants(call, () => compose(call, post));
  },
});

function compose({ material, chance, free }: Call<unknown>, post: OwnPost): Part[] | null {
  const { pack } = material;
  const english = pack.code === "en";
  const short = (text: string, most: number) =>
    characters(text) <= most ? text : english ? compressed(text, most) : null;
  const key = keySentences(post, { pack, chance, free: Math.max(free, 0.4), many: 7 });
  if (!key.length) return null;
  const title: Passage = { kind: "post", ref: "title", text: post.title, quote: post.title };
  const subjects = [
    ...(post.title ? [title] : []),
    // Most headings need the title before them; one that names its subject does not.
    ...post.sections
      .filter(
        ({ heading, level }) =>
          heading &&
          level === 2 &&
          overlap(contentStemSet(heading, pack), contentStemSet(post.title, pack)) > 0.3,
      )
      .map(({ heading }): Passage => ({ kind: "post", ref: heading, text: heading, quote: heading })),
  ].filter(({ text }) => characters(text) <= LONGEST_SUBJECT && characters(text) >= 12);
  const best = key.find(({ text }) => short(text, LONGEST_SUBJECT));
  const subject: Passage = chance.pick(subjects.slice(0, 3)) ?? best ?? title;
  const subjectText = capitalised(
    (short(subject.text, LONGEST_SUBJECT) ?? cut(subject.text, LONGEST_SUBJECT)).replace(/\.$/, ""),
  );
  const previewed = key.find(({ text }) => text !== subject.text && short(text, LONGEST_PREVIEW)) ?? key[0]!;
  const preview = short(previewed.text, LONGEST_PREVIEW) ?? cut(previewed.text, LONGEST_PREVIEW);
  const body = key.filter((passage) => passage !== previewed || key.length < 3);
  const lead = body.slice(0, 2);
  const items = body.slice(2, 5);
  const parts: Part[] = [part("subject", subjectText, [subject]), part("preview", preview, [previewed])];
  if (english)
    parts.push(part("paragraph", chance.pick(["Hello,", "Good morning,", "Dear readers,"])!, [OWN_WORDS]));
  for (const [i, passage] of lead.entries())
    parts.push(part(i ? "sentence" : "paragraph", passage.text, [passage]));
  if (items.length > 1) {
    if (english)
      parts.push(
        part(
          "paragraph",
          chance.pick(["What you will find in the post:", "From the post:", "A few things from it:"])!,
          [OWN_WORDS],
        ),
      );
    for (const passage of items) parts.push(part("item", passage.text, [passage]));
  } else for (const passage of items) parts.push(part("sentence", passage.text, [passage]));
  if (post.title) {
    const name = english
      ? chance.pick([
          `Read the whole post: “${bare(post.title)}”.`,
          `The whole post is on our blog: “${bare(post.title)}”.`,
        ])!
      : `→ ${bare(post.title)}`;
    parts.push(part("paragraph", name, [title]));
  }
  return parts;
}

const bare = (title: string): string => title.replace(/\.$/, "");
const cut = (text: string, most: number): string =>
  `${[...text]
    .slice(0, most - 1)
    .join("")
    .replace(/[\s,;:–—-]+\S*$/u, "")}…`;
