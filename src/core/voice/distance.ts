/** How far a text is from a voice: by trait, and which of its sentences differ most. It earns no points. */
import type { LanguagePack } from "../text/packs/pack";
import { bannedIn } from "./banned";
import { type MeasuredSentence, measuredSentences, measureVoice, type VoiceMeasure } from "./measure";
import type { Voice } from "./shapes";

type Trait = Exclude<keyof VoiceMeasure, "sentences" | "words" | "openings">;

export interface TraitDistance {
  id: Trait;
  name: string;
  /** In the unit that its name says. */
  text: number;
  voice: number;
  /** 0 where both are the same, 1 where they differ by as much as two writers usually do, more beyond. */
  far: number;
}

export interface DifferentSentence {
  text: string;
  /** What is unlike the voice, in words. */
  why: string[];
}

export interface VoiceDistance {
  traits: TraitDistance[];
  /** Mean of the traits, each counted as 1 at most. */
  far: number;
  different: DifferentSentence[];
  /** Uses of words that the voice does not use. */
  banned: { word: string; instead: string }[];
}

/** What is compared, what it is called, and by how much two writers usually differ in it. */
const TRAITS: readonly { id: Trait; name: string; usual: number }[] = [
  { id: "length", name: "Words a sentence", usual: 5 },
  { id: "spread", name: "Spread of lengths", usual: 4 },
  { id: "ease", name: "Reading ease", usual: 15 },
  { id: "we", name: "Sentences with “we”", usual: 0.2 },
  { id: "you", name: "Sentences with “you”", usual: 0.25 },
  { id: "i", name: "Sentences with “I”", usual: 0.15 },
  { id: "questions", name: "Questions", usual: 0.1 },
  { id: "passive", name: "Passive sentences", usual: 0.12 },
  { id: "contractions", name: "Contractions in 100 words", usual: 1.5 },
];
const MOST_DIFFERENT = 6;

/** @returns null where the text or the samples are too short to compare */
export function voiceDistance(
  text: string,
  voice: Pick<Voice, "samples" | "banned" | "person">,
  pack: LanguagePack,
): VoiceDistance | null {
  const ours = measureVoice([text], pack);
  const theirs = measureVoice(voice.samples, pack);
  if (!ours || !theirs) return null;
  const traits = TRAITS.flatMap(({ id, name, usual }): TraitDistance[] => {
    const [a, b] = [ours[id], theirs[id]];
    return a === null || b === null ? [] : [{ id, name, text: a, voice: b, far: Math.abs(a - b) / usual }];
  });
  const different = measuredSentences(text, pack)
    .map((sentence) => ({ text: sentence.text, ...unlike(sentence, theirs, voice, pack) }))
    .filter(({ why }) => why.length)
    .sort((a, b) => b.weight - a.weight)
    .slice(0, MOST_DIFFERENT)
    .map(({ text: said, why }) => ({ text: said, why }));
  return {
    traits,
    far: traits.reduce((sum, { far }) => sum + Math.min(1, far), 0) / traits.length,
    different,
    banned: bannedIn(text, voice, pack).map(({ word, instead }) => ({ word, instead })),
  };
}

/** So rare in the samples that a sentence that does it stands out. */
const RARE = 0.05;

function unlike(
  sentence: MeasuredSentence,
  theirs: VoiceMeasure,
  voice: Pick<Voice, "banned" | "person">,
  pack: LanguagePack,
): { why: string[]; weight: number } {
  const longer = (sentence.words - theirs.length) / Math.max(3, theirs.spread);
  const reasons: [boolean, string, number][] = [
    [longer > 2, `${sentence.words} words: far longer than the voice's ${Math.round(theirs.length)}`, longer],
    [
      sentence.passive && theirs.passive !== null && theirs.passive < RARE,
      "passive, which the voice seldom is",
      1.5,
    ],
    [
      sentence.person.i && theirs.i < RARE && voice.person !== "I",
      "says “I”, which the voice seldom does",
      1.5,
    ],
    [
      sentence.person.we && theirs.we < RARE && voice.person !== "we",
      "says “we”, which the voice seldom does",
      1.2,
    ],
    [
      sentence.contractions > 0 && theirs.contractions !== null && theirs.contractions < 0.2,
      "contracts, which the voice seldom does",
      1,
    ],
    [sentence.question && theirs.questions < RARE / 2, "asks, which the voice seldom does", 0.8],
    ...bannedIn(sentence.text, voice, pack).map(({ word }): [boolean, string, number] => [
      true,
      `says “${word}”`,
      2,
    ]),
  ];
  const held = reasons.filter(([is]) => is);
  return { why: held.map(([, says]) => says), weight: held.reduce((sum, [, , weight]) => sum + weight, 0) };
}
