/** Commands of the command line. A new one is a file beside this, and a line here; what is not called is not loaded. */
import type { Command } from "../command";

interface Named {
  name: string;
  load(): Promise<Command>;
}

export const COMMANDS: readonly Named[] = [
  { name: "score", load: async () => (await import("./score")).score },
  { name: "site", load: async () => (await import("./site")).site },
  { name: "suggest", load: async () => (await import("./suggest")).suggest },
];
