import { RUN } from "../material/copies";
import type { AnswerCheck } from "./check";

/** Runs of words that stand on a competing page. */
export const copied: AnswerCheck = {
  id: "copied",
  look: ({ parts, material }) =>
    parts.flatMap(({ text }) => {
      const copy = material.copies.first(text);
      return copy
        ? [
            `“${copy.run}” stands on ${copy.page} word for word: more than ${RUN - 1} words in a row. Reword it.`,
          ]
        : [];
    }),
};
