/**
 * Speed as ratios within one run, so that a slow machine does not matter: `npm run bench`.
 *
 * One keystroke in a 2,500-word draft, the engine's time for a new report, against one bare Unicode-regular-expression word pass
 * over the whole text, without competing pages and with them (competitors.ts). Drafts of 500 to 50,000 words (growth.ts). Twenty competing pages analysed, against a general tagger.
 * A page of 300 KB read, against the bare extractor (pages.ts). A site of 2,000 posts rendered, against bare trees written (site.ts). The
 * script that the first sight of the Desk loads, gzipped. A keyword file of 100,000 rows read, classified and grouped, against a
 * bare parse of the same text (keywords.ts).
 */
import { existsSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { Worker } from "node:worker_threads";
import type { Block } from "../src/core/draft/draft";
import { draftFromMarkdown } from "../src/core/draft/fromMarkdown";
import { noContext, type ProofContext } from "../src/core/proof/context";
import { ProofEngine } from "../src/core/proof/engine";
import { defaultProfile } from "../src/core/proof/profile";
import { benchCompetitors } from "./competitors";
import { at, ms } from "./figures";
import { benchGrowth } from "./growth";
import type { Figure } from "./measures/measure";
import { benchPages } from "./pages";
import { benchSite } from "./site";

const WORDS = 2500;
const KEYS = 2000;
/** Then the paragraph is as it was: nobody types two thousand letters into one. */
const KEYS_A_PARAGRAPH = 200;
const root = join(import.meta.dirname, "..");
const BARE_WORDS = /[\p{L}\p{M}\p{N}'’]+/gu;

const source = readFileSync(join(root, "demo/posts/cargo-bike-maintenance.md"), "utf8");
const { meta, blocks: once } = draftFromMarkdown(source);
const blocks: Block[] = [];
const wordsOf = (text: string): number => text.match(BARE_WORDS)?.length ?? 0;
for (let n = 0, words = 0; words < WORDS; n++) {
  for (const block of once) {
    if (words >= WORDS) break;
    blocks.push({ ...block, id: `${n}.${block.id}` });
    words += wordsOf(block.text);
  }
}
const whole = blocks.map(({ text }) => text).join("\n");

const engine = new ProofEngine();
const order = blocks.map(({ id }) => id);
let revision = 0;
const send = (changed: Block[], context: ProofContext) =>
  engine.update({
    postId: "bench",
    revision: revision++,
    meta,
    headingIds: "derived",
    order,
    changed: changed.map((block) => [block.id, block]),
    context,
    profile: defaultProfile,
  });

send(blocks, noContext);
const target = blocks.findIndex(({ kind, text }) => kind === "paragraph" && wordsOf(text) > 40);

/** Types into the middle of the draft. @returns milliseconds of each key, and of a bare word pass right after it */
function type(context: ProofContext): { keystroke: number[]; bare: number[] } {
  const keystroke: number[] = [];
  const bare: number[] = [];
  let text = "";
  for (let i = 0; i < KEYS; i++) {
    if (i % KEYS_A_PARAGRAPH === 0) text = blocks[target]!.text;
    text += "a bike "[i % 7];
    const edited: Block = { ...blocks[target]!, text, runs: [{ text, marks: [] }] };
    let from = performance.now();
    send([edited], context);
    keystroke.push(performance.now() - from);
    from = performance.now();
    wordsOf(whole);
    bare.push(performance.now() - from);
  }
  return { keystroke, bare };
}

const { keystroke, bare } = type(noContext);
// The first keys warm the machine up and are left out of neither side.
console.log(
  `A draft of ${wordsOf(whole).toLocaleString("en")} words in ${blocks.length} blocks, ${KEYS} keystrokes`,
);
console.log(`bare word pass   median ${ms(at(bare, 0.5))}   95th percentile ${ms(at(bare, 0.95))}`);
console.log(`a new report     median ${ms(at(keystroke, 0.5))}   95th percentile ${ms(at(keystroke, 0.95))}`);
const figures: Figure[] = [];
const keep = (what: string, value: number, aim: number): number => {
  figures.push({ what, value, aim, less: true });
  return value;
};
const perKey = keep("a keystroke, against a bare word pass", at(keystroke, 0.5) / at(bare, 0.5), 1.5);
console.log(
  `ratio            median ${perKey.toFixed(2)}      95th percentile ${(at(keystroke, 0.95) / at(bare, 0.95)).toFixed(2)}   (aim: 1.5 or less)`,
);

const { words, analysis, first, tagger, competitors } = benchCompetitors();
const withField = {
  ...noContext,
  competitors: competitors.measure,
  questions: competitors.questions.slice(0, 12).map((one) => one.text),
};
send([], withField);
const attached = type(withField);
const perKeyAttached = keep(
  "the same with competing pages",
  at(attached.keystroke, 0.5) / at(attached.bare, 0.5),
  1.5,
);
console.log(
  `  with competing pages   median ${ms(at(attached.keystroke, 0.5))}   95th percentile ${ms(at(attached.keystroke, 0.95))}   ratio ${perKeyAttached.toFixed(2)}   (${competitors.terms.length} terms, ${competitors.topics.length} topics, ${withField.questions.length} questions; aim: 1.5 or less)`,
);
console.log(
  `\nA field of ${competitors.pages.length} pages, ${words.toLocaleString("en")} words, ${competitors.pages.reduce((sum, page) => sum + page.headings.length, 0)} headings`,
);
console.log(`general tagger   median ${ms(tagger)}`);
console.log(`analysis         median ${ms(analysis)}   the first time ${ms(first)}   (aim: under 1 second)`);
const perPass = keep("twenty competing pages, against a general tagger", analysis / tagger, 1.5);
console.log(`ratio            median ${perPass.toFixed(2)}   (aim: 1.5 or less)\n`);

const pages = benchPages();
console.log("A page of 300 KB");
console.log(`bare extractor   median ${ms(pages.bare)}`);
console.log(
  `read to the end  median ${ms(pages.read)}   ratio ${keep("a page of 300 KB read, against the bare extractor", pages.read / pages.bare, 1.2).toFixed(2)}   (aim: 1.2 or less)`,
);

keep("cost of a word, 50,000 words against 2,000", benchGrowth(meta, once, wordsOf), 1);

const rendered = benchSite();
console.log(`A site of 2,000 posts of 800 words, ${rendered.files.toLocaleString("en")} files`);
console.log(
  `rendered         median ${ms(rendered.whole)}   the first time ${ms(rendered.first)}   (aim: under 20 seconds)`,
);
console.log(
  `bare trees       median ${ms(rendered.bare)}   ratio ${keep("a site rendered, against bare trees", rendered.whole / rendered.bare, 3).toFixed(2)}   (aim: 3 or less)`,
);
console.log(`one post changed median ${ms(rendered.again)}   ${rendered.anew} files written\n`);

const index = join(root, "dist/index.html");
if (existsSync(index)) {
  const files = [...readFileSync(index, "utf8").matchAll(/(?:src|href)="(\/assets\/[^"]+\.js)"/g)].map(
    (match) => match[1]!,
  );
  // As the server sends them to who takes gzip; brotli, which browsers ask for, is smaller still. A small one has no file of its own.
  const sent = (file: string) => {
    const path = join(root, "dist", file);
    return existsSync(`${path}.gz`) ? statSync(`${path}.gz`).size : statSync(path).size;
  };
  const size = files.reduce((sum, file) => sum + sent(file), 0);
  console.log(
    `first load of the Desk: ${files.length} scripts, ${keep("first load of the Desk, KB gzipped", size / 1024, 150).toFixed(0)} KB gzipped   (aim: under 150 KB)`,
  );
} else {
  console.log("first load of the Desk: not built yet (npm run build)");
}

const worker = new Worker(new URL("./keywords.worker.js", import.meta.url));
worker.once("message", (value: number) =>
  keep("a keyword file of 100,000 rows, against a bare parse", value, 2.5),
);
await new Promise((resolve, reject) => worker.once("exit", resolve).once("error", reject));
// For `npm run evaluate`, which keeps them beside the figures of quality.
writeFileSync(join(import.meta.dirname, "ratios.json"), JSON.stringify(figures));
