import * as is from "../../declare";
import { countWords } from "../../text/words";
import { factSentence } from "../composing/facts";
import { headingInside } from "../composing/headingInside";
import { sayable } from "../composing/orders";
import { isName, OWN_WORDS, prose, type Sentence } from "../composing/parts";
import { about, aboutFacts, besides, ownSentences, sentencesOfPost } from "../composing/pool";
import { variants } from "../composing/variants";
import { fragmentSentence, readFragment } from "../english/fragment";
import { indirectQuestion } from "../english/indirect";
import { proseForm } from "../forms/prose";
import { noteLines } from "../material/material";
import type { Passage } from "../material/passage";
import { cosine, stemCounts } from "../methods/likeness";
import type { Part } from "../shapes";
import { type Call, defineTask, said } from "../task";

const USUAL_WORDS = 140;
/** Sentences of other posts come in only where they speak of the same. */
const RELEVANT = 0.24;
const MOST_OWN = 5;
const EXAMPLE =
  /\b(?:for example|for instance|such as|last (?:week|month|year|winter|summer)|one of our|a customer|when we|once we)\b/i;

export const section = defineTask({
  id: "section",
  name: "Draft a section",
  says: "A first draft of a section, from its heading, its note and what is at hand on it.",
  fields: {
    heading: is.optional(said(is.text(1000), "Heading")),
    note: is.optional(said(is.text(20_000), "Note", "What the section is to say, a line each")),
    words: is.optional(said(is.whole({ minimum: 20, maximum: 1000 }), "Words")),
    examples: is.optional(said(is.flag(), "With an example")),
  },
  form: proseForm,
  places: ["write", "start"],
  languages: "English",
  answers: 2,
  ask: ({ heading, note, words = USUAL_WORDS, examples }, { keyword, audience }) =>
    [
      `Write the section “${heading}” of a blog post${keyword ? ` about ${keyword}` : ""}, about ${words} words, without its heading.`,
      audience && `It is for ${audience}.`,
      note && `It must say:\n${note}`,
      examples && "Give an example.",
      "Use only facts from the material, and name their sources.",
    ]
      .filter(Boolean)
      .join("\n"),
  checks: [],
  compose(call) {
    const { input, material } = call;
    const heading = input.heading?.trim() || material.outline.find(({ faq }) => !faq)?.text || "";
    if (!heading) {
      call.miss("A heading: the section is written for one.");
      return [];
    }
    if (CLOSING.test(heading) && material.outline.length > 2)
      return variants(call, () => closing(call, heading));
    const planned = material.outline.find(({ text }) => text === heading);
    const notes = sayable(
      [...noteLines(input.note ?? "", "note", heading), ...(planned?.notes ?? [])],
      heading,
      material.pack,
    ).filter(({ text }, at, all) => all.findIndex((other) => other.text === text) === at);
    const pool = ownSentences(material);
    if (
      !notes.length &&
      !about(besides(heading, material.keyword, material.pack), pool, {
        ...call,
        ...material,
        many: 1,
        least: RELEVANT,
      }).length
    ) {
      call.miss(
        `A note under “${heading}”, a recording, a description or posts that speak of it: there is nothing to write it from.`,
      );
      return [];
    }
    if (!notes.length) call.miss("A note under the heading would say what the section must hold.");
    return variants(call, () => compose(call, heading, notes, pool));
  },
});

function compose(
  call: Call<{ words?: number; examples?: boolean }>,
  heading: string,
  notes: readonly Passage[],
  pool: readonly Passage[],
): Part[] | null {
  const { material, chance, free, input } = call;
  const { pack } = material;
  const name = isName(material);
  const frames = new Set<string>();
  const sentences: Sentence[] = [];
  const at: Passage = { kind: "outline", ref: heading, text: heading, quote: heading };
  const lead = leadFor(heading, name, call);
  if (lead) sentences.push({ text: lead, from: [at, OWN_WORDS] });
  for (const note of notes) {
    const fragment = readFragment(note.text);
    const { text, framed } = fragmentSentence(fragment, chance, frames, name);
    sentences.push({ text, from: framed ? [note, OWN_WORDS] : [note] });
  }
  const words = () => sentences.reduce((sum, { text }) => sum + countWords(text), 0);
  const most = input.words ?? USUAL_WORDS;
  const query = besides(
    `${heading} ${heading} ${notes.map(({ text }) => text).join(" ")}`,
    material.keyword,
    pack,
  );
  const written = sentencesOfPost(material.post).map(({ text }) => stemCounts(text, pack));
  const fresh = pool.filter(
    ({ text }) => !written.some((other) => cosine(other, stemCounts(text, pack)) > 0.8),
  );
  const own = about(query, fresh, { pack, chance, free, many: MOST_OWN, least: RELEVANT });
  if (input.examples) {
    const example = own.find(({ text }) => EXAMPLE.test(text)) ?? pool.find(({ text }) => EXAMPLE.test(text));
    if (example) {
      sentences.push({ text: example.text, from: [example] });
      own.splice(own.indexOf(example) >>> 0, 1);
    } else call.miss("An example: none of the material tells of one.");
  }
  for (const passage of own) {
    if (words() + countWords(passage.text) > most) continue;
    sentences.push({ text: passage.text, from: [passage] });
  }
  for (const fact of aboutFacts(query, call, 2, RELEVANT)) {
    if (words() + 12 <= most + 20) sentences.push(factSentence(fact, chance));
  }
  const questions = about(query, material.questions, { pack, chance, free, many: 1, least: 0.3 });
  for (const question of questions) {
    const indirect = indirectQuestion(question.text);
    if (indirect && words() + 12 <= most)
      sentences.push({
        text: chance.pick([`Readers also ask ${indirect}.`, `It is fair to ask ${indirect}.`])!,
        from: [question],
      });
  }
  const distinct = sentences.filter(
    ({ text }, i) => sentences.findIndex((other) => other.text.toLowerCase() === text.toLowerCase()) === i,
  );
  return distinct.length > (lead ? 1 : 0) ? prose(distinct) : null;
}

const CLOSING =
  /^(?:in short|conclusion|summary|what to do next|next steps|to sum up|final thoughts|the bottom line|in a nutshell)\b/i;

/** The end of a post: what its sections come to, and what to do first. */
function closing(call: Call<unknown>, heading: string): Part[] | null {
  const { material, chance } = call;
  const name = isName(material);
  const covered = material.outline.flatMap(({ text, faq }): { as: string; from: Passage }[] => {
    const as = faq || text === heading ? null : headingInside(text, name);
    return as ? [{ as, from: { kind: "outline", ref: text, text, quote: text } }] : [];
  });
  if (covered.length < 2) return null;
  const [first, ...others] = chance.shuffled(covered.slice(0, 4));
  const frames = chance.shuffled(CLOSINGS);
  return prose([
    {
      text: `${chance.pick(["Begin with", "Start with", "First of all, look at"])} ${first!.as}.`,
      from: [first!.from, OWN_WORDS],
    },
    ...others
      .slice(0, 2)
      .map(({ as, from }, at) => ({ text: frames[at]!.replace("…", () => as), from: [from, OWN_WORDS] })),
    {
      text: chance.pick([
        "One small step this week is worth more than a plan for next year.",
        "Do one thing today, and the rest will be easier.",
      ])!,
      from: [OWN_WORDS],
    },
  ]);
}

const CLOSINGS = [
  "Then turn to ….",
  "After that, think about ….",
  "Keep … for a quiet day.",
  "Leave … for last.",
];

function leadFor(
  heading: string,
  name: (word: string) => boolean,
  { chance }: Pick<Call<unknown>, "chance">,
): string | null {
  const as = headingInside(heading, name);
  if (!as) return null;
  const { kind } = readFragment(heading);
  if (kind === "question" || kind === "clause")
    return chance.pick([
      `Many people ask ${as}.`,
      `Sooner or later everyone asks ${as}.`,
      `It pays to know ${as}.`,
    ])!;
  if (kind === "order") return chance.pick([`It is worth knowing ${as}.`, `Here is ${as} without fuss.`])!;
  if (kind === "doing") return chance.pick([`Start by thinking about ${as}.`, `It pays to plan for ${as}.`])!;
  return chance.pick([
    `It pays to look at ${as} early.`,
    `Few decisions go well without a look at ${as}.`,
    `Many questions come down to ${as}.`,
    `Give ${as} some thought.`,
  ])!;
}
