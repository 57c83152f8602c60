import * as is from "../../declare";
import { keywordOf, keywordSaid } from "../checks/keyword";
import { headingInside } from "../composing/headingInside";
import { sayable } from "../composing/orders";
import { isName, keywordOrigin, OWN_WORDS, prose, type Sentence } from "../composing/parts";
import { about, standsAlone } from "../composing/pool";
import { variants } from "../composing/variants";
import { fragmentSentence, readFragment } from "../english/fragment";
import { asSentence, inside, listed } from "../english/sentence";
import { readSubject } from "../english/subject";
import { proseForm } from "../forms/prose";
import type { Passage } from "../material/passage";
import { outlineLineShape } from "../material/shapes";
import type { Part } from "../shapes";
import { type Call, defineTask, said } from "../task";

export const opening = defineTask({
  id: "opening",
  name: "Write an opening",
  says: "A first paragraph, from the title and the outline.",
  fields: {
    title: is.optional(said(is.text(1000), "Title")),
    outline: is.optional(said(is.list(outlineLineShape, 500), "Outline", "Headings in order")),
    keyword: is.optional(said(is.text(500), "Target keyword")),
    audience: is.optional(said(is.text(1000), "Audience")),
  },
  form: proseForm,
  places: ["write", "start"],
  languages: "English",
  answers: 2,
  ask: ({ title, outline, keyword, audience }, material) =>
    [
      `Write the opening of a blog post with the title “${title || material.title}”: three to five sentences.`,
      keyword && `Say the keyword “${keyword}” once.`,
      audience && `It is for ${audience}.`,
      `The post covers: ${(outline ?? material.outline).map(({ text }) => text).join("; ")}.`,
    ]
      .filter(Boolean)
      .join("\n"),
  checks: [keywordSaid],
  compose(call) {
    const { input, material } = call;
    const title = (input.title || material.title).trim();
    const keyword = keywordOf(call) || "";
    const headings = (
      input.outline?.length
        ? input.outline.map(({ text, faq }) => ({ text: text.trim(), faq }))
        : material.outline
    )
      .filter(({ text, faq }) => text && !faq)
      .map(({ text }) => text);
    if (!title && !keyword) {
      call.miss("A title or a target keyword: the opening says what the post is about.");
      return [];
    }
    if (!headings.length)
      call.miss("An outline: with its headings the opening can say what the post covers.");
    return variants(call, () => compose(call, { title, keyword, headings }));
  },
});

function compose(
  call: Call<{ audience?: string }>,
  { title, keyword, headings }: { title: string; keyword: string; headings: string[] },
): Part[] {
  const { material, chance, free } = call;
  const name = isName(material);
  const subject = keyword ? readSubject(keyword, [material.whole]) : null;
  const from = keyword ? keywordOrigin(keyword) : { kind: "post" as const, ref: "title", quote: title };
  const sentences: Sentence[] = [];
  const hooks: Sentence[][] = [];
  const questions = material.questions.filter(({ text }) => text.length < 110 && text.endsWith("?"));
  const question = chance.pick(questions.slice(0, 5));
  if (question) hooks.push([{ text: asSentence(question.text.replace(/\?+$/, ""), "?"), from: [question] }]);
  const own = about(
    `${title} ${keyword}`,
    [...material.spoken, ...material.product].filter(({ text }) => standsAlone(text, material.pack)),
    { pack: material.pack, chance, free, many: 3 },
  );
  if (own.length) hooks.push([{ text: own[0]!.text, from: [own[0]!] }]);
  const note = chance.pick(
    sayable(material.notes, "", material.pack)
      .filter(
        ({ text }) =>
          readFragment(text).kind === "sentence" && !/\b(?:it|its|them|they|this|these)\b/i.test(text),
      )
      .slice(0, 4),
  );
  if (note)
    hooks.push([
      { text: fragmentSentence(readFragment(note.text), chance, new Set(), name).text, from: [note] },
    ]);
  if (!hooks.length) hooks.push([{ text: chance.pick(HOOKS)!, from: [OWN_WORDS] }]);
  sentences.push(...chance.pick(hooks)!);

  const readers = inside((call.input.audience || material.audience).trim(), name);
  const origin = readers
    ? [
        from,
        { kind: "note" as const, ref: "audience", quote: (call.input.audience || material.audience).trim() },
      ]
    : [from];
  sentences.push({ text: aboutSentence(subject, title, readers, call), from: origin });
  const covered = headings.flatMap((text): { inside: string; from: Passage }[] => {
    const as = headingInside(text, name);
    return as && as.length < 80
      ? [{ inside: as, from: { kind: "outline", ref: text, text, quote: text } }]
      : [];
  });
  if (covered.length) {
    const first = covered.slice(0, chance.pick([2, 3])!);
    sentences.push({
      text: chance.pick(COVERS)!.replace("…", () => listed(first.map((one) => one.inside))),
      from: first.map((one) => one.from),
    });
    const last = covered.at(-1)!;
    if (covered.length > first.length)
      sentences.push({ text: chance.pick(ENDS)!.replace("…", () => last.inside), from: [last.from] });
  }
  const goal = material.goal.trim();
  if (goal && readFragment(goal).kind === "order")
    sentences.push({
      text: `By the end you should be able to ${inside(goal, name)}.`,
      from: [{ kind: "note", ref: "goal", quote: goal }],
    });
  else if (sentences.length < 3) sentences.push({ text: chance.pick(CLOSES)!, from: [OWN_WORDS] });
  return prose(sentences, 9);
}

const HOOKS = [
  "Good advice on this is easy to find and hard to compare.",
  "Most people come to this with one question and leave with five.",
  "It sounds simple until you have to decide.",
  "There is a lot to read about this, and little that helps you decide.",
];
const COVERS = ["It looks at ….", "You will read about ….", "We go through ….", "It covers …."];
const ENDS = ["At the end we come to ….", "It closes with ….", "The last part is about …."];
const CLOSES = [
  "Take what fits your case and leave the rest.",
  "Read it through once, then come back to the part that you need.",
];

function aboutSentence(
  subject: ReturnType<typeof readSubject> | null,
  title: string,
  readers: string,
  { chance }: Pick<Call<unknown>, "chance">,
): string {
  const forWhom = readers ? ` for ${readers}` : "";
  if (!subject)
    return `This post, “${title.replace(/[.]$/, "")}”, is written${forWhom || " to help you decide"}.`;
  if (subject.kind === "how" || subject.kind === "action")
    return chance.pick([
      `This post shows how to ${subject.verb}${forWhom && `, step by step${forWhom}`}.`,
      `Here is how to ${subject.verb}, one step at a time.`,
    ])!;
  if (subject.kind === "question")
    return `${chance.pick(["The question behind this post", "The question we set out to answer"])}: ${subject.plain}?`;
  if (subject.kind === "choice") return `This post helps you decide: ${subject.plain}.`;
  return chance.pick([
    `This post is about ${subject.inSentence}${forWhom && ` and is written${forWhom}`}.`,
    `This is a plain guide to ${subject.inSentence}${forWhom && `, written${forWhom}`}.`,
    `Here is what we have learned about ${subject.inSentence}.`,
  ])!;
}
