import * as is from "../../declare";
import { sentences } from "../../text/sentences";
import { bannedIn } from "../../voice/banned";
import type { AnswerCheck } from "../checks/check";
import { isName, OWN_WORDS, part, type Sentence } from "../composing/parts";
import { about, ownSentences } from "../composing/pool";
import { variants } from "../composing/variants";
import { activeVoice } from "../english/active";
import { compressed, tightened } from "../english/compress";
import { fragmentSentence, readFragment } from "../english/fragment";
import { asSpoken, asWritten, inShortSentences, milder, plainer } from "../english/wording";
import { proseForm } from "../forms/prose";
import type { Material } from "../material/material";
import type { Passage } from "../material/passage";
import { stemCounts } from "../methods/likeness";
import { textRank } from "../methods/textRank";
import type { Part } from "../shapes";
import { type Call, defineTask, said } from "../task";

export const HOW = [
  "shorter",
  "longer",
  "plainer",
  "casual",
  "formal",
  "warmer",
  "active",
  "instruction",
] as const;
export type How = (typeof HOW)[number];

/** Says where nothing came of it. */
const unchanged: AnswerCheck = {
  id: "unchanged",
  look: ({ text, input }) =>
    typeof input.text === "string" && input.text.trim() === text.trim() ? ["It is as it was."] : [],
};

export const rework = defineTask({
  id: "rework",
  name: "Rework a passage",
  says: "A passage again: shorter, longer, plainer, in another tone, in the active voice, or as you say.",
  fields: {
    text: said(is.someText(50_000), "Passage"),
    how: is.optional(said(is.oneOf(HOW), "How")),
    instruction: is.optional(said(is.text(1000), "In your words", "What is to change, in your words")),
  },
  form: proseForm,
  places: ["passage"],
  languages: "English",
  answers: 1,
  ask: ({ text, how = "plainer", instruction }) =>
    `${ORDERS[how]}${instruction ? ` ${instruction}` : ""} Keep what it says, its figures and its names.\n\n${text}`,
  checks: [unchanged],
  compose(call) {
    const { input } = call;
    const how =
      input.how === "instruction" || (!input.how && input.instruction)
        ? howOf(input.instruction ?? "")
        : (input.how ?? "plainer");
    if (!how) {
      call.miss(
        `A writer that follows “${input.instruction?.trim() ?? ""}”: the stand-in can make a passage shorter, longer, plainer, casual, formal, warmer or active.`,
      );
      return [];
    }
    return variants(call, () => compose(call, how));
  },
});

const ORDERS: Record<How, string> = {
  shorter: "Make this passage shorter by a third.",
  longer: "Make this passage longer, with what the material gives.",
  plainer: "Say this passage in plainer words and shorter sentences.",
  casual: "Say this passage as one would say it across a table.",
  formal: "Say this passage in a formal tone.",
  warmer: "Say this passage in a warmer tone.",
  active: "Put this passage into the active voice.",
  instruction: "Rework this passage.",
};

function howOf(instruction: string): How | null {
  const text = instruction.toLowerCase();
  const hints: readonly [RegExp, How][] = [
    [/short|trim|cut|concise|tight|brief/, "shorter"],
    [/long|expand|more detail|add /, "longer"],
    [/plain|simpl|clear|easy/, "plainer"],
    [/casual|friendl|chatty|relaxed|informal|spoken/, "casual"],
    [/formal|official|professional/, "formal"],
    [/warm|kind|gentle|soft/, "warmer"],
    [/active|passive/, "active"],
  ];
  return hints.find(([hint]) => hint.test(text))?.[1] ?? null;
}

function compose(call: Call<{ text: string }>, how: How): Part[] | null {
  const { input, material } = call;
  const paragraphs = input.text
    .split(/\n\s*\n/)
    .map((text) => text.replace(/\s+/g, " ").trim())
    .filter(Boolean);
  let place = 0;
  const parts: Part[] = [];
  for (const text of paragraphs) {
    const passages = sentences(text, material.pack).map(({ start, end }): Passage => {
      const said = text.slice(start, end);
      return {
        kind: "post",
        ref: `the passage, sentence ${++place}`,
        text: said,
        quote: input.text.includes(said)
          ? said
          : (input.text.split("\n").find((line) => said.includes(line.trim()) && line.trim()) ?? "").trim(),
      };
    });
    const now = inItsVoice(METHODS[how](passages, call), material);
    for (const [i, sentence] of now.entries())
      parts.push(part(i ? "sentence" : "paragraph", sentence.text, sentence.from));
  }
  return parts.length ? parts : null;
}

type Method = (passages: readonly Passage[], call: Call<{ text: string }>) => Sentence[];

const each =
  (change: (text: string, call: Call<{ text: string }>) => string): Method =>
  (passages, call) =>
    passages.map((passage) => ({ text: change(passage.text, call), from: [passage] }));

const shorter: Method = (passages, { chance, free, material }) => {
  const ranks = textRank(passages.map(({ text }) => stemCounts(text, material.pack)));
  // Of several sentences the one that says least of the whole goes.
  const worth = ranks.map((rank, i) => rank * (1 + free * 0.3 * (chance.next() - 0.5)) + (i === 0 ? 0.3 : 0));
  const least = passages.length > 2 ? worth.indexOf(Math.min(...worth)) : -1;
  return passages
    .filter((_, i) => i !== least)
    .map((passage) => {
      const tight = tightened(passage.text);
      return { text: compressed(tight, Math.round(tight.length * 0.75)) ?? tight, from: [passage] };
    });
};

const longer: Method = (passages, call) => {
  const { material, chance, free } = call;
  const given = material.notes.map((note) => ({
    ...note,
    text: fragmentSentence(readFragment(note.text), chance, new Set(), isName(material)).text,
  }));
  const more = about(
    passages.map(({ text }) => text).join(" "),
    [...given, ...ownSentences(material)].filter(({ text }) => !call.input.text.includes(text)),
    {
      pack: material.pack,
      chance,
      free,
      many: 2,
    },
  );
  if (!more.length)
    call.miss(
      "Notes, a recording or posts on the same subject: there is nothing to make the passage longer with.",
    );
  return [
    ...passages.map((passage) => ({ text: passage.text, from: [passage] })),
    ...more.map((passage) => ({ text: passage.text, from: [passage, OWN_WORDS] })),
  ];
};

const METHODS: Record<Exclude<How, "instruction">, Method> & Record<"instruction", Method> = {
  shorter,
  longer,
  plainer: each((text) => inShortSentences(plainer(text))),
  casual: each((text) => asSpoken(plainer(text))),
  formal: each((text) => asWritten(text)),
  warmer: each((text) => milder(asSpoken(text))),
  active: each((text, { material }) => activeVoice(text, isName(material)) ?? text),
  instruction: each((text) => text),
};

/** With the voice's words for those it does not use. */
function inItsVoice(now: readonly Sentence[], { voice, pack }: Material): Sentence[] {
  if (!voice) return [...now];
  return now.map((sentence) => {
    let { text } = sentence;
    for (const { start, end, instead, word } of bannedIn(text, voice, pack).reverse())
      if (instead)
        text =
          text.slice(0, start) +
          (/^\p{Lu}/u.test(word) ? instead.replace(/^\p{Ll}/u, (letter) => letter.toUpperCase()) : instead) +
          text.slice(end);
    return { ...sentence, text };
  });
}
