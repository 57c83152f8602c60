/** Several answers that differ, each made anew with what chance gives next. */
import type { Part } from "../shapes";
import type { Call } from "../task";

const TRIES = 12;

export function variants({ many }: Pick<Call<unknown>, "many">, compose: () => Part[] | null): Part[][] {
  const answers = new Map<string, Part[]>();
  for (let tries = 0; tries < many + TRIES && answers.size < many; tries++) {
    const parts = compose();
    if (!parts?.length) break;
    answers.set(parts.map(({ text }) => text).join("\n"), parts);
  }
  return [...answers.values()];
}
