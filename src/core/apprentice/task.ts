/** A task of the apprentice: one file in tasks/, and its line in registry.ts. */
import type { Static, TObject } from "@sinclair/typebox";
import * as is from "../declare";
import type { Profile } from "../proof/profile";
import type { AnswerCheck } from "./checks/check";
import type { Form } from "./form";
import type { Material } from "./material/material";
import { materialShape } from "./material/shapes";
import type { Chance } from "./methods/seeded";
import type { Part } from "./shapes";

/** Where a person may want it, and where what comes of it may go. */
export const PLACES = [
  "ideas",
  "plan",
  "write",
  "passage",
  "picture",
  "proof",
  "release",
  "repurpose",
  "start",
] as const;
export type TaskPlace = (typeof PLACES)[number];

/** What the writer that ships with the application gets. */
export interface Call<Input> {
  input: Input;
  material: Material;
  profile: Profile;
  chance: Chance;
  /** How far from the best it may stray, 0 to 1. */
  free: number;
  /** How many answers are wanted. */
  many: number;
  /** Says what was missing, in a sentence. */
  miss(says: string): void;
}

export interface Task<Input = unknown> {
  id: string;
  /** What it is called on a button. */
  name: string;
  /** What it does, in a sentence. */
  says: string;
  /** What it asks for, material included. */
  input: TObject;
  form: Form;
  places: readonly TaskPlace[];
  /** Languages that the writer that ships with the application can do it in. */
  languages: "English" | "any";
  /** Answers when nobody says how many: choices of one kind, or variants of a whole. */
  answers: number;
  /** What a writer is told to do. */
  ask(input: Input, material: Material): string;
  /** So many answers as are wanted, best first; fewer, or none, where the material gives no more. */
  compose(call: Call<Input>): Part[][];
  checks: readonly AnswerCheck[];
}

/** Fields of every input. */
const COMMON = {
  language: is.optional({
    ...is.text(20),
    description: "Language of the answer, as BCP 47 writes it; en where absent",
  }),
  free: is.optional({
    ...is.number({ minimum: 0, maximum: 1 }),
    description: "How far the answer may stray from the likeliest, 0 to 1",
  }),
  material: is.optional({ ...materialShape, description: "What the answer may be made from" }),
};
type Common = Static<TObject<typeof COMMON>>;

/** A task with its own fields; those of every task are added. */
export function defineTask<Fields extends TObject["properties"]>({
  fields,
  ...task
}: Omit<Task<Static<TObject<Fields>> & Common>, "input"> & { fields: Fields }): Task {
  return { ...task, input: is.shape({ ...fields, ...COMMON }) } as unknown as Task;
}

/** With what it is, for a form and for whoever writes a file. */
export const said = <Of extends object>(of: Of, title: string, description = title): Of => ({
  ...of,
  title,
  description,
});
