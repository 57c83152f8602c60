import { run } from "../main";

interface Answer {
  code: number;
  out: string;
  err: string;
}

/** Runs a call in this process, for tests: its exit code and all that it said. */
export async function called(...args: string[]): Promise<Answer> {
  const said = { out: "", err: "" };
  const code = await run(
    args,
    (text) => {
      said.out += text;
    },
    (text) => {
      said.err += text;
    },
  );
  return { code, ...said };
}
