import type { Profile } from "../../proof/profile";
import { textWidth } from "../../snippet/width";
import type { AnswerCheck } from "./check";

export interface Room {
  least: number;
  most: number;
  width(text: string): number;
}

/** Pixels in which a title earns everything. */
export const titleRoom = (profile: Profile): Room => room(profile.checks["title-width"] as Ranged);
export const descriptionRoom = (profile: Profile): Room =>
  room(profile.checks["description-width"] as Ranged);

interface Ranged {
  size: number;
  range: readonly number[];
}
const room = ({ size, range }: Ranged): Room => ({
  least: range[1] ?? 0,
  most: range[2] ?? Number.POSITIVE_INFINITY,
  width: (text) => textWidth(text, size),
});

const judged = (what: string, text: string, { least, most, width }: Room): string[] => {
  const pixels = Math.round(width(text));
  if (pixels > most) return [`The ${what} is ${pixels} px wide: over ${most} px it is cut off.`];
  return pixels < least ? [`The ${what} is ${pixels} px wide: from ${least} px on it uses its room.`] : [];
};

export const titleFits: AnswerCheck = {
  id: "title-width",
  look: ({ parts, profile }) =>
    parts
      .filter(({ field }) => field === "title")
      .flatMap(({ text }) => judged("title", text, titleRoom(profile))),
};

export const descriptionFits: AnswerCheck = {
  id: "description-width",
  look: ({ parts, profile }) =>
    parts
      .filter(({ field }) => field === "description")
      .flatMap(({ text }) => judged("description", text, descriptionRoom(profile))),
};
