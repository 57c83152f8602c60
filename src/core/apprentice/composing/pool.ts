/** Sentences of the person's own material that stand by themselves, and which of them are about something. */
import { descriptionFlaws } from "../../snippet/wholeness";
import { analyseText } from "../../text/analyse";
import { fold } from "../../text/fold";
import type { LanguagePack } from "../../text/packs/pack";
import type { Fact } from "../material/facts";
import type { Material, OwnPost } from "../material/material";
import type { Passage } from "../material/passage";
import { cosine, rarity, type StemCounts, stemCounts } from "../methods/likeness";
import { mostDiverse } from "../methods/mmr";
import type { Chance } from "../methods/seeded";
import { textRank } from "../methods/textRank";
import type { Call } from "../task";

const LONGEST = 320;

/** Words that stand for a thing named before: "a warm one", "ours". */
const STANDING_FOR =
  /\b(?:the|a|an|this|that|another|each)\s+(?:\p{L}+\s+)?ones?\b|^(?:we|you|they|i|he|she)\s+\p{L}+\s+(?:ours|yours|theirs|mine|his|hers)\b|^(?:the (?:former|latter|same|other|others))\b/iu;

/** A pronoun among the first words, before anything that it could stand for: "Usually it will", "At eight they would". */
const EARLY_PRONOUN =
  /^(?:[\p{L}'’-]+,?\s+){0,3}(?:it|they|them|he|she|him)\b(?!['’]?s (?:easy|hard|worth|best|important|tempting|common|not|fine|wise|better|time|clear|true|possible|a good|no))/iu;
const EMPTY_IT = /^it (?:is|pays|takes|helps|was|costs) (?!an?\b|the\b|\p{Lu})/iu;

/** Whether a sentence says what it says without those around it. */
export function standsAlone(text: string, pack: LanguagePack): boolean {
  if (text.length > LONGEST || text.split(/\s+/).length < 4) return false;
  if (pack.code === "en" && (STANDING_FOR.test(text) || (EARLY_PRONOUN.test(text) && !EMPTY_IT.test(text))))
    return false;
  // What is listed behind a colon, or hangs on a word said before.
  if (/^\p{L}+:\s/u.test(text) || /\s(?:in|of|on|with|for|from|by|about) (?:it|them)[.!]$/iu.test(text))
    return false;
  if (/\?["'”’)]*$/u.test(text) || /[:;,]$/u.test(text)) return false;
  return !descriptionFlaws(text, pack).some((flaw) => flaw !== "says too little");
}

export const sentencesOfPost = (post: OwnPost | null): Passage[] =>
  post ? post.sections.flatMap(({ sentences }) => sentences) : [];

/** All sentences that the person or the firm has said: the recording, the product, the site's posts. */
export const ownSentences = ({ spoken, product, posts, pack, copies }: Material): Passage[] =>
  [...spoken, ...product, ...posts.flatMap(sentencesOfPost)].filter(
    ({ text }) => standsAlone(text, pack) && !copies.first(text),
  );

/** Where nothing of the question is in a sentence, it is about something else. */
const ABOUT = 0.12;

/**
 * @param query what it is to be about
 * @returns the passages that have something of it, those with most first; no two alike
 */
export function about(
  query: string,
  passages: readonly Passage[],
  {
    pack,
    chance,
    free,
    many,
    least = ABOUT,
    inCommon = 2,
  }: { pack: LanguagePack; chance: Chance; free: number; many: number; least?: number; inCommon?: number },
): Passage[] {
  const counted = passages.map(({ text }) => stemCounts(text, pack));
  const weight = rarity(counted);
  const question = stemCounts(query, pack);
  const worth = counted.map((counts) => cosine(question, counts, weight));
  // One word in common is an accident, where more are asked for.
  const enough = Math.min(inCommon, question.size);
  const chosen = passages
    .map((_, i) => i)
    .filter(
      (i) =>
        worth[i]! >= least && [...question.keys()].filter((stem) => counted[i]!.has(stem)).length >= enough,
    );
  const spread = chosen.map((i) => Math.min(1, worth[i]! * (1 + free * (chance.next() - 0.5))));
  return mostDiverse(spread, (a, b) => cosine(counted[chosen[a]!]!, counted[chosen[b]!]!, weight), many).map(
    (at) => passages[chosen[at]!]!,
  );
}

/** Facts of competing pages whose sentences are about something. */
export function aboutFacts(
  query: string,
  { material, chance, free }: Pick<Call<unknown>, "material" | "chance" | "free">,
  many: number,
  least = ABOUT,
): Fact[] {
  const sentences = material.facts.map((fact): Passage & { fact: Fact } => ({
    ...fact,
    text: fact.sentence,
    fact,
  }));
  return about(query, sentences, { pack: material.pack, chance, free, many, least, inCommon: 1 }).map(
    (one) => (one as (typeof sentences)[number]).fact,
  );
}

/** What a text is about besides the keyword, which all of the site may be about. */
export function besides(text: string, keyword: string, pack: LanguagePack): string {
  const its = stemCounts(keyword, pack);
  const words = analyseText(text, pack).tokens.filter(({ stem, small }) => !small && !its.has(stem));
  return words.length ? words.map(({ start, end }) => text.slice(start, end)).join(" ") : text;
}

/**
 * The sentences that say most of what a post says, in its order.
 *
 * @param fits whether one may be used, beside that it stands alone
 */
export function keySentences(
  post: OwnPost,
  {
    pack,
    chance,
    free,
    many,
    fits = () => true,
  }: { pack: LanguagePack; chance: Chance; free: number; many: number; fits?: (text: string) => boolean },
): Passage[] {
  const all = sentencesOfPost(post);
  const counted = all.map(({ text }) => stemCounts(text, pack));
  const ranks = textRank(counted);
  const title = stemCounts(`${post.title} ${post.description}`, pack);
  const usable = all
    .map((_, at) => at)
    .filter((at) => standsAlone(all[at]!.text, pack) && fits(all[at]!.text) && isFirst(all, at));
  const most = Math.max(...usable.map((at) => ranks[at]!), 1e-9);
  const worth = usable.map((at) =>
    Math.min(
      1,
      (0.65 * ranks[at]!) / most +
        0.2 * cosine(title, counted[at]!) +
        0.15 * (1 - at / all.length) +
        free * 0.5 * (chance.next() - 0.5),
    ),
  );
  return mostDiverse(worth, (a, b) => likeness(counted, usable[a]!, usable[b]!), many)
    .map((at) => usable[at]!)
    .sort((a, b) => a - b)
    .map((at) => all[at]!);
}

const likeness = (counted: readonly StemCounts[], a: number, b: number): number =>
  cosine(counted[a]!, counted[b]!);
const isFirst = (all: readonly Passage[], at: number): boolean =>
  all.findIndex(({ text }) => fold(text) === fold(all[at]!.text)) === at;
