/** What is looked at in the answer to any task. */
import type { AnswerCheck } from "./check";
import { figures, superlatives } from "./claims";
import { copied } from "./copied";
import { avoided, bannedWords, voiceFar } from "./voiceWords";

export const EVERY_ANSWER: readonly AnswerCheck[] = [
  copied,
  figures,
  superlatives,
  bannedWords,
  voiceFar,
  avoided,
];
