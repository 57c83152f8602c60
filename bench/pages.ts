/** A competing page of 300 KB read to the end, against the bare extractor over the same source, in turns. */
import { join } from "node:path";
import { Readability } from "@mozilla/readability";
import { parseHTML } from "linkedom";
import { readPage } from "../src/core/competitors/page";
import { readWeb } from "../src/server/standins/web/pages";
import { at } from "./figures";

const CHARACTERS = 300_000;
const RUNS = 9;

export interface PagesBench {
  /** Milliseconds, medians. */
  bare: number;
  read: number;
}

/** Contents of the stand-in web's pages, one after the other. */
function longPage(): string {
  const contents = readWeb(join(import.meta.dirname, "../demo/web")).flatMap(
    ({ html }) => /<(main|article)\b[^>]*>([\s\S]*)<\/\1>/.exec(html)?.[2] ?? [],
  );
  let body = "";
  for (let i = 0; body.length < CHARACTERS; i++) body += contents[i % contents.length];
  return `<!doctype html><html lang="en"><head><title>A long page</title></head><body><nav><a href="/">Home</a></nav><main><h1>Long</h1>${body}</main></body></html>`;
}

export function benchPages(): PagesBench {
  const html = longPage();
  const timed = (work: () => unknown): number => {
    const start = performance.now();
    work();
    return performance.now() - start;
  };
  const bare: number[] = [];
  const read: number[] = [];
  for (let i = 0; i < RUNS; i++) {
    bare.push(timed(() => new Readability(parseHTML(html).document, { charThreshold: 200 }).parse()));
    read.push(timed(() => readPage(html, "https://long.example/page")));
  }
  return { bare: at(bare, 0.5), read: at(read, 0.5) };
}
