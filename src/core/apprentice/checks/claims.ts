import { fold } from "../../text/fold";
import type { Material } from "../material/material";
import type { AnswerCheck } from "./check";

const FIGURE = /\p{N}+(?:[.,]\p{N}+)*/gu;
/** So many are said of anything, and claim nothing: a thread's parts are counted by hand. */
const bare = (figure: string): string => figure.replace(/[.,](?=\p{N}{3}(?!\p{N}))/gu, "");

/** Figures of a text that stand nowhere in the material. */
export function unsourcedFigures(text: string, { whole }: Pick<Material, "whole">): string[] {
  const figures = [...text.matchAll(FIGURE)].map(([figure]) => figure);
  if (!figures.length) return [];
  const there = new Set([...whole.matchAll(FIGURE)].map(([figure]) => bare(figure)));
  return [...new Set(figures.filter((figure) => !there.has(bare(figure))))];
}

export const figures: AnswerCheck = {
  id: "figure",
  look: ({ parts, material }) =>
    parts
      .flatMap(({ text }) => unsourcedFigures(text, material))
      .map((figure) => `The figure ${figure} is in none of the material: find its source, or leave it out.`),
};

/** Superlatives and studies that only the writer vouches for. */
export const superlatives: AnswerCheck = {
  id: "claim",
  look: ({ parts, material }) => {
    const { claims } = material.pack;
    if (!claims) return [];
    const claim = (text: string): boolean =>
      claims.superlative.test(fold(text)) || claims.study.test(fold(text));
    return parts
      .filter(
        ({ text, from }) =>
          from.every(({ kind }) => kind === "writer" || kind === "keyword") &&
          claim(text) &&
          // A keyword that is a superlative is what people search for.
          !from.some(({ kind, quote }) => kind === "keyword" && claim(quote)),
      )
      .map(({ text }) => `“${text}” claims something that nobody vouches for.`);
  },
};
