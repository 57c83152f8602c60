/** An answer that came as text, from a writer that is connected or by a person's hand: read, traced and looked at like any other. */
import type { Profile } from "../proof/profile";
import type { Material } from "./material/material";
import { MOST_PASTED } from "./pasted/read";
import { answerOf, type Suggestion, type TaskInput } from "./suggest";
import type { Task } from "./task";
import { traced } from "./tracing";

/** More answers than that nobody compares. */
const MOST_ANSWERS = 40;

/**
 * @param writer by what name it goes
 * @param whole false where the answer was stopped or cut off
 */
export function readAnswer(
  task: Task,
  text: string,
  {
    input,
    material,
    profile,
    writer,
    whole = true,
  }: { input: TaskInput; material: Material; profile: Profile; writer: string; whole?: boolean },
): Suggestion {
  const cut = text.length > MOST_PASTED;
  const read = task.form.parse(text.slice(0, MOST_PASTED), material.pack);
  if (!Array.isArray(read)) return { answers: [], missing: [read.refused] };
  return {
    answers: read
      .slice(0, MOST_ANSWERS)
      .map((parts) => answerOf(task, traced(parts, material, writer), input, material, profile)),
    missing: [
      ...(cut ? ["The answer was longer than an answer can be: what stands behind is left out."] : []),
      ...(whole ? [] : ["The answer stopped before its end: what had arrived was read."]),
      ...(read.length > MOST_ANSWERS
        ? [`Of ${read.length} answers the first ${MOST_ANSWERS} were taken.`]
        : []),
    ],
  };
}
