/** Parts of speech of English words, from a tagger that needs no model. */
import nlp from "compromise/three";
import { perText } from "../../once";

export interface TaggedWord {
  text: string;
  tags: ReadonlySet<string>;
}

interface Term {
  text: string;
  tags: string[];
}

/** @returns the words of a text in order, each with its tags ("Noun", "Plural", "Infinitive", "Gerund" …) */
export const taggedWords: (text: string) => readonly TaggedWord[] = perText((text) => {
  const sentences = nlp(text).json() as { terms?: Term[] }[];
  return sentences.flatMap(({ terms = [] }) =>
    terms
      .filter(({ text: word }) => word)
      .map(({ text: word, tags }) => ({ text: word, tags: new Set(tags) })),
  );
}, 2000);

/** @returns the plural of a noun or of the last noun of a phrase; as it was where it has none */
export const pluralOf: (noun: string) => string = perText((noun) => {
  const doc = nlp(noun);
  doc.tag("Noun");
  const plural = doc.nouns().toPlural().text() || noun;
  return plural;
}, 500);

/** Forms of a verb, by its infinitive. */
export interface VerbForms {
  infinitive: string;
  past: string;
  present: string;
  gerund: string;
}

/** @returns null where the word is no form of a verb that the tagger has */
export const verbForms: (verb: string) => VerbForms | null = perText((verb) => {
  const doc = nlp(verb);
  doc.tag("Verb");
  const [forms] = doc.verbs().conjugate() as Record<string, string>[];
  if (!forms?.Infinitive || !forms.PastTense || !forms.PresentTense || !forms.Gerund) return null;
  return {
    infinitive: forms.Infinitive,
    past: forms.PastTense,
    present: forms.PresentTense,
    gerund: forms.Gerund,
  };
}, 500);
