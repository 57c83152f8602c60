/** What is looked at in every answer, whoever wrote it. */
import type { Profile } from "../../proof/profile";
import type { Material } from "../material/material";
import type { Part, Remark } from "../shapes";

export interface AnswerAt {
  parts: readonly Part[];
  text: string;
  material: Material;
  profile: Profile;
  input: Readonly<Record<string, unknown>>;
}

export interface AnswerCheck {
  id: string;
  /** @returns a sentence each; none where all is well */
  look(answer: AnswerAt): string[];
}

export const remarksOf = (checks: readonly AnswerCheck[], answer: AnswerAt): Remark[] =>
  checks.flatMap(({ id, look }) => look(answer).map((says) => ({ id, says })));
