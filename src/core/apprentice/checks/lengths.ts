import type { AnswerCheck } from "./check";

/** Characters as a person counts them. */
export const characters = (text: string): number => [...text].length;

const asNumber = (value: unknown, otherwise: number): number =>
  typeof value === "number" ? value : otherwise;

/** Room that "12/12 " takes in front of a part. */
export const numberRoom = (parts: number): number => 2 * String(parts).length + 2;

/** @param numbered whether each part has its number in front */
export const postLengths = (usual: number, numbered: boolean): AnswerCheck => ({
  id: "length",
  look: ({ parts, input }) => {
    const most = asNumber(input.length, usual) - (numbered ? numberRoom(parts.length) : 0);
    return parts.flatMap(({ text }, i) =>
      characters(text) > most ? [`Part ${i + 1} has ${characters(text)} characters; ${most} fit.`] : [],
    );
  },
});

/** How long the whole should be, in characters. */
export const wholeLength = (least: number, most: number): AnswerCheck => ({
  id: "length",
  look: ({ text }) => {
    const length = characters(text);
    return length < least || length > most
      ? [`It has ${length} characters; ${least} to ${most} are usual.`]
      : [];
  },
});

export const partCount: AnswerCheck = {
  id: "parts",
  look: ({ parts, input }) => {
    const many = input.parts;
    return typeof many === "number" && many !== parts.length
      ? [`It has ${parts.length} parts; ${many} were asked for.`]
      : [];
  },
};

/** @param least and most sentences */
export const sentenceCount = (least: number, most: number): AnswerCheck => ({
  id: "length",
  look: ({ parts }) =>
    parts.length < least || parts.length > most
      ? [`It has ${parts.length} sentences; ${least} to ${most} answer best.`]
      : [],
});
