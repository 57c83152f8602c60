/** The command line: a command and what it is about. Exit 2 for a call that makes no sense; else as the command says. */
import { CallError, type Speech } from "./command";
import { COMMANDS } from "./commands/registry";

/** Runs a call. @returns the exit code */
export async function run(argv: string[], out: Speech["out"], err: Speech["err"]): Promise<number> {
  const [name = "", ...rest] = argv;
  const command = await COMMANDS.find((one) => one.name === name)?.load();
  if (!command && /^(?:-h|--help)$/.test(name)) {
    out(await usages());
    return 0;
  }
  try {
    if (!command)
      throw new CallError(
        name && !name.startsWith("-") ? `There is no command “${name}”.` : "Say what to do.",
      );
    return await command.run(rest, { out, err });
  } catch (error) {
    if (!(error instanceof CallError)) throw error;
    err(`${error.message}\n\n${command?.usage ?? (await usages())}`);
    return 2;
  }
}

const usages = async (): Promise<string> => {
  const commands = await Promise.all(COMMANDS.map(({ load }) => load()));
  return commands.map(({ usage }) => usage).join("\n");
};
