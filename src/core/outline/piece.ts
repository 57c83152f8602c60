/** The goals of a post: who it is for, what it should achieve, how it should sound. */
import type { Piece } from "./shapes";

export type { Piece } from "./shapes";

export const noPiece: Piece = {
  audience: "",
  goal: "",
  tones: [],
  style: "",
  language: "",
  length: null,
  points: [],
  avoid: [],
};

/** What is said for this piece, and where nothing is, what the site says for all. */
export function pieceWithDefaults(own: Piece, site: Piece): Piece {
  return {
    audience: own.audience || site.audience,
    goal: own.goal || site.goal,
    tones: own.tones.length ? own.tones : site.tones,
    style: own.style || site.style,
    language: own.language || site.language,
    length: own.length ?? site.length,
    points: own.points.length ? own.points : site.points,
    avoid: own.avoid.length ? own.avoid : site.avoid,
  };
}
