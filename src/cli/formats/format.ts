import type { Profile } from "../../core/proof/profile";
import type { FailedFile, ScoredFile } from "./scored";

/** How the command line answers. */
export interface Format<Piece = unknown> {
  id: string;
  /** Read by people: signs that a terminal would act on are written out. */
  forPeople: boolean;
  /** What is kept of one file for the answer: plain data, and small beside the file. */
  piece(scored: ScoredFile, profile: Profile): Piece;
  /** The whole answer. */
  write(pieces: Piece[], profile: Profile, failed: FailedFile[]): string;
  /** How it says a file as soon as it is scored, where it does not wait for all: of any number of files it holds one. */
  line?(of: Piece | FailedFile): string;
}

/** Leaves a format its own kind of pieces. */
export const defineFormat = <Piece, Id extends string>(
  format: Format<Piece> & { id: Id },
): Format & { id: Id } => format as unknown as Format & { id: Id };
