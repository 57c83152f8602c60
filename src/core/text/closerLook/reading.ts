/** Whether a text bears out another reading of a keyword's words than the plain one. */
import type { AnalysedText, Token } from "../analyse";
import type { Variant } from "../keyword";
import type { Usage } from "../packs/usage";
import { isOfNoun, isVerbal, usedAs } from "../usage";
import { isBeforeNoun, isCapital } from "./nouns";
import type { Sight } from "./sight";

/** "Password reset": the deed after what it is done to. "Wall paint" is a thing, and "prices change" by themselves. */
function isDeedNamed(
  text: AnalysedText,
  object: Sight,
  verb: Sight,
  carriers: Variant["carriers"],
  usage: Usage,
): boolean {
  const [thing, deed, after] = [text.tokens[object.to]!, text.tokens[verb.to]!, text.tokens[verb.to + 1]];
  const { folded } = carriers[0]!;
  return (
    !thing.folded.endsWith("s") &&
    // "The record call" is no "call recording".
    thing.stem === carriers[object.place]!.stem &&
    usage.gerund?.test(thing.folded) === usage.gerund?.test(carriers[object.place]!.folded) &&
    // "Fair trade"
    !usage.adjectives.has(thing.folded) &&
    text.text.slice(thing.end, deed.start) === " " &&
    (usage.gerund?.test(deed.folded) ||
      ((deed.folded === folded || deed.folded === `${folded}s`) &&
        ![usage.nouns, usage.things, usage.adjectives].some((words) => words.has(folded)) &&
        usedAs(text, verb.from, usage) !== "verb")) &&
    !(after?.sentence === deed.sentence && isOfNoun(after, usage))
  );
}

/** @param seen where each of the keyword's words is */
export const isReadSo = (
  text: AnalysedText,
  seen: readonly Sight[],
  variant: Variant,
  usage: Usage,
): boolean =>
  variant.reading === "order"
    ? isOrdered(text, seen, variant, usage)
    : variant.reading === "turned"
      ? areBeside(
          text,
          seen.filter(({ place }) => place >= variant.carriers.length - 2),
          usage,
        ) && !seen.some((sight) => hasLostItsEnding(text, sight, variant, usage))
      : true;

/** "Zij las het recept snel" for "snelle recepten": what loses an "e" at its end is no noun. "Vluchten, goedkoop" says it of the flights. */
function hasLostItsEnding(
  { tokens, text }: AnalysedText,
  { from, place }: Sight,
  { carriers }: Variant,
  usage: Usage,
): boolean {
  const { folded } = carriers[place]!;
  if (usage.capitals || !/[^ei]e$/.test(folded) || tokens[from]!.folded.startsWith(folded)) return false;
  const before = tokens[from - 1];
  return before !== undefined && !text.slice(before.end, tokens[from]!.start).includes(",");
}

/** "Laptops für Studenten": two nouns, and nothing between them but small words and an adjective. */
function areBeside(text: AnalysedText, seen: readonly Sight[], usage: Usage): boolean {
  const [first, last] = [...seen].sort((a, b) => a.from - b.from) as [Sight, Sight];
  const { tokens } = text;
  const isNoun = (at: number) => !usage.capitals || isCapital(text, at);
  const between = tokens.slice(first.to + 1, last.from);
  const content = between.filter(({ small }) => !small);
  return (
    isNoun(first.from) &&
    isNoun(last.from) &&
    content.length <= 1 &&
    !content.some((word) => usage.capitals && isCapital(text, tokens.indexOf(word, first.to))) &&
    !/[,;]/.test(text.text.slice(tokens[first.to]!.end, tokens[last.from]!.start))
  );
}

/** "Apple trees are pruned in winter": the deed behind what it is done to. */
function isPassive({ tokens }: AnalysedText, objects: readonly Sight[], verb: Sight, usage: Usage): boolean {
  const last = objects.at(-1)!;
  const between = tokens.slice(last.to + 1, verb.from);
  const { folded } = tokens[verb.from]!;
  // "The guide was branded a liar"
  return (
    objects.length > 1 &&
    objects.slice(1).every((one, i) => one.from === objects[i]!.to + 1) &&
    between.some((word) => usage.being.has(word.folded)) &&
    between.every(
      (word) =>
        usage.being.has(word.folded) || usage.auxiliaries.has(word.folded) || usage.adverb?.test(word.folded),
    ) &&
    (isVerbal(folded, usage) || usage.likePasts.has(folded))
  );
}

/** "How to reset your password" for "reset password": the text tells somebody to do it. */
function isOrdered(
  text: AnalysedText,
  seen: readonly Sight[],
  { carriers, words }: Variant,
  usage: Usage,
): boolean {
  const { tokens } = text;
  const verb = seen.find(({ place }) => place === 0)!;
  const objects = seen.filter(({ place }) => place > 0).sort((a, b) => a.from - b.from);
  const [object] = objects;
  if (!object || verb.from !== verb.to) return false;
  if (objects.length === 1 && object.to + 1 === verb.from)
    return isDeedNamed(text, object, verb, carriers, usage);
  if (object.from <= verb.to) return isPassive(text, objects, verb, usage);
  // "Top up your card", "top your card up" for "top up card"
  const particle = words.find(({ folded }) => usage.verbParticles.has(folded))?.folded;
  const isUp = (at: number) => particle !== undefined && tokens[at]?.folded === particle;
  if (particle && ![verb.to + 1, objects.at(-1)!.to + 1].some(isUp)) return false;
  // "Change a bike tyre", "track the rankings of your keywords"
  const areTogether = objects.slice(1).every((one, i) => {
    const last = objects[i]!;
    const words = tokens.slice(last.to + 1, one.from);
    return words.length
      ? words.every(({ small }) => small) && words.some(({ folded }) => usage.linking.has(folded))
      : one.place > last.place;
  });
  if (!areTogether) return false;
  // "Hand me the cream", "trust me, the fund is safe"
  const between = tokens.slice(verb.to + (isUp(verb.to + 1) ? 2 : 1), object.from);
  if (between.some(({ folded }) => usage.persons.has(folded) && !usage.determiners.has(folded))) return false;
  // "Watch him repair the roof"
  const after = tokens[objects.at(-1)!.to + 1];
  if (after?.sentence === tokens[verb.from]!.sentence && usage.determiners.has(after.folded)) return false;
  if (text.text.slice(tokens[verb.to]!.end, tokens[object.from]!.start).includes(",")) return false;
  if (isBeforeNoun(text, objects.at(-1)!.to, usage, seen)) return false;
  // "Unblocking your kitchen sink"
  const isNounBefore = (word: Token, i: number) =>
    i > 0 &&
    usage.gerund?.test(tokens[verb.from]!.folded) &&
    i === between.length - 1 &&
    usage.nouns.has(word.folded) &&
    usage.determiners.has(between[i - 1]!.folded);
  const isOfObject = (word: Token, i: number) =>
    isOfNoun(word, usage) || usage.adjectives.has(word.folded) || isNounBefore(word, i);
  if (!between.every(isOfObject)) return false;
  const token = tokens[verb.from]!;
  if (usage.gerund?.test(token.folded)) {
    const before = tokens[verb.from - 1];
    return !(before?.sentence === token.sentence && usage.determiners.has(before.folded));
  }
  if (token.folded !== carriers[0]!.folded) return false;
  const use = usedAs(text, verb.from, usage);
  return use === "verb" || (particle !== undefined && use !== "noun");
}
