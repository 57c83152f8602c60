import { bannedIn } from "../../voice/banned";
import { voiceDistance } from "../../voice/distance";
import type { AnswerCheck } from "./check";

/** Words that the voice does not use. */
export const bannedWords: AnswerCheck = {
  id: "banned-word",
  look: ({ text, material }) =>
    material.voice
      ? bannedIn(text, material.voice, material.pack).map(({ word, instead }) =>
          instead
            ? `“${word}” is not this voice's word: say “${instead}”.`
            : `“${word}” is not this voice's word.`,
        )
      : [],
};

/** From so far on a text sounds like somebody else. */
const FAR = 0.65;

/** How far it is from the voice, where it is long enough to tell. */
export const voiceFar: AnswerCheck = {
  id: "voice-distance",
  look: ({ text, material: { voice, pack } }) => {
    const distance = voice && voiceDistance(text, voice, pack);
    if (!distance || distance.far < FAR) return [];
    const [most] = [...distance.traits].sort((a, b) => b.far - a.far);
    return [
      `It sounds unlike the voice “${voice.name}”, most of all in ${most!.name[0]!.toLowerCase()}${most!.name.slice(1)}.`,
    ];
  },
};

/** What the post should not say. */
export const avoided: AnswerCheck = {
  id: "avoid",
  look: ({ text, material }) =>
    material.avoid
      .filter((what) => what.trim() && text.toLowerCase().includes(what.trim().toLowerCase()))
      .map((what) => `It says “${what.trim()}”, which the plan asks to avoid.`),
};
