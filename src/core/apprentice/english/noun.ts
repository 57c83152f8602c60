/** Noun phrases: which word is the head, whether it is counted, and how the phrase stands in a sentence. */
import { pluralOf, taggedWords } from "./tagged";

/** What is not counted: no plural, no "a". Everyday nouns of any subject. */
const UNCOUNTED = new Set(
  `access accommodation advice agriculture air alcohol art attention behaviour bread butter cash cheese childcare clothing coffee compost concrete
  content copywriting cotton damage data daycare debt dirt dust education electricity employment energy entertainment equipment etiquette evidence exercise feedback
  fashion fitness flooring flour food fuel fun furniture gas glass gold growth guidance hardware health healthcare heat help homework honey hospitality housework
  housing hygiene inflation information infrastructure innovation insulation insurance internet irrigation jewellery jewelry juice knowledge labour leather legislation lighting
  literature luggage machinery mail maintenance makeup management merchandise metal milk money motivation mud music mulch news nutrition oil outreach
  oxygen packaging paint paper parking patience pay payroll permission photography plastic poetry pollution postage pottery produce productivity progress
  protection publicity recruitment recycling research rice rubbish safety salt sand scenery security sleep snow soap software soil sourdough spam staff steel
  stationery storage stuff sugar tax taxation tea technology traffic transport transportation travel trust upkeep water weather web wealth wellbeing wine wood
  wool work yarn yeast aftercare skincare haircare hair privacy compliance growth seo hosting onboarding retention engagement branding ice rain pasta meat
  fish fruit bacteria mould mold rust condensation ventilation sanitation dentistry carpentry plumbing joinery masonry bookkeeping accountancy law yoga pilates tennis football golf chess karate judo ballet meditation warmth depth hire rental support relief prep deliverability availability spam glare gear strength trust silence noise dust shade sunlight daylight moisture humidity therapy nursing catering teaching driving asbestos`
    .split(/\s+/)
    .filter(Boolean),
);
const UNCOUNTED_ENDING =
  /(?:ability|ibility|ness|ism|ware|wear|care|ics|logy|graphy|phobia|hood|ship|ery|iture)$/;
const COUNTED = new Set(
  `building wedding meeting painting ring king spring string thing earring ceiling rating drawing recording listing wing evening morning
  opening offering covering setting rendering filling dressing topping ending beginning helping sibling duckling seedling
  relationship internship scholarship partnership dealership membership friendship championship bakery nursery gallery battery
  brewery grocery delivery discovery recovery surgery cemetery lottery mystery neighbourhood neighborhood biography`
    .split(/\s+/)
    .filter(Boolean),
);
const SINGULAR_IN_S =
  /(?:ss|us|is|ness|ous|news|gas|lens|bus|series|chess|yes|lens|atlas|canvas|alias|bias|kudos|chaos|cosmos|asbestos|christmas)$/;
const PLURAL =
  /^(?:mechanics|critics|comics|picnics|clinics|fabrics|topics|basics|graphics|cosmetics|ethics|statistics|children|people|men|women|feet|teeth|geese|mice|lice|oxen|dice|criteria|media|police|cattle)$/;

/** What a phrase may go on with behind its head. */
const BEHIND =
  /^(?:for|with|without|in|of|at|on|to|from|near|under|over|between|by|during|after|before|versus|vs\.?|about|against|around|as|behind|into|than|that|through|until|within|which|who|when|where|while|if|because|instead|per|across|outside|inside|online|abroad|indoors|outdoors|and|or)$/i;

const DETERMINER =
  /^(?:a|an|the|this|that|these|those|my|your|his|her|its|our|their|no|any|some|every|each|all|both|many|more|most|few|several|enough|another|either|neither|one|two|three|four|five|six|seven|eight|nine|ten|\d[\d.,]*)$/i;

const SEVERAL =
  /^(?:these|those|all|both|many|most|few|several|two|three|four|five|six|seven|eight|nine|ten|(?!1$)\d+)$/i;

export type NounNumber = "plural" | "uncounted" | "counted";

export interface NounPhrase {
  text: string;
  words: readonly string[];
  /** Place of the head among the words. */
  head: number;
  number: NounNumber;
  /** Whether it says itself which or how many: "the", "two", "your". */
  determined: boolean;
}

export function readNounPhrase(text: string): NounPhrase {
  const words = text.trim().split(/\s+/).filter(Boolean);
  const behind = words.findIndex((word, i) => i > 0 && BEHIND.test(word.replace(/,$/, "")));
  const comma = words.findIndex((word) => word.endsWith(","));
  const ends = [behind, comma < 0 ? -1 : comma + 1].filter((at) => at > 0);
  const head = Math.max(0, (ends.length ? Math.min(...ends) : words.length) - 1);
  return {
    text: words.join(" "),
    words,
    head,
    number: SEVERAL.test(words[0] ?? "") && words.length > 1 ? "plural" : numberOf(words[head] ?? ""),
    determined: DETERMINER.test(words[0] ?? "") || /['’]s$/.test(words[0] ?? ""),
  };
}

export function numberOf(word: string): NounNumber {
  const bare = word.toLowerCase().replace(/[^\p{L}\p{N}'-]/gu, "");
  const last = bare.split("-").at(-1)!;
  if (PLURAL.test(last)) return "plural";
  if (UNCOUNTED.has(last)) return "uncounted";
  if (COUNTED.has(last)) return "counted";
  if (
    /ings$/.test(last) ||
    (/s$/.test(last) && last.length > 3 && !SINGULAR_IN_S.test(last) && !/ics$/.test(last))
  )
    return "plural";
  if (/ing$/.test(last) && last.length > 5) return "uncounted";
  if (UNCOUNTED_ENDING.test(last) || /(?:[^aeiou]ics)$/.test(last)) return "uncounted";
  return "counted";
}

/**
 * A phrase as it stands for its whole kind: the plural where it is counted, else as it is. "Cargo bike for families" gives
 * "cargo bikes for families".
 */
export function generic(phrase: NounPhrase): string {
  if (phrase.determined || phrase.number !== "counted") return phrase.text;
  const words = [...phrase.words];
  words[phrase.head] = pluralOf(words[phrase.head]!);
  return words.join(" ");
}

/** "a" or "an" before a word, by how it sounds. */
export function article(next: string): "a" | "an" {
  const word = next.toLowerCase();
  if (/^(?:hour|honest|honour|honor|heir)/.test(word)) return "an";
  if (/^(?:uni(?!n)|use|usu|user|util|euro|eu|one|once|ubi|ufo)/.test(word)) return "a";
  // Letters that are said one by one: "an MOT", "a UK".
  if (/^[A-Z]{2,}\b/.test(next)) return /^[AEFHILMNORSX]/.test(next) ? "an" : "a";
  if (/^(?:8|11|18)\b/.test(word) || /^8/.test(word)) return "an";
  return /^[aeiou]/.test(word) ? "an" : "a";
}

/** One of its kind: "a cargo bike"; as it is where that cannot be said. */
export const oneOf = (phrase: NounPhrase): string =>
  phrase.determined || phrase.number !== "counted" ? phrase.text : `${article(phrase.text)} ${phrase.text}`;

/** The one that is spoken of: "the rain cover"; plurals, uncounted ones and names as they are. */
export function definite(phrase: NounPhrase): string {
  if (phrase.determined || phrase.number !== "counted") return phrase.text;
  // One of two takes no article of its own.
  if (/ or /.test(phrase.text)) return phrase.text;
  const [first] = taggedWords(phrase.text);
  return first?.tags.has("ProperNoun") || first?.tags.has("Pronoun") ? phrase.text : `the ${phrase.text}`;
}
