/** Asks the writer that ships with the application: the same request, material and seed give the same answer. */
import type { Profile } from "../proof/profile";
import { remarksOf } from "./checks/check";
import { EVERY_ANSWER } from "./checks/everyAnswer";
import { gatherMaterial, type Material } from "./material/material";
import type { MaterialSource } from "./material/shapes";
import { seeded } from "./methods/seeded";
import type { Answer, Part } from "./shapes";
import type { Task } from "./task";

export interface SuggestOptions {
  profile: Profile;
  /** Any whole number. */
  seed?: number | undefined;
  /** How many answers; as many as the task gives by itself where absent. */
  variants?: number | undefined;
}

export interface Suggestion {
  answers: Answer[];
  /** What would have made them better, or made any at all; a sentence each. */
  missing: string[];
}

export type TaskInput = Readonly<Record<string, unknown>> & {
  language?: string;
  free?: number;
  count?: number;
  material?: MaterialSource;
};

/** What a request brings and what the workspace has: the request's own wins, field by field. */
export const withMaterial = (input: TaskInput, workspace: MaterialSource): TaskInput => ({
  ...input,
  material: { ...workspace, ...input.material },
});

export const materialOf = (input: TaskInput, profile: Profile): Material => {
  const { material = {}, language, ...request } = input;
  return gatherMaterial(material, { language, request: JSON.stringify(request), profile });
};

/** Wrong in the stand-in's own text: no such answer is given. */
const NEVER = new Set(["copied", "figure"]);

const USUAL_FREEDOM = 0.5;

/**
 * @param input checked against the task's schema
 * @param material of the input (materialOf), where it is at hand already
 */
export function suggest(
  task: Task,
  input: TaskInput,
  options: SuggestOptions,
  material = materialOf(input, options.profile),
): Suggestion {
  const { profile, seed = 1, variants } = options;
  const missing = new Set<string>();
  if (task.languages === "English" && material.pack.code !== "en") {
    return {
      answers: [],
      missing: [
        `The stand-in writer does this in English only. Connect a writer or ask one by hand for ${material.pack.name}.`,
      ],
    };
  }
  const many = variants ?? input.count ?? task.answers;
  const answers = task
    .compose({
      input,
      material,
      profile,
      chance: seeded(seed * 7919 + hash(task.id)),
      free: input.free ?? USUAL_FREEDOM,
      many,
      miss: (says) => missing.add(says),
    })
    .map((parts) => answerOf(task, parts, input, material, profile));
  const good = answers.filter(({ findings }) => !findings.some(({ id }) => NEVER.has(id)));
  if (answers.length && !good.length)
    missing.add(
      "Material of your own: what is there repeats competing pages, or holds figures without a source.",
    );
  if (!good.length && !missing.size) missing.add("More material: there is nothing to make an answer from.");
  return { answers: good.slice(0, many), missing: [...missing] };
}

/** An answer with what is noticed of it, whoever wrote its parts. */
export function answerOf(
  task: Task,
  parts: readonly Part[],
  input: TaskInput,
  material: Material,
  profile: Profile,
): Answer {
  const text = task.form.text(parts);
  return {
    text,
    parts: [...parts],
    findings: remarksOf([...task.checks, ...EVERY_ANSWER], { parts, text, material, profile, input }),
  };
}

/** FNV-1a (G. Fowler, L. C. Noll, K.-P. Vo, 1991), so that tasks with one seed do not choose alike. */
function hash(text: string): number {
  let value = 0x811c9dc5;
  for (let at = 0; at < text.length; at++) value = Math.imul(value ^ text.charCodeAt(at), 0x01000193);
  return value >>> 1;
}
