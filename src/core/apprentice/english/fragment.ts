/** What stands in notes and outlines: whole sentences, questions, clauses, bare phrases; and each as a sentence. */
import type { Chance } from "../methods/seeded";
import { definite, readNounPhrase } from "./noun";
import { asSentence, inside } from "./sentence";
import { taggedWords } from "./tagged";

export type FragmentKind =
  | "sentence"
  | "predicate"
  | "question"
  | "clause"
  | "order"
  | "doing"
  | "thing"
  | "other";

export interface Fragment {
  kind: FragmentKind;
  /** Without bullet, number and closing stop. */
  text: string;
}

const BULLET = /^\s*(?:[-*+•–—·]|\(?\d{1,2}[.)]|\[[ x]\])\s+/u;
const AUXILIARY =
  "(?:is|are|was|were|am|do|does|did|can|could|should|would|will|shall|may|might|must|has|have|had|isn['’]t|aren['’]t|don['’]t|doesn['’]t|can['’]t)";
const INVERTED = new RegExp(
  `^(?:${AUXILIARY}\\s+(?!not\\b)|(?:how(?:\\s+(?:much|many|long|often|far|old|big|well|soon|fast|hard|deep|high|heavy))?(?:\\s+\\w+)?|what(?:\\s+\\w+)?|why|when|where|which(?:\\s+\\w+)?|who|whose\\s+\\w+)\\s+${AUXILIARY}\\s)`,
  "i",
);
const ASKING = /^(?:how|what|why|when|where|which|who|whose|whether)\b/i;
const PREPOSITION =
  /^(?:for|with|without|in|of|at|on|to|from|near|under|over|between|by|during|after|before|about|against|around|as|behind|into|than|through|until|within|per|across|if|because|when|while|once)$/i;

/** Verbs that begin an order and are no nouns besides, or whose noun is seldom meant at the beginning of a note. */
const ORDERS = new Set(
  `add adjust agree allow always apply arrange ask attach avoid bake begin boil bring buy calculate call carry check choose clean collect combine compare
  confirm consider contact cook cover create decide define deliver describe divide do don't drain draw dry eat empty enjoy ensure explain explore fasten feed
  fill find fit fix fold follow get give go grow hang hire hold identify ignore improve include inspect install invest invite join keep know learn leave let
  list listen load lock look lower lubricate make measure mention mix move name never note offer open pack paint pay pick place plan plant pour practise
  prepare press prevent protect prove provide prune pump put raise read reduce remember remove rent repeat replace rinse roll run save say schedule
  see select sell send serve set shake share show sleep soak sort spread start stir stop store swap take talk teach tell test think tidy tie tighten try turn
  understand untie update use wait walk wash watch water wear weigh wipe work wrap write
  backup brush chop delete dig download drill dust encrypt fertilise file glue grate grease knead mop mow nail oil peel phone polish post rake register rest
  reset restart rub sand scrub seal season shake simmer slice sow spray stake sterilise submit sweep text trim update upload vacuum weed whisk`
    .split(/\s+/)
    .filter(Boolean),
);
const AFTER_ORDER =
  /^(?:a|an|the|this|that|these|those|my|your|his|her|its|our|their|it|them|him|us|me|any|some|every|each|all|both|no|one|two|three|four|five|\d\S*|for|out|up|on|off|down|in|into|with|whether|how|what|why|when|where|which|if|to|about|at|from|before|after|away|back|only|enough|more|less|as)$/i;
const NOT_AMBIGUOUS = new Set(
  `add adjust always apply arrange ask attach avoid bake begin bring buy calculate choose collect combine compare confirm consider create decide define deliver describe
  ensure explain explore fasten find get give identify ignore improve include inspect install invite keep learn let lubricate make mention never
  prepare prevent protect provide prune put remember remove rinse select sell send soak stir take teach tell tighten try understand use wipe write`
    .split(/\s+/)
    .filter(Boolean),
);
const SUBJECT_PRONOUN =
  /^(?:i|you|we|they|he|she|it|this|that|there|these|those|everyone|nobody|somebody|people)$/i;

const SAYS_OF_IT =
  /^(?:contains|needs|takes|costs|lasts|makes|keeps|comes|gives|helps|holds|includes|requires|saves|uses|works|weighs|means|becomes|brings|adds|offers|allows|prevents|protects|reduces|improves|tastes|smells|looks|feels|fits|runs|grows|goes|gets|has|is|was|can)$/i;
const NO_VERB =
  /^(?:and|or|but|so|yet|not|all|both|half|such|what|which|only|even|just|also|that|this|there|here|then|is|are|was|were|nor|like|than|plus|beyond|above|below|against|beside|inside|outside|past|since|till|up|down|off|out)$/i;

export function readFragment(raw: string): Fragment {
  const text = raw
    .replace(BULLET, "")
    .replace(/\s+/g, " ")
    .trim()
    .replace(/[.;:,\s]+$/u, "");
  return { kind: kindOf(text, /[.!]["'”’)]*\s*$/u.test(raw)), text };
}

function kindOf(text: string, stopped: boolean): FragmentKind {
  if (/\?["'”’)]*$/u.test(text) || INVERTED.test(text)) return "question";
  const words = text.split(" ");
  const [first = "", second = ""] = words;
  if (ASKING.test(text)) return words.length > 2 || /\bto\b/.test(text) ? "clause" : "other";
  if (/^(?:do not|don['’]t|never|always|please) \p{Ll}/iu.test(text) && words.length > 2) return "order";
  // Nothing but a verb, a preposition or a conjunction stands before an article.
  if (
    /^(?:the|a|an|your|my|his|her|our|their|it|them|every|each)$/i.test(second) &&
    /^\p{L}+$/u.test(first) &&
    !NO_VERB.test(first) &&
    !PREPOSITION.test(first) &&
    !/[^br]ing$/i.test(first) &&
    words.length > 2
  )
    return "order";
  const lower = first.toLowerCase().replace(/[^a-z']/g, "");
  if (
    ORDERS.has(lower) &&
    words.length > 1 &&
    (AFTER_ORDER.test(second) || /\p{L}{3,}ly$/u.test(second) || NOT_AMBIGUOUS.has(lower))
  )
    return "order";
  // "24 hours before a second coat" says how much, and is no thing to look at.
  if (/^\d/.test(first) && words.length > 1 && !hasFinite(text)) return "other";
  // "Contains little alcohol": said of the heading's subject.
  if (SAYS_OF_IT.test(first) && words.length > 1) return "predicate";
  if (PREPOSITION.test(first)) return stopped && hasFinite(text) ? "sentence" : "other";
  const tagged = taggedWords(text);
  // "Drawn up by the council": said of something that is not there.
  if (tagged[0]?.tags.has("PastTense") && tagged[1] && !tagged[1].tags.has("Noun")) return "other";
  if (words.length > 2 && hasFinite(text)) return "sentence";
  if (
    tagged[0]?.tags.has("Gerund") &&
    (words.length === 1 || !tagged[1]?.tags.has("Noun") || /^(?:your|the|a|an)$/i.test(second))
  )
    return "doing";
  if (tagged[0]?.tags.has("Gerund") && words.length > 1) return "thing";
  if (tagged.some(({ tags }) => tags.has("Noun") || tags.has("Gerund")) || words.length === 1) {
    const ending = tagged.at(-1)?.tags;
    // "Cheaper than a car", "no licence needed": said of something, and no thing.
    if (tagged[0]?.tags.has("Comparative") || /^(?:no|not|too|very|less|more)$/i.test(first)) return "other";
    if (ending?.has("Adjective") && words.length > 1 && !ending.has("Noun")) return "other";
    return "thing";
  }
  return "other";
}

/** Does it say something of something: a subject before a verb that has a tense? */
export function hasFinite(text: string): boolean {
  // "Smell tells you": whatever the tagger takes the words for.
  if (
    /^(?:the |a |an |your |our )?(?:[\p{L}-]+ ){1,3}?[\p{L}-]+[^s]s (?:you|it|them|us|me|him)(?: |$)/iu.test(
      text,
    ) &&
    !PREPOSITION.test(text.split(" ")[0]!)
  )
    return true;
  // "Old oil turns to glue": no plural of "turn" goes on so.
  if (/\p{L} turns (?:to|into|out|off|sour|brown|black|yellow|hard|soft|cold|warm)(?: |$)/u.test(text))
    return true;
  const tagged = taggedWords(text);
  const subject = tagged.findIndex(
    ({ tags }) => tags.has("Noun") || tags.has("Pronoun") || tags.has("Gerund"),
  );
  if (subject < 0) return /^there\s/i.test(text);
  return tagged.some(({ tags, text: word }, at) => {
    if (at <= subject || !(tags.has("Verb") || tags.has("Modal"))) return false;
    if (tags.has("Copula") || tags.has("Modal") || tags.has("Auxiliary"))
      return !/^(?:to|be|being|been)$/i.test(word);
    const before = tagged[at - 1]!;
    if (/^to$/i.test(before.text)) return false;
    if (tags.has("Gerund")) return false;
    if (SUBJECT_PRONOUN.test(before.text)) return true;
    if (tags.has("PastTense"))
      return (
        before.tags.has("Pronoun") ||
        (before.tags.has("Noun") &&
          at < tagged.length - 1 &&
          !/^(?:by|with|in|at|from|for)$/i.test(tagged[at + 1]!.text))
      );
    if (tags.has("PresentTense") && !tags.has("Infinitive"))
      return before.tags.has("Noun") && !before.tags.has("Plural") && tagged[at + 1] !== undefined;
    // An infinitive is the verb of a plural: "batteries lose range".
    return tags.has("Infinitive") && before.tags.has("Plural") && tagged[at + 1] !== undefined;
  });
}

const FRAMES: Record<"clause" | "doing" | "thing" | "other", readonly string[]> = {
  clause: [
    "It helps to know ….",
    "Be clear about ….",
    "Work out … before you decide.",
    "Find out early ….",
    "It is worth knowing ….",
    "Ask yourself ….",
  ],
  doing: [
    "Think about ….",
    "Plan for … from the start.",
    "It is worth thinking about ….",
    "Allow time for ….",
  ],
  thing: [
    "Think about ….",
    "Look closely at ….",
    "Do not forget ….",
    "Pay attention to ….",
    "It is worth knowing about ….",
    "Ask about ….",
    "Take … seriously.",
  ],
  other: ["One more point: ….", "Keep this in mind: ….", "Worth remembering: ….", "Note this: …."],
};

/** A thing or an activity inside a sentence: "the rain cover", "charging at home", "how much it costs". */
export function asObject({ kind, text }: Fragment, isName?: (word: string) => boolean): string {
  const lower = inside(text, isName);
  return kind === "thing" ? definite(readNounPhrase(lower)) : lower;
}

/**
 * A fragment as a whole sentence. What is one already stays as it is.
 *
 * @returns the sentence, and whether words were put around it
 */
export function fragmentSentence(
  fragment: Fragment,
  chance: Chance,
  used: Set<string>,
  isName?: (word: string) => boolean,
): { text: string; framed: boolean } {
  const { kind, text } = fragment;
  if (kind === "question") return { text: asSentence(text, "?"), framed: false };
  if (kind === "predicate") return { text: asSentence(`It ${inside(text, isName)}`), framed: true };
  if (kind === "sentence" || kind === "order") return { text: asSentence(text), framed: false };
  const frames = FRAMES[kind];
  const fresh = frames.filter(
    (frame) => !used.has(frame) && !(kind === "clause" && frame.startsWith("Ask") && /\bto\b/.test(text)),
  );
  const frame = chance.pick(fresh.length ? fresh : frames)!;
  used.add(frame);
  const filled = kind === "other" ? inside(text, isName) : asObject(fragment, isName);
  return { text: frame.replace("…", () => filled), framed: true };
}
