import * as is from "../../declare";
import { isName, OWN_WORDS, part } from "../composing/parts";
import { keySentences } from "../composing/pool";
import { thingsOf } from "../composing/things";
import { variants } from "../composing/variants";
import { tightened } from "../english/compress";
import { definite, readNounPhrase } from "../english/noun";
import { capitalised, inside } from "../english/sentence";
import { readSubject } from "../english/subject";
import { listForm } from "../forms/list";
import { gatherPost } from "../material/material";
import type { Part } from "../shapes";
import { type Call, defineTask, said } from "../task";

const KINDS = ["subjects", "questions", "outline", "takeaways"] as const;
const USUAL = 5;

export const listAbove = defineTask({
  id: "list-above",
  name: "List about the above",
  says: "A list made of the text before the cursor: its subjects, questions it raises, an outline, or takeaways.",
  fields: {
    before: said(is.text(200_000), "Text before the cursor"),
    kind: is.optional(said(is.oneOf(KINDS), "Which list")),
    entries: is.optional(said(is.whole({ minimum: 2, maximum: 20 }), "How many entries")),
  },
  form: listForm,
  places: ["write"],
  languages: "any",
  answers: 1,
  ask: ({ before, kind = "takeaways", entries = USUAL }) =>
    `${WHAT[kind]} Give ${entries}, from this text alone:\n\n${before}`,
  checks: [],
  compose(call) {
    const { input, material } = call;
    if (!/\p{L}/u.test(input.before)) {
      call.miss("Text before the cursor: the list is made of it.");
      return [];
    }
    const kind = input.kind ?? "takeaways";
    if (kind !== "takeaways" && material.pack.code !== "en") {
      call.miss(
        `Takeaways work in any language; ${kind} are listed in English only. Connect a writer or ask one by hand.`,
      );
      return [];
    }
    return variants(call, () => compose(call, kind));
  },
});

const WHAT: Record<(typeof KINDS)[number], string> = {
  subjects: "List the subjects that this text speaks of.",
  questions: "List questions that this text leaves open for a reader.",
  outline: "List headings that this text could have.",
  takeaways: "List what a reader should take away, a sentence each.",
};

function compose(
  call: Call<{ before: string; entries?: number }>,
  kind: (typeof KINDS)[number],
): Part[] | null {
  const { input, material, chance, free } = call;
  const { pack } = material;
  const name = isName(material);
  const many = input.entries ?? USUAL;
  const post = gatherPost({ title: "", text: input.before }, pack, "the text before");
  if (kind === "takeaways") {
    const key = keySentences(post, { pack, chance, free, many });
    if (!key.length) call.miss("Sentences that say what they say without those around them.");
    return key.length
      ? key.map((passage) =>
          part("entry", pack.code === "en" ? tightened(passage.text) : passage.text, [passage]),
        )
      : null;
  }
  const passages = post.sections.flatMap(({ sentences }) => sentences);
  if (kind === "outline") {
    const headings = post.sections.filter(({ heading }) => heading);
    if (headings.length >= many)
      return headings
        .slice(0, many)
        .map(({ heading }) => part("entry", heading, [{ kind: "post", ref: heading, quote: heading }]));
  }
  // The first ones in another order, as far as it may stray.
  const things = thingsOf(passages).slice(0, many + 2 + Math.round(4 * free));
  const chosen = chance.shuffled(things).slice(0, many);
  if (chosen.length < 2) {
    call.miss("A longer text: it names too few things for a list.");
    return null;
  }
  const order = chosen.sort(
    (a, b) =>
      passages.findIndex(({ text }) => text === a.from.text) -
      passages.findIndex(({ text }) => text === b.from.text),
  );
  return order.map((thing) => {
    const phrase = readNounPhrase(inside(thing.text, name));
    const kindOf = readSubject(phrase.text, [input.before]).inSentence;
    const frame = chance.pick(kind === "questions" ? QUESTIONS : OUTLINE)!;
    const text = kind === "subjects" ? capitalised(kindOf) : frame(kindOf, definite(phrase));
    return part("entry", text, kind === "subjects" ? [thing.from] : [thing.from, OWN_WORDS]);
  });
}

const QUESTIONS = [
  (_kind: string, one: string) => `What should you ask about ${one}?`,
  (kind: string) => `What do people get wrong about ${kind}?`,
  (_kind: string, one: string) => `What would you change about ${one}?`,
  (kind: string) => `Where can you learn more about ${kind}?`,
  (kind: string) => `Who can help with ${kind}?`,
];
const OUTLINE = [
  (kind: string) => `What to know about ${kind}`,
  (kind: string) => capitalised(kind),
  (kind: string) => `Questions about ${kind}`,
  (_kind: string, one: string) => `A closer look at ${one}`,
];
