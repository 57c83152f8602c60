import * as is from "../../declare";
import { sentenceCount } from "../checks/lengths";
import { factSentence } from "../composing/facts";
import { sayable } from "../composing/orders";
import { isName, OWN_WORDS, prose, type Sentence } from "../composing/parts";
import { about, aboutFacts, ownSentences, sentencesOfPost, standsAlone } from "../composing/pool";
import { variants } from "../composing/variants";
import { fragmentSentence, readFragment } from "../english/fragment";
import { indirectQuestion } from "../english/indirect";
import { asSentence } from "../english/sentence";
import { proseForm } from "../forms/prose";
import { noteLines } from "../material/material";
import { defineTask, said } from "../task";

const LEAST = 2;
const MOST = 4;
/** Less in common than that answers another question. */
const RELEVANT = 0.2;

export const answer = defineTask({
  id: "answer",
  name: "Answer a question",
  says: "Two to four sentences that answer a reader's question, from what is at hand.",
  fields: {
    question: said(is.someText(1000), "Question"),
    note: is.optional(said(is.text(20_000), "Note", "What the answer is to say, a line each")),
  },
  form: proseForm,
  places: ["write"],
  languages: "English",
  answers: 2,
  ask: ({ question, note }) =>
    [
      `Answer this question of a reader in two to four sentences, the answer itself first: ${question}`,
      note && `It must say:\n${note}`,
    ]
      .filter(Boolean)
      .join("\n"),
  checks: [sentenceCount(LEAST, MOST)],
  compose(call) {
    const { input, material, chance, free } = call;
    const { pack } = material;
    const notes = sayable(noteLines(input.note ?? "", "note", "note"), "", pack);
    const pool = [
      ...sentencesOfPost(material.post).filter(
        ({ text }) => standsAlone(text, pack) && !material.copies.first(text),
      ),
      ...ownSentences(material),
      ...material.notes.filter(({ text }) => standsAlone(`${text}.`, pack)),
    ];
    const facts = aboutFacts(input.question, call, 1, RELEVANT);
    const likely = about(input.question, pool, { pack, chance, free, many: 8, least: RELEVANT });
    if (!notes.length && !likely.length && !facts.length) {
      call.miss(
        `Something that answers “${input.question}”: neither a note nor a post, a recording or a competing page's figure speaks of it.`,
      );
      return [];
    }
    return variants(call, () => {
      const sentences: Sentence[] = [];
      const frames = new Set<string>();
      for (const note of notes.slice(0, MOST)) {
        const { text, framed } = fragmentSentence(readFragment(note.text), chance, frames, isName(material));
        sentences.push({ text, from: framed ? [note, OWN_WORDS] : [note] });
      }
      const few = LEAST + Math.floor(chance.next() * 2);
      const chosen = about(input.question, pool, { pack, chance, free, many: few + 1, least: RELEVANT });
      for (const passage of chosen)
        if (sentences.length < few) sentences.push({ text: asSentence(passage.text), from: [passage] });
      for (const fact of facts) if (sentences.length < MOST) sentences.push(factSentence(fact, chance));
      const indirect = indirectQuestion(input.question);
      const from = { kind: "question" as const, ref: "the question", quote: input.question.trim() };
      if (sentences.length < LEAST)
        sentences.push({
          text: indirect
            ? chance.pick([
                `If you still wonder ${indirect}, ask us before you decide.`,
                `Your own case decides ${indirect}, so ask if you are not sure.`,
              ])!
            : chance.pick([
                "If your case is another one, ask us before you decide.",
                "Your own case may differ, so ask if you are not sure.",
              ])!,
          from: [from, OWN_WORDS],
        });
      return prose(sentences.slice(0, MOST), MOST + 1);
    });
  },
});
