import type { AnswerCheck } from "./check";

/** Nobody has looked at the picture but the person. */
export const checkPicture: AnswerCheck = {
  id: "check-picture",
  look: () => ["Check the picture: this was made of the words around it, not of what it shows."],
};
