/** A voice as a file of JSON. */
import type { Voice } from "../core/voice/shapes";
import { checkShape, parseJson } from "./schemas/validate";
import { voice } from "./schemas/validators.generated.js";

export const writeVoice = (of: Voice): string => `${JSON.stringify(of, null, 2)}\n`;

/** @throws ShapeError */
export const parseVoice = (text: string): Voice =>
  checkShape<Voice>(voice, parseJson(text, "a voice"), "a voice");
