/** From the passive with its agent to the active: "The bike was checked by our workshop" to "Our workshop checked the bike". */
import { readNounPhrase } from "./noun";
import { asSentence, capitalised, inside } from "./sentence";
import { taggedWords, verbForms } from "./tagged";

const PASSIVE =
  /^([^,;:–—]+?) (is|are|was|were|(?:can|could|should|must|will|may|might|would) be) ((?:not |never |often |always |usually |regularly |carefully )?)([\p{L}]+)((?: (?:near|in|on|at|to|from|into|under|over|behind|beside|with) (?:\p{L}+ ){0,2}\p{L}+)?) by ([^,;:–—]+?)((?: (?:in|on|at|for|before|after|during|with|without|from|every|each|once|within|until|when|while|because|if|to)\b[^;:]*|, which\b[^;:]*)?)([.!])$/u;
const JOINED =
  /^(?:However|Therefore|Then|Also|Often|Usually|Sometimes|Today|Later|First|Finally|In the end|For example), /u;

const SUBJECTS: Record<string, string> = {
  me: "I",
  him: "he",
  her: "she",
  us: "we",
  them: "they",
  it: "it",
  you: "you",
};
const OBJECTS: Record<string, string> = {
  i: "me",
  he: "him",
  she: "her",
  we: "us",
  they: "them",
  it: "it",
  you: "you",
};
/** What stands behind "by" and does nothing: by hand, by far, by Friday. */
const NO_AGENT =
  /^(?:hand|far|then|now|law|mistake|accident|chance|default|post|mail|email|phone|bus|car|train|bike|night|day|the (?:hour|day|week|month|metre|time)|\d|\p{L}+ing\b|about|at least|half)/iu;

/** @returns null where the sentence names nobody who does it, or more than one clause stands in it */
export function activeVoice(
  sentence: string,
  isName: (word: string) => boolean = () => false,
): string | null {
  const joint = JOINED.exec(sentence.trim())?.[0] ?? "";
  const match = PASSIVE.exec(sentence.trim().slice(joint.length));
  if (!match) return null;
  const [, subject, auxiliary, adverb, participle, where, agent, rest] = match as unknown as string[];
  if (NO_AGENT.test(agent!) || /\b(?:and|or|which|that|who|is|are|was|were|to)\b/.test(subject!)) return null;
  const forms = verbForms(participle!);
  const [tagged] = taggedWords(participle!);
  if (!forms || !tagged || forms.infinitive === participle!.toLowerCase()) return null;
  const doer = SUBJECTS[agent!.toLowerCase()] ?? agent!;
  const phrase = readNounPhrase(agent!);
  const many = /^(?:us|them|you|me)$/i.test(agent!) || phrase.number === "plural" || / and /.test(agent!);
  const modal = /^(\p{L}+) be$/u.exec(auxiliary!)?.[1];
  const verb = modal
    ? `${modal} ${adverb}${forms.infinitive}`
    : /^(?:was|were)$/.test(auxiliary!)
      ? /^not /.test(adverb!)
        ? `did not ${forms.infinitive}`
        : `${adverb}${forms.past}`
      : /^not /.test(adverb!)
        ? `${many ? "do" : "does"} not ${forms.infinitive}`
        : `${adverb}${many ? forms.infinitive : forms.present}`;
  const object = OBJECTS[subject!.toLowerCase()] ?? inside(subject!, isName);
  const active = `${joint ? inside(doer, isName) : doer} ${verb} ${object}${where}${rest}`;
  return asSentence(joint ? `${joint}${active}` : capitalised(active));
}
