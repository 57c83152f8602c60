/** A post in pieces that are read one by one: each a sentence or two of its own, in its order, short enough. */

import type { LanguagePack } from "../../text/packs/pack";
import { characters } from "../checks/lengths";
import { compressed } from "../english/compress";
import type { OwnPost } from "../material/material";
import type { Passage } from "../material/passage";
import type { Chance } from "../methods/seeded";
import type { Sentence } from "./parts";
import { keySentences, sentencesOfPost, standsAlone } from "./pool";

interface Wanted {
  pack: LanguagePack;
  chance: Chance;
  free: number;
  many: number;
  /** Characters that a piece may have. */
  room: number;
  fits(text: string): boolean;
  /** Whether sentences that tell of an example come first. */
  examples: boolean;
}

const EXAMPLE =
  /\b(?:for example|for instance|such as|say,|like when|last (?:week|month|year|winter|summer)|one of our|customer)\b/i;

/** @returns so many pieces, or fewer where the post has no more; the first says what it is about, the last where the whole is */
export function postPieces(post: OwnPost, cut: Wanted): Sentence[] {
  const { pack, chance, free, many, room, fits, examples } = cut;
  const shorten = (text: string) =>
    characters(text) <= room ? text : pack.code === "en" ? compressed(text, room) : null;
  const usable = (text: string) => shorten(text) !== null && fits(text);
  const title: Passage | null = post.title
    ? { kind: "post", ref: "title", text: post.title, quote: post.title }
    : null;
  const first = opener(post, title, cut, shorten);
  const last: Sentence | null =
    title && many > 2 ? { text: lastWords(title.text, pack.code, chance, room), from: [title] } : null;
  const taken = new Set(first?.from.map((one) => ("text" in one ? one.text : "")) ?? []);
  const needed = many - (first ? 1 : 0) - (last ? 1 : 0);
  let chosen = keySentences(post, {
    pack,
    chance,
    free,
    many: needed,
    fits: (text) =>
      usable(text) &&
      !taken.has(text) &&
      !(examples && !EXAMPLE.test(text) && enoughExamples(post, needed, usable, taken)),
  });
  if (chosen.length < needed) {
    // Of a short post also those that lean on what is before them: its parts are read in order.
    const more = sentencesOfPost(post).filter(
      ({ text }) =>
        usable(text) &&
        !taken.has(text) &&
        !chosen.some((one) => one.text === text) &&
        /[.!]["'”’)]*$/u.test(text),
    );
    const all = sentencesOfPost(post);
    chosen = [...chosen, ...more.slice(0, needed - chosen.length)].sort(
      (a, b) => all.indexOf(a) - all.indexOf(b),
    );
  }
  const middle = chosen.map((passage): Sentence => ({ text: shorten(passage.text)!, from: [passage] }));
  return [
    ...(first ? [first] : []),
    ...withNeighbours(post, middle, room, pack, taken),
    ...(last ? [last] : []),
  ];
}

function enoughExamples(
  post: OwnPost,
  needed: number,
  usable: (text: string) => boolean,
  taken: ReadonlySet<string>,
): boolean {
  return (
    sentencesOfPost(post).filter(({ text }) => EXAMPLE.test(text) && usable(text) && !taken.has(text))
      .length >= needed
  );
}

function opener(
  post: OwnPost,
  title: Passage | null,
  { pack, chance, free, fits, room }: Wanted,
  shorten: (text: string) => string | null,
): Sentence | null {
  const [best] = keySentences(
    { ...post, sections: post.sections.slice(0, 2) },
    { pack, chance, free, many: 1, fits: (text) => fits(text) && shorten(text) !== null },
  );
  const text = best && shorten(best.text);
  if (!title) return best && text ? { text, from: [best] } : null;
  const headline = /[.!?]$/.test(title.text) ? title.text : `${title.text}.`;
  if (best && text && characters(headline) + 1 + characters(text) <= room)
    return { text: `${headline} ${text}`, from: [title, best] };
  return characters(headline) <= room
    ? { text: headline, from: [title] }
    : best && text
      ? { text, from: [best] }
      : null;
}

const LAST = [
  (title: string) => `The whole post: “${title}”.`,
  (title: string) => `Read on in “${title}”.`,
  (title: string) => `All of it, with the details: “${title}”.`,
  (title: string) => `There is more in “${title}”.`,
];

function lastWords(title: string, language: string, chance: Chance, room: number): string {
  const bare = title.replace(/[.]$/, "");
  const text = language === "en" ? chance.pick(LAST)!(bare) : `→ ${bare}`;
  return characters(text) <= room
    ? text
    : [...text]
        .slice(0, room - 2)
        .join("")
        .replace(/\s+\S*$/u, "") + (language === "en" ? "…”" : "…");
}

/** Where there is room the sentence that follows comes along: a piece of two says more. */
function withNeighbours(
  post: OwnPost,
  pieces: readonly Sentence[],
  room: number,
  pack: LanguagePack,
  taken: Set<string>,
): Sentence[] {
  const all = sentencesOfPost(post);
  for (const { from } of pieces) for (const one of from) if ("text" in one) taken.add(one.text);
  return pieces.map((piece) => {
    const [passage] = piece.from as [Passage];
    const next = all[all.findIndex(({ text }) => text === passage.text) + 1];
    if (
      !next ||
      next.ref !== passage.ref ||
      taken.has(next.text) ||
      /\?$/.test(next.text) ||
      /[:,;]$/.test(next.text)
    )
      return piece;
    if (characters(piece.text) + 1 + characters(next.text) > room || piece.text !== passage.text)
      return piece;
    if (!standsAlone(next.text, pack) && characters(next.text) > 120) return piece;
    taken.add(next.text);
    return { text: `${piece.text} ${next.text}`, from: [passage, next] };
  });
}

/** What a person asks to be different, as far as sentences can be chosen by it. */
export function refined(request: string): {
  fits(text: string): boolean;
  examples: boolean;
  missing: string[];
} {
  const rules: ((text: string) => boolean)[] = [];
  let rest = request.toLowerCase();
  const rule = (pattern: RegExp, keep: (text: string) => boolean) => {
    if (pattern.test(rest)) rules.push(keep);
    rest = rest.replace(pattern, "");
  };
  rule(/\b(?:no|without|fewer) emojis?\b/, (text) => !/\p{Extended_Pictographic}/u.test(text));
  rule(/\b(?:no|without) hashtags?\b/, (text) => !/#\p{L}/u.test(text));
  rule(/\b(?:no|without|fewer) (?:questions?|question marks?)\b/, (text) => !text.includes("?"));
  rule(/\b(?:no|without|fewer) (?:figures?|numbers?|statistics)\b/, (text) => !/\p{N}/u.test(text));
  rule(/\b(?:no|without) links?\b/, (text) => !/https?:|www\./.test(text));
  rule(/\b(?:no|without) (?:exclamation marks?|exclamations?)\b/, (text) => !text.includes("!"));
  rule(/\b(?:shorter|short)(?: sentences| parts)?\b/, (text) => characters(text) <= 140);
  const examples = /\b(?:more|with) examples?\b/.test(rest);
  rest = rest.replace(/\b(?:more|with) examples?\b/, "");
  const left = rest.replace(/\b(?:and|but|please|use|make it|the|a|with)\b|[,.;]/g, " ").trim();
  return {
    fits: (text) => rules.every((keep) => keep(text)),
    examples,
    missing: left
      ? [
          `A writer that follows “${left.replace(/\s+/g, " ")}”: the stand-in chooses sentences, and does not follow this.`,
        ]
      : [],
  };
}
