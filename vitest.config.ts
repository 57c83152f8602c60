import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    include: ["src/**/*.test.ts", "scripts/**/*.test.ts", "demo/**/*.test.ts", "bench/**/*.test.ts"],
    testTimeout: 60_000,
    // How fast something is, is the bench's question: on a busy machine a thing may take its time.
    expect: { poll: { timeout: 20_000 } },
    // Pure functions share no state: one load of the language packs serves every file of a worker.
    isolate: false,
    // For the same reason, before anything else: the database looks for its storage when it is loaded.
    setupFiles: ["fake-indexeddb/auto"],
    // Processes and not threads: those of one process would hear of each other's databases.
    pool: "forks",
    // Left to itself it keeps a processor free, which on a machine of two is half of it.
    maxWorkers: 2,
  },
});
