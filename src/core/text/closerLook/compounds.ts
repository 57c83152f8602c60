/** Compounds that a text says in several words: "die Tür am Haus" for "Haustür", "den Garten pflegen" for "Gartenpflege". */

import type { AnalysedText, Token } from "../analyse";
import { compoundLinks, firstParts, plainStem } from "../compoundParts";
import { SHORTEST_PART, type Variant } from "../keyword";
import type { LanguagePack } from "../packs/pack";
import type { Usage } from "../packs/usage";
import { isCapital } from "./nouns";
import { governorOf } from "./object";
import type { Sight } from "./sight";

/** "Welche Schuhe braucht man fürs Wandern?" */
const isAskedFor = (tokens: readonly Token[], thing: number, { which }: Usage): boolean =>
  thing > 0 &&
  which.has(tokens[thing - 1]!.folded) &&
  tokens[thing - 2]?.sentence !== tokens[thing]!.sentence;

/** May a word be a part of a compound: "fiets", "auto's"? */
const mayBePart = ({ folded, small }: Token): boolean =>
  !small && folded.length >= SHORTEST_PART && /^\p{L}+(?:'s)?$/u.test(folded);

/** Does a clause say of which sort a thing is by what it does to another: "eine Maschine, die Kaffee mahlt"? */
function saysOfWhichSort({ tokens }: AnalysedText, thing: number, other: number, { asking }: Usage): boolean {
  const verb = tokens[other + 1];
  const between = tokens.slice(thing + 1, other);
  return (
    between.length > 0 &&
    between.every(({ small }) => small) &&
    asking.has(between[0]!.folded) &&
    verb?.sentence === tokens[other]!.sentence &&
    !verb.small
  );
}

/** "Back" of "Automaten, die Brot backen": a compound may say as well what is done. */
function verbsBases({ tokens }: AnalysedText, other: number, { auxiliaries }: Usage): string[] {
  const at = auxiliaries.has(tokens[other + 1]?.folded ?? "") ? other + 2 : other + 1;
  const verb = tokens[at];
  if (verb?.sentence !== tokens[other]!.sentence || verb.small) return [];
  const base = bareVerb(verb.folded);
  return [base, base.replace(/(.)\1$/, "$1")];
}

const bareVerb = (folded: string): string => folded.replace(/(?:e?n|e?t)$/, "");

export function beginsCompound(folded: string, compounds: readonly string[]): boolean {
  if (folded.length < SHORTEST_PART) return false;
  for (const compound of compounds) if (compound.startsWith(folded)) return true;
  return false;
}

/** Does any form of a word begin a compound? Few words share their first letters with one: the forms of all others are not made. */
export function anyFormBegins({ folded, stem }: Token, compounds: readonly string[]): boolean {
  // "Kook" of "koken" has two of its letters.
  const begins = (word: string) => compounds.some((compound) => compound.startsWith(word.slice(0, 2)));
  return (
    (begins(folded) || begins(plainStem(stem))) &&
    firstParts(folded, stem).some((base) => beginsCompound(base, compounds))
  );
}

/** Who or what does something; the stemmer leaves that away. */
const DOER = /er(?:n|s|in|innen)?$/;
/** Small words between the parts of a compound that is said in several: "die Tür an unserem Haus". */
const MOST_BETWEEN = 4;

/**
 * Where a compound is said in several words, the last part first: "die Tür am Haus" for "Haustür".
 *
 * @param at the token that says its first part
 * @returns null where there is none
 */
export function saidApart(
  text: AnalysedText,
  at: number,
  { words, content, isJoined }: Variant,
  pack: LanguagePack,
): Sight | null {
  const { tokens } = text;
  const first = tokens[at]!;
  if (!pack.usage?.compounds || isJoined || !mayBePart(first)) return null;
  // "Karten zum Wandern", "Schutz vor Bränden": a compound begins with what all forms of a word have.
  const bases = [...new Set(firstParts(first.folded, first.stem))];
  const ends = [...compoundLinks, ...verbsBases(text, at, pack.usage)];
  const beginnings = bases.flatMap((base) => ends.map((end) => base + end));
  // "Een cursus schilderen" for "schildercursus"
  const lesson = tokens[at - 1];
  if (
    lesson?.sentence === first.sentence &&
    pack.usage.lessons.has(lesson.folded) &&
    (!pack.usage.capitals || isCapital(text, at)) &&
    pack.usage.infinitive?.test(first.folded)
  ) {
    const isNamed = ({ stem }: Variant["words"][number]) =>
      content.has(stem) && beginnings.some((beginning) => pack.stem(beginning + lesson.folded) === stem);
    const word = words.find(isNamed);
    if (word) return { place: content.get(word.stem)!, from: at - 1, to: at };
  }
  for (let from = at - 2; from >= 0 && at - from - 1 <= MOST_BETWEEN; from--) {
    const last = tokens[from]!;
    // "Eine Creme für trockene Haut": a word that is no noun may stand before the first part.
    if (
      !isAskedFor(tokens, from, pack.usage) &&
      !tokens[from + 1]!.small &&
      (from + 1 !== at - 1 || isCapital(text, from + 1))
    )
      return null;
    if (last.sentence !== first.sentence) return null;
    if (!mayBePart(last)) continue;
    // "Er pflegt im Garten zu lesen"
    if (pack.usage.capitals && !isCapital(text, from)) {
      if (isAskedFor(tokens, from - 1, pack.usage)) continue;
      return null;
    }
    // "Hij kleedt zich aan tafel om"
    if (!pack.usage.capitals && pack.usage.pronouns.has(tokens[from - 1]?.folded ?? "")) return null;
    // "Er schloss das Fahrrad an": no preposition, no compound.
    const between = tokens.slice(from + 1, at);
    if (!saysOfWhichSort(text, from, at, pack.usage)) {
      if (!between.some(({ folded }) => pack.usage!.apart.has(folded))) return null;
      // "Der Garten ist nicht auf Rosen gebettet"
      if (between.some(({ folded }) => pack.usage!.copulas.has(folded))) return null;
      if (text.text.slice(last.end, first.start).includes(",")) return null;
    }
    for (const word of words)
      for (const beginning of beginnings) {
        if (
          word.folded.startsWith(beginning) &&
          // "Der Putz am Fenster" is no "Fensterputzer".
          (DOER.test(word.folded) === DOER.test(last.folded) ||
            // "Bretter zum Bügeln"
            last.folded.startsWith(word.folded.slice(beginning.length))) &&
          // "Goten" of "dakgoot"
          word.folded.startsWith(
            last.folded.slice(0, pack.usage.capitals ? SHORTEST_PART : SHORTEST_PART - 1),
            beginning.length,
          ) &&
          // "Konten Ihrer Bank"
          [last.folded.replace(/'s$/, ""), pack.usage.capitals ? plainStem(last.stem) : last.folded].some(
            (end) => pack.stem(beginning + end) === word.stem,
          ) &&
          content.has(word.stem)
        )
          return { place: content.get(word.stem)!, from, to: at };
      }
  }
  return null;
}

/** Words that may stand between a noun and the verb that does it. */
const MOST_TO_VERB = 3;

/**
 * Where a compound that says what is done is said by a noun and its verb: "den Garten richtig pflegen" for "Gartenpflege".
 *
 * @param at the token of the noun
 * @returns null where there is none
 */
export function saidByVerb(
  text: AnalysedText,
  at: number,
  { words, content, isJoined }: Variant,
  pack: LanguagePack,
): Sight | null {
  const { tokens } = text;
  const { usage } = pack;
  const noun = tokens[at]!;
  if (!usage?.deed || isJoined || !mayBePart(noun)) return null;
  const deeds = words.filter(({ folded, stem }) => usage.deed!.test(folded) && content.has(stem));
  if (!deeds.length || governorOf(tokens, at, usage)) return null;
  const beginnings = firstParts(noun.folded, noun.stem).flatMap((base) =>
    compoundLinks.map((link) => base + link),
  );
  for (const verb of verbsOf(text, at, usage))
    for (const word of deeds)
      for (const beginning of beginnings)
        if (word.folded.startsWith(beginning) && isDeedOf(word, beginning, tokens[verb]!.folded, pack))
          return { place: content.get(word.stem)!, from: Math.min(at, verb), to: Math.max(at, verb) };
  return null;
}

/** Words that may stand between what hires a thing and the thing: "mieten Sie jetzt einen". */
const MOST_TO_THING = 3;

/**
 * Where a compound that begins with what is done to the thing is said by the verb and the thing: "einen Wagen mieten" for "Mietwagen".
 *
 * @param at the token of the verb
 * @returns null where there is none
 */
export function saidByHiring(
  { tokens, text }: AnalysedText,
  at: number,
  { words, content, isJoined }: Variant,
  pack: LanguagePack,
): Sight | null {
  const { usage } = pack;
  if (!usage?.compounds || isJoined) return null;
  const verb = tokens[at]!;
  const hiring = [...usage.eitherWay].find((one) => pack.stem(one) === verb.stem);
  if (!hiring) return null;
  const beginnings = firstParts(hiring, hiring).flatMap((base) => compoundLinks.map((link) => base + link));
  const isThing = (thing: Token, word: Variant["words"][number]) =>
    content.has(word.stem) &&
    beginnings.some((beginning) => pack.stem(beginning + thing.folded) === word.stem);
  let next = at + 1;
  while (next <= at + MOST_TO_THING && tokens[next]?.small) next++;
  for (const thing of [at - 1, next]) {
    const token = tokens[thing];
    if (token?.sentence !== verb.sentence || token.small) continue;
    const [from, to] = [Math.min(at, thing), Math.max(at, thing)];
    if (governorOf(tokens, thing, usage) || text.slice(tokens[from]!.end, tokens[to]!.start).includes(","))
      continue;
    for (const word of words) if (isThing(token, word)) return { place: content.get(word.stem)!, from, to };
  }
  return null;
}

/** "Wer", "man" */
const isAnybody = (token: Token | undefined, { pronouns, persons }: Usage): boolean =>
  token !== undefined && pronouns.has(token.folded) && !persons.has(token.folded);

/** Does a compound end as a verb does: "pflege" and "pflegen", "sicherung" and "sichern"? */
const isDeedOf = (
  { folded, stem }: Variant["words"][number],
  beginning: string,
  verb: string,
  pack: LanguagePack,
): boolean =>
  pack.stem(beginning + verb) === stem ||
  // "Fahrräder reparieren" for "Fahrradreparatur"
  pack.stem(folded.slice(beginning.length)) === pack.stem(verb) ||
  folded.slice(beginning.length).replace(/(?:(?:ung|ing)(?:en)?|e)$/, "") === bareVerb(verb);

/** Places near a noun where the verb may stand that does it: "pflegen Sie Ihren Garten", "den Garten gut pflegen". */
function* verbsOf(text: AnalysedText, at: number, usage: Usage): Generator<number> {
  const { tokens } = text;
  const isVerb = (i: number) => {
    const token = tokens[i];
    if (!token || token.small || token.sentence !== tokens[at]!.sentence) return false;
    // "Pflege deinen Garten", "wie pflegt man einen Garten?"
    const opens =
      tokens[i - 1]?.sentence !== token.sentence ||
      usage.pronouns.has(tokens[i + 1]?.folded ?? "") ||
      isAnybody(tokens[i - 1], usage);
    // "Hilfe, der Umzug ist vorbei!"
    if (text.text.slice(tokens[Math.min(i, at)]!.end, tokens[Math.max(i, at)]!.start).includes(","))
      return false;
    const closes = !/^\s+[\p{L}\p{N}]/u.test(text.text.slice(token.end, token.end + 2));
    // "Wer seinen Garten beleuchtet, sitzt länger draußen"
    if (i > at && closes && token.folded.endsWith("t") && !(usage.capitals && isCapital(text, i)))
      return true;
    return (
      (i < at && opens) || (usage.infinitive!.test(token.folded) && (!usage.capitals || !isCapital(text, i)))
    );
  };
  for (let i = at + 1, others = 0; i <= at + 1 + MOST_TO_VERB && others <= 1; i++) {
    if (isVerb(i)) yield i;
    if (tokens[i]?.small === false) others++;
  }
  for (let i = at - 1; i >= at - 1 - MOST_TO_VERB; i--) {
    if (isVerb(i)) yield i;
    if (!tokens[i]?.small) return;
  }
}
