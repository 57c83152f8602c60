/** The post that a request is about: its own, or the one that is being written. */
import { gatherPost, type Material, type OwnPost } from "../material/material";
import type { WrittenPost } from "../material/shapes";
import { sentencesOfPost } from "./pool";

/** @returns null where there is no text */
export function thePost(input: { post?: WrittenPost }, material: Material): OwnPost | null {
  const post = input.post?.text?.trim() ? gatherPost(input.post, material.pack) : material.post;
  if (!post) return null;
  // What stands on a competing page as well is nobody's to repeat.
  const own = {
    ...post,
    sections: post.sections.map((section) => ({
      ...section,
      sentences: section.sentences.filter(({ text }) => !material.copies.first(text)),
    })),
  };
  return sentencesOfPost(own).length ? own : null;
}

export const NO_POST = "The text of the post: it is made from its sentences.";
