/** The keyword bench in a worker, as the application reads keyword files. */
import { parentPort } from "node:worker_threads";
import { benchKeywords } from "./keywords";

parentPort?.postMessage(benchKeywords());
