/** Direct questions as they stand inside a sentence: "How much does it cost?" as "how much it costs". */
import { numberOf, readNounPhrase } from "./noun";
import { inside, oneSpace } from "./sentence";
import { taggedWords, verbForms } from "./tagged";

const ASKING =
  /^((?:how(?: (?:much|many|long|often|far|old|big|well|soon|fast|hard|deep|high|heavy))?|what|why|when|where|which [\p{L}-]+|who)(?: [\p{L}-]+)?) (is|are|was|were|do|does|did|can|should|will|would|could) (.+)$/iu;
const YES_OR_NO = /^(is|are|was|were|do|does|did|can|should|will|would|could) (.+)$/i;
const PRONOUN = /^(?:i|you|we|they|he|she|it|there|this|that|these|those)$/i;

/**
 * By the rule of inversion undone: the auxiliary goes behind the subject, and "do" goes into its verb.
 *
 * @returns without a question mark; null where its subject cannot be told from the rest
 */
export function indirectQuestion(question: string): string | null {
  const bare = oneSpace(question).replace(/[?\s]+$/u, "");
  if (/[.?!;:"“”]/.test(bare)) return null;
  const asking = ASKING.exec(bare);
  // "How do you" speaks of anybody: an infinitive says the same.
  const anybody =
    /^(how|what|where|when) (?:do|can|should) (?:i|you|we) (?!need\b|have\b|know\b)(\p{L}+)(.*)$/iu.exec(
      bare,
    );
  if (anybody && verbForms(anybody[2]!)?.infinitive === anybody[2]!.toLowerCase())
    return `${anybody[1]!.toLowerCase()} to ${anybody[2]}${anybody[3]}`;
  // "Which lock is best" asks for its own subject, and stands as it is.
  if (
    /^(?:which|what|whose|how many) \p{L}+ (?:is|are|was|were|can|will|should) (?!a |an |the |your |my |our |it |you |we |i )\p{L}+(?: (?:for|in|on|at|to|with) .*)?$/iu.test(
      bare,
    )
  )
    return inside(bare);
  if (asking) {
    const clause = straightened(asking[2]!, asking[3]!);
    return clause && `${inside(asking[1]!)} ${clause}`;
  }
  const plain = YES_OR_NO.exec(bare);
  if (plain) {
    const clause = straightened(plain[1]!, plain[2]!);
    return clause && `whether ${clause}`;
  }
  return /^(?:how|what|when|where|which|why) (?:\p{L}+ )?to /iu.test(bare) ? inside(bare) : null;
}

function straightened(auxiliary: string, rest: string): string | null {
  const words = rest.split(" ");
  const lower = auxiliary.toLowerCase();
  const end = subjectEnd(words, lower);
  if (end === null) return null;
  const subject = words.slice(0, end).join(" ");
  const behind = words.slice(end);
  if (/^(?:do|does|did)$/.test(lower)) {
    const [verb, ...others] = behind;
    const forms = verb ? verbForms(verb) : null;
    if (!forms || forms.infinitive !== verb!.toLowerCase()) return null;
    const word = lower === "did" ? forms.past : lower === "does" ? forms.present : verb!;
    return [subject, word, ...others].join(" ");
  }
  return [subject, lower, ...behind].join(" ");
}

/** How many words the subject has. */
function subjectEnd(words: readonly string[], auxiliary: string): number | null {
  if (PRONOUN.test(words[0]!)) return 1;
  const tagged = taggedWords(words.join(" "));
  if (tagged.length !== words.length) return null;
  const copula = /^(?:is|are|was|were)$/.test(auxiliary);
  if (copula && words.length < 4 && !tagged.some(({ tags }, i) => i > 0 && tags.has("Adjective"))) {
    // "What is a longtail" asks for the thing itself.
    return words.length;
  }
  for (let at = 1; at < words.length; at++) {
    const { tags } = tagged[at]!;
    const noun = tagged[at - 1]!.tags;
    if (!noun.has("Noun") && !noun.has("Gerund")) continue;
    if (
      copula
        ? tags.has("Adjective") ||
          tags.has("PastTense") ||
          tags.has("Participle") ||
          tags.has("Comparative") ||
          tags.has("Determiner") ||
          tags.has("Gerund")
        : tags.has("Infinitive") || tags.has("Verb")
    )
      return agrees(words.slice(0, at), auxiliary) ? at : null;
  }
  return null;
}

function agrees(subject: readonly string[], auxiliary: string): boolean {
  const phrase = readNounPhrase(subject.join(" "));
  const plural = numberOf(phrase.words[phrase.head]!) === "plural";
  if (/^(?:is|was|does)$/.test(auxiliary)) return !plural;
  return !/^(?:are|were|do)$/.test(auxiliary) || plural;
}
