import * as is from "../../declare";
import { factSentence } from "../composing/facts";
import { headingInside } from "../composing/headingInside";
import { sayable } from "../composing/orders";
import { isName, OWN_WORDS, prose, type Sentence } from "../composing/parts";
import { about, aboutFacts, ownSentences } from "../composing/pool";
import { thingsOf } from "../composing/things";
import { variants } from "../composing/variants";
import { fragmentSentence, readFragment } from "../english/fragment";
import { definite, readNounPhrase } from "../english/noun";
import { inside } from "../english/sentence";
import { proseForm } from "../forms/prose";
import { noteLines, sentencesOf } from "../material/material";
import type { Passage } from "../material/passage";
import { cosine, stemCounts } from "../methods/likeness";
import type { Part } from "../shapes";
import { type Call, defineTask, said } from "../task";

const USUAL = 3;
/** So like that it has been said. */
const SAID = 0.6;
const NEAR = 1500;

export const continueText = defineTask({
  id: "continue",
  name: "Go on from here",
  says: "The next sentences, from the text before the cursor and from background notes.",
  fields: {
    before: said(is.text(200_000), "Text before the cursor"),
    sentences: is.optional(said(is.whole({ minimum: 1, maximum: 20 }), "How many sentences")),
    notes: is.optional(said(is.text(20_000), "Background notes", "What may come next, a line each")),
  },
  form: proseForm,
  places: ["write"],
  languages: "English",
  answers: 1,
  ask: ({ before, sentences = USUAL, notes }) =>
    [
      `Go on with this text for ${sentences} sentences, in its tone. Give only the new sentences.`,
      notes && `Notes:\n${notes}`,
      `The text:\n${before.slice(-NEAR)}`,
    ]
      .filter(Boolean)
      .join("\n\n"),
  checks: [],
  compose(call) {
    const { input, material } = call;
    if (!/\p{L}/u.test(input.before) && !input.notes?.trim() && !material.notes.length) {
      call.miss("Text before the cursor, or notes: there is nothing to go on from.");
      return [];
    }
    if (!input.notes?.trim() && !material.notes.length)
      call.miss("Background notes would give it more to go on with.");
    return variants(call, () => compose(call));
  },
});

function compose(call: Call<{ before: string; sentences?: number; notes?: string }>): Part[] | null {
  const { input, material, chance, free } = call;
  const { pack } = material;
  const name = isName(material);
  const many = input.sentences ?? USUAL;
  const near = input.before.slice(-NEAR);
  const before = sentencesOf(near, "post", "the text before", pack);
  const counted = before.map(({ text }) => stemCounts(text, pack));
  const isNew = (text: string) => !counted.some((other) => cosine(other, stemCounts(text, pack)) >= SAID);
  const frames = new Set<string>();
  const next: Sentence[] = [];
  const add = (sentence: Sentence) => {
    if (next.length < many && !next.some(({ text }) => text === sentence.text)) next.push(sentence);
  };
  // What the plan notes for the whole post goes on from here only where it speaks of the same.
  const planned = about(near.slice(-400), material.notes, { pack, chance, free, many, least: 0.2 });
  const notes = sayable(
    [...noteLines(input.notes ?? "", "note", "background notes"), ...planned],
    "",
    pack,
  ).filter(({ text }) => isNew(text));
  // How free it is says how far it leaves the order of the notes.
  for (const note of free > 0.7 ? chance.shuffled(notes) : notes) {
    const { text, framed } = fragmentSentence(readFragment(note.text), chance, frames, name);
    add({ text, from: framed ? [note, OWN_WORDS] : [note] });
  }
  const query = before
    .slice(-4)
    .map(({ text }) => text)
    .join(" ");
  const elsewhere = ownSentences(material).filter(({ text }) => !input.before.includes(text) && isNew(text));
  for (const passage of about(query, elsewhere, { pack, chance, free, many }))
    add({ text: passage.text, from: [passage] });
  for (const fact of aboutFacts(query, call, 1)) add(factSentence(fact, chance));
  const heading = material.outline.find(
    ({ text, faq }) => !faq && isNew(text) && !input.before.includes(text),
  );
  const as = heading && headingInside(heading.text, name);
  if (as)
    add({
      text: `Next comes a look at ${as}.`,
      from: [{ kind: "outline", ref: heading.text, quote: heading.text }],
    });
  const things = chance.shuffled(thingsOf(before.slice(-6)).slice(0, 6));
  for (const [i, frame] of chance.shuffled(GOING_ON).entries()) {
    const thing = things[i];
    if (!thing) break;
    add({
      text: frame(definite(readNounPhrase(inside(thing.text, name)))),
      from: [{ ...thing.from, ref: "the text before" } as Passage, OWN_WORDS],
    });
  }
  return next.length ? prose(next) : null;
}

const GOING_ON = [
  (thing: string) => `So it is worth taking a closer look at ${thing}.`,
  (thing: string) => `Ask yourself what you expect from ${thing}.`,
  (thing: string) => `Write down what you already know about ${thing}.`,
  (thing: string) => `Talk to somebody who has lived with ${thing} for a while.`,
  (thing: string) => `Leave some room for surprises with ${thing}.`,
];
