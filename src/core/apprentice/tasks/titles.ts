import * as is from "../../declare";
import { titleParts } from "../../snippet/wholeness";
import { keywordOf, keywordSaid, saysKeyword } from "../checks/keyword";
import { repeatsPost } from "../checks/repeats";
import { titleFits, titleRoom } from "../checks/widths";
import { keywordOrigin, OWN_WORDS, part } from "../composing/parts";
import { readFragment } from "../english/fragment";
import { capitalised, inside, listed } from "../english/sentence";
import { isOrAre, readSubject, type Subject } from "../english/subject";
import { titleForm } from "../forms/title";
import type { Material } from "../material/material";
import type { Passage } from "../material/passage";
import { contentStemSet, cosine, overlap, stemCounts } from "../methods/likeness";
import { mostDiverse } from "../methods/mmr";
import type { Origin } from "../shapes";
import { type Call, defineTask, said } from "../task";

const MOST = 20;

export const titles = defineTask({
  id: "titles",
  name: "Suggest titles",
  says: "Titles for a post about a keyword, each with its width.",
  fields: {
    keyword: is.optional(said(is.text(500), "Target keyword")),
    terms: is.optional(said(is.list(is.text(200), 100), "Terms that the post covers")),
    topic: is.optional(said(is.text(1000), "What the post is about")),
    count: is.optional(said(is.whole({ minimum: 1, maximum: MOST }), "How many")),
  },
  form: titleForm,
  places: ["plan", "start"],
  languages: "English",
  answers: 5,
  ask: ({ count = 5, terms, topic }, { keyword }) =>
    [
      `Write ${count} titles for a blog post${keyword ? ` about the keyword “${keyword}”` : ""}. Use the keyword, or a plain form of it, in each; 35 to 60 characters.`,
      topic && `The post is about: ${topic}.`,
      terms?.length && `It covers: ${terms.join(", ")}.`,
    ]
      .filter(Boolean)
      .join(" "),
  checks: [titleFits, keywordSaid, repeatsPost],
  compose(call) {
    const { input, material, chance, free, profile } = call;
    const keyword = keywordOf({ input, material });
    if (!keyword.trim()) {
      call.miss("A target keyword: a title is written around one.");
      return [];
    }
    const subject = readSubject(keyword, [material.whole]);
    const terms = termsFor(keyword, input.terms ?? [], material);
    const room = titleRoom(profile);
    const seen = new Set<string>();
    const candidates = frames(subject, terms, call)
      .map(({ text, from }) => ({ text: text.replace(/\s+/g, " ").trim(), from }))
      .filter(({ text }) => !seen.has(text.toLowerCase()) && seen.add(text.toLowerCase()))
      .map((one) => ({
        ...one,
        pixels: room.width(one.text),
        says: saysKeyword(one.text, keyword, material.pack, profile),
      }));
    let fitting = candidates.filter(
      ({ pixels, says }) => says && pixels >= room.least && pixels <= room.most,
    );
    if (!fitting.length)
      fitting = [...candidates, ...shortened(keyword, room, material)].filter(
        ({ pixels }) => pixels <= room.most,
      );
    if (!fitting.length) {
      call.miss(
        `A shorter keyword: “${keyword}” alone is ${Math.round(room.width(subject.heading))} px wide, and ${room.most} px fit.`,
      );
      return [];
    }
    const counts = fitting.map(({ text }) => stemCounts(text, material.pack));
    const worth = fitting.map(
      ({ pixels, from }) =>
        0.35 * Math.min(1, pixels / room.most) +
        (from.length > 1 ? 0.25 : 0.15) +
        (pixels >= room.least ? 0.15 : 0) +
        0.4 * (0.2 + free) * chance.next(),
    );
    const chosen = mostDiverse(worth, (a, b) => cosine(counts[a]!, counts[b]!), call.many).map(
      (at) => fitting[at]!,
    );
    // Of a short keyword also those that leave room.
    const more = candidates.filter((one) => !chosen.includes(one) && one.says && one.pixels <= room.most);
    return [...chosen, ...more.sort((a, b) => b.pixels - a.pixels)]
      .slice(0, call.many)
      .map(({ text, from }) => [part("title", text, from)]);
  },
});

interface Candidate {
  text: string;
  from: (Origin | Passage)[];
}

/** Terms that say something the keyword does not. */
export function termsFor(keyword: string, given: readonly string[], material: Material): Passage[] {
  const stems = contentStemSet(keyword, material.pack);
  const all: Passage[] = [
    ...given.map((text): Passage => ({ kind: "keyword", ref: "term", text, quote: text })),
    ...material.supporting.map(
      (text): Passage => ({ kind: "keyword", ref: "supporting keyword", text, quote: text }),
    ),
    ...material.outline.map(({ text }): Passage => ({ kind: "outline", ref: text, text, quote: text })),
  ];
  const used: Set<string>[] = [];
  return all.filter(({ text }) => {
    const own = contentStemSet(text, material.pack);
    if (!own.size || text.split(/\s+/).length > 3 || readFragment(text).kind !== "thing") return false;
    if (overlap(own, stems) > 0 || used.some((other) => overlap(own, other) > 0.5)) return false;
    used.push(own);
    return true;
  });
}

function frames(
  subject: Subject,
  terms: readonly Passage[],
  { material, chance, input }: Call<{ topic?: string; keyword?: string }>,
): Candidate[] {
  const { heading: H, inSentence: P, one, number, kind, verb } = subject;
  const keyword = keywordOrigin(keywordOf({ input, material }));
  const own = (...texts: (string | false | null)[]): Candidate[] =>
    texts.flatMap((text) => (text ? [{ text, from: [keyword] }] : []));
  const withTerms = (frame: (words: string) => string, many: number): Candidate[] => {
    const chosen = chance.shuffled(terms.slice(0, 8)).slice(0, many);
    return chosen.length < many
      ? []
      : [{ text: frame(listed(chosen.map(({ text }) => inside(text)))), from: [keyword, ...chosen] }];
  };
  const stems = contentStemSet(keyword.quote, material.pack);
  const questions: Candidate[] = material.questions
    .filter(({ text }) => text.length <= 70)
    .flatMap((question): Candidate[] => {
      const asks = question.text.replace(/\?+$/, "");
      const mark = question.text.endsWith("?") ? "?" : "";
      // Where it says the keyword it is a title by itself.
      if (overlap(contentStemSet(asks, material.pack), stems) > 0.4)
        return [{ text: `${capitalised(asks)}${mark}`, from: [question] }];
      return [{ text: `${H}: ${inside(asks)}${mark}`, from: [keyword, question] }];
    });
  const { audience } = material;
  const readers = audience && audience.split(/\s+/).length <= 3 ? inside(audience) : "";
  const topic =
    input.topic && input.topic.length <= 60 && readFragment(input.topic).kind !== "sentence"
      ? inside(input.topic)
      : "";
  const given: Candidate[] = topic
    ? [
        {
          text: `${H}: ${topic}`,
          from: [keyword, { kind: "note", ref: "topic", text: topic, quote: input.topic!.trim() }],
        },
      ]
    : [];
  const listedTerms = (end: string) => [
    ...withTerms((words) => `${H}: ${words}${end}`, 2),
    ...withTerms((words) => `${H}: ${words}${end}`, 3),
    ...withTerms((words) => `${H}: ${words}${end}`, 2),
  ];
  if (kind === "how" || kind === "action") {
    const how = `How to ${verb}`;
    return [
      ...own(
        how,
        `${how}: a plain guide`,
        `${how}, step by step`,
        `${how} without the usual mistakes`,
        `${how}: what to know first`,
        `${how} and get it right`,
        `${how}: where to begin`,
        `${how}: a checklist`,
        `Learning how to ${verb}: where to begin`,
        `Before you ${verb}: what to know`,
        readers && `${how}: a guide for ${readers}`,
      ),
      ...withTerms((words) => `${how}: ${words}`, 2),
      ...withTerms((words) => `${how}: ${words}`, 3),
      ...given.map(({ text, from }) => ({ text: text.replace(H, how), from })),
      ...questions,
    ];
  }
  if (kind === "question")
    return [
      ...own(
        `${H}?`,
        `${H}? What to weigh up`,
        `${H}? A plain answer`,
        `${H}? What to know first`,
        `${H}? Here is what to know`,
        `${H}? An honest look`,
        `${H}? The answer in plain words`,
        readers && `${H}? A guide for ${readers}`,
      ),
      ...withTerms((words) => `${H}? A look at ${words}`, 2),
      ...withTerms((words) => `${H}? A look at ${words}`, 1),
      ...questions,
    ];
  if (kind === "choice")
    return [
      ...own(
        `${H}: how to decide`,
        `${H}? What to weigh up`,
        `${H}: a plain comparison`,
        `${H}: what to ask yourself`,
        `${H}: an honest comparison`,
        `${H}: how to choose`,
        `${H}? How to make up your mind`,
        readers && `${H}: a guide for ${readers}`,
      ),
      ...listedTerms(""),
      ...given,
      ...questions,
    ];
  const things = number !== "uncounted";
  const superlative = P.startsWith("the ");
  return [
    ...own(
      `${H}: what to know before you start`,
      `${H}: a plain guide`,
      `${H}: how to get it right`,
      `${H}: the questions to ask first`,
      `${H}: what matters and what does not`,
      `${H}: mistakes to avoid`,
      `${H}: where to begin`,
      `${H}: a checklist to keep`,
      `${H}, explained in plain words`,
      `A plain guide to ${P}`,
      `What to know about ${P}`,
      `An honest look at ${P}`,
      `Before you decide on ${P}: what to know`,
      things && !superlative && `What to look for in ${P}`,
      one && `How to choose ${one}`,
      one && `How to choose ${one}: a plain guide`,
      !superlative && `${capitalised(isOrAre(subject))} ${P} right for you?`,
      readers && `${H}: a guide for ${readers}`,
      readers && `A guide to ${P} for ${readers}`,
    ),
    ...listedTerms(""),
    ...withTerms((words) => `${H}: ${words} in plain words`, 2),
    ...given,
    ...questions,
  ].map((one) => (one.from.length ? one : { ...one, from: [OWN_WORDS] }));
}

function shortened(keyword: string, room: ReturnType<typeof titleRoom>, { pack }: Material) {
  const words = capitalised(keyword).split(/\s+/);
  // What is said of its subject may go: "grants for landlords in rural areas" are grants for landlords.
  const heads = words.flatMap((word, at) =>
    at > 1 && /^(?:for|with|in|of|at|on|to|from|without|near|and|or|by)$/i.test(word)
      ? [words.slice(0, at).join(" ")]
      : [],
  );
  return [...heads.reverse(), ...titleParts(capitalised(keyword), pack).map(({ text }) => text)]
    .filter((text) => text && text !== keyword)
    .map((text) => ({
      text,
      from: [keywordOrigin(keyword)] as (Origin | Passage)[],
      pixels: room.width(text),
      says: false,
    }));
}
