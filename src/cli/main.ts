/** The command line: a command and what it is about. Exit 2 for a call that makes no sense; else as the command says. */
import { CallError, type Speech } from "./command";
import { COMMANDS } from "./commands/registry";

const USAGE = COMMANDS.map(({ usage }) => usage).join("\n");

/** Runs a call and returns the exit code: at once, where the command needs nothing to wait for. */
export function run(argv: string[], out: Speech["out"], err: Speech["err"]): number | Promise<number> {
  const [name = "", ...rest] = argv;
  const command = COMMANDS.find((one) => one.name === name);
  if (!command && /^(?:-h|--help)$/.test(name)) {
    out(USAGE);
    return 0;
  }
  const refused = (error: unknown): number => {
    if (!(error instanceof CallError)) throw error;
    err(`${error.message}\n\n${command?.usage ?? USAGE}`);
    return 2;
  };
  try {
    if (!command)
      throw new CallError(
        name && !name.startsWith("-") ? `There is no command “${name}”.` : "Say what to do.",
      );
    const code = command.run(rest, { out, err });
    return typeof code === "number" ? code : code.catch(refused);
  } catch (error) {
    return refused(error);
  }
}
