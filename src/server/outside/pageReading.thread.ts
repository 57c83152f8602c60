/** Reads pages in a thread of its own: see pageReading.ts. */
import { parentPort } from "node:worker_threads";
import { readPage } from "../../core/competitors/page";

parentPort!.on("message", ({ html, address }: { html: string; address: string }) => {
  try {
    parentPort!.postMessage({ page: readPage(html, address) });
  } catch (error) {
    parentPort!.postMessage({ failed: (error as Error).message });
  }
});

parentPort!.postMessage({ ready: true });
