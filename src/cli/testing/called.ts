import { run } from "../main";

interface Answer {
  code: number;
  out: string;
  err: string;
}

/** Runs a call in this process, for tests: its exit code and all that it said. */
export function called(...args: string[]): Answer {
  const said = { out: "", err: "" };
  const code = runInto(said, args);
  if (typeof code !== "number") throw new Error("The command takes its time: wait for it.");
  return { code, ...said };
}

/** The same of a command that takes its time. */
export async function calledLater(...args: string[]): Promise<Answer> {
  const said = { out: "", err: "" };
  return { code: await runInto(said, args), ...said };
}

const runInto = (said: Omit<Answer, "code">, args: string[]): number | Promise<number> =>
  run(
    args,
    (text) => (said.out += text),
    (text) => (said.err += text),
  );
