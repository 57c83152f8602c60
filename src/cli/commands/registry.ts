/** All commands. A new one is a file beside these, and its line here. */
import type { Command } from "../command";
import { score } from "./score";
import { site } from "./site";

export const COMMANDS: readonly Command[] = [score, site];
