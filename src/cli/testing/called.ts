import { run } from "../main";

/** Runs a call in this process, for tests: its exit code and all that it said. */
export function called(...args: string[]): { code: number; out: string; err: string } {
  let out = "";
  let err = "";
  const code = run(
    args,
    (text) => (out += text),
    (text) => (err += text),
  );
  return { code, out, err };
}
