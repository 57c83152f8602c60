/** A thread that scores the files it is given. */
import { parentPort, workerData } from "node:worker_threads";
import { type Outcome, scoreFile } from "./scoreFile";
import { type RunTerms, termsOf } from "./terms";

export interface ToWorker {
  batch: number;
  files: string[];
}
export interface FromWorker {
  batch: number;
  outcomes: Outcome[];
}

// Where it is no thread, there is nobody to serve.
if (parentPort) {
  const port = parentPort;
  const ready = termsOf(workerData as RunTerms);
  const serve = async ({ batch, files }: ToWorker) => {
    const terms = await ready;
    const answer: FromWorker = { batch, outcomes: files.map((file) => scoreFile(file, terms)) };
    port.postMessage(answer);
  };
  // What goes wrong in a thread is told by its end.
  port.on("message", (message: ToWorker) => void serve(message));
}
