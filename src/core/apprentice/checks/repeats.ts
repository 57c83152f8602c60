import { contentStemSet, overlap } from "../methods/likeness";
import type { AnswerCheck } from "./check";

/** Titles that share so much of their words are about one thing. */
export const TOO_ALIKE = 0.6;

/** An idea for a post that is there already. */
export const repeatsPost: AnswerCheck = {
  id: "repeats-post",
  look: ({ parts, material, input }) => {
    const title = parts.find(({ field }) => field === "title")?.text;
    if (!title) return [];
    const stems = contentStemSet(title, material.pack);
    const titles = Array.isArray(input.titles) ? input.titles.filter((one) => typeof one === "string") : [];
    return [...titles, ...material.posts.map((post) => post.title)]
      .filter((other) => overlap(stems, contentStemSet(other, material.pack)) >= TOO_ALIKE)
      .slice(0, 1)
      .map((other) => `It is close to “${other}”, which the site has already.`);
  },
};
