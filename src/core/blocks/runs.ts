import { normalizeUri } from "micromark-util-sanitize-uri";
import type { Link, Mark, Run } from "./shape";

// biome-ignore lint/suspicious/noControlCharactersInRegex: control characters are what it removes
const CONTROL = /[\u0000-\u0008\u000b\u000e-\u001f\u007f]/;
/** White space that HTML collapses (HTML Standard, "ASCII whitespace"); a line break element is kept as \n. */
const BLANK = /[ \t\r\f]/;

/** Words with one blank between them: nothing to collapse, so that they are taken as they are. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: control characters are what it stops at
const WORDS = /[^\u0000-\u0020\u007f]+(?: [^\u0000-\u0020\u007f]+){0,500}/y;

export interface NormalisedText {
  text: string;
  runs: Run[];
}

/**
 * Collapses white space over a block's runs as a browser does when it lays out a paragraph, so that editor, HTML and
 * Markdown give one text. Blanks at the ends and around line breaks go; control characters and lone surrogates go too.
 *
 * Each run that comes out is an unbroken stretch of its source, so `at + n` stays the place of its n-th character.
 *
 * @param raw runs as found; "\n" in their text is a forced line break, all other white space is soft
 * @param preserve keep white space as it is (code)
 */
export function normaliseRuns(raw: readonly Run[], preserve = false): NormalisedText {
  const plain = new RegExp(WORDS);
  const kept: Run[] = [];
  let current: (Run & { next: number }) | null = null;
  let pending: { char: string; run: Run; index: number } | null = null;
  let last = "\n";

  const put = (text: string, run: Run, index: number) => {
    const at = run.at === undefined ? undefined : run.at + index;
    if (current && sameStyle(current, run) && (at === undefined || current.next === at)) {
      current.text += text;
      current.next += text.length;
    } else {
      current = { text, marks: run.marks, next: (at ?? 0) + text.length };
      if (run.link) current.link = run.link;
      if (at !== undefined) current.at = at;
      kept.push(current);
    }
    last = text.at(-1)!;
  };

  for (const run of raw) {
    const text = run.text.isWellFormed() ? run.text : run.text.toWellFormed();
    for (let i = 0; i < text.length; i++) {
      const char = text[i]!;
      if (preserve) {
        if (CONTROL.test(char)) continue;
        put(char === "\r" ? "\n" : char, run, i);
        continue;
      }
      plain.lastIndex = i;
      const [words] = plain.exec(text) ?? [];
      if (words) {
        if (pending) put(pending.char, pending.run, pending.index);
        pending = null;
        put(words, run, i);
        i += words.length - 1;
        continue;
      }
      if (CONTROL.test(char)) continue;
      if (BLANK.test(char)) {
        if (last !== "\n" && !pending) pending = { char: " ", run, index: i };
        continue;
      }
      if (char === "\n") {
        // Blanks before a break go; breaks at the start go; the end is trimmed below.
        pending = kept.length ? { char: "\n", run, index: i } : null;
        if (pending) {
          put("\n", run, i);
          pending = null;
        }
      }
    }
  }
  trimEnd(kept, preserve ? /\n+$/ : /[\n ]+$/);
  if (preserve) trimStart(kept);
  const runs = kept.map(({ text, marks, link, at }): Run => {
    const run: Run = { text, marks };
    if (link) run.link = link;
    if (at !== undefined) run.at = at;
    return run;
  });
  return { text: runs.map((r) => r.text).join(""), runs };
}

function trimEnd(runs: Run[], blanks: RegExp): void {
  for (let run = runs.at(-1); run; run = runs.at(-1)) {
    run.text = run.text.replace(blanks, "");
    if (run.text) return;
    runs.pop();
  }
}

/** Line feeds around preformatted text are not part of it (HTML Standard, section 13.2.6.4.7, "pre"). */
function trimStart(runs: Run[]): void {
  for (let run = runs[0]; run; run = runs[0]) {
    const cut = /^\n*/.exec(run.text)![0].length;
    run.text = run.text.slice(cut);
    if (run.at !== undefined) run.at += cut;
    if (run.text) return;
    runs.shift();
  }
}

function sameStyle(a: Run, b: Run): boolean {
  return a.marks === b.marks ||
    (a.marks.length === b.marks.length && a.marks.every((m, i) => m === b.marks[i]))
    ? sameLink(a.link, b.link)
    : false;
}

export function sameLink(a: Link | undefined, b: Link | undefined): boolean {
  return a === b || (a !== undefined && b !== undefined && a.href === b.href && a.rel === b.rel);
}

const ORDER: readonly Mark[] = ["bold", "italic", "strike", "code"];

/** Marks in one order, each once, so that equal styles compare equal. */
export function withMark(marks: readonly Mark[], mark: Mark): readonly Mark[] {
  return marks.includes(mark) ? marks : ORDER.filter((m) => m === mark || marks.includes(m));
}

/** A link as a reader meets it: neighbouring runs with one target are one link. Span in the block's text. */
export interface PlacedLink {
  link: Link;
  text: string;
  start: number;
  end: number;
}

export function linksOf(runs: readonly Run[]): PlacedLink[] {
  const links: PlacedLink[] = [];
  let at = 0;
  let open: PlacedLink | null = null;
  for (const run of runs) {
    const end = at + run.text.length;
    if (run.link && open && sameLink(open.link, run.link)) {
      open.text += run.text;
      open.end = end;
    } else if (run.link) {
      open = { link: run.link, text: run.text, start: at, end };
      links.push(open);
    } else {
      open = null;
    }
    at = end;
  }
  return links;
}

/**
 * An address as every reader of this project writes it: trimmed, and with what an address may not hold as it stands
 * (blanks, letters beyond ASCII) in per cent signs, as CommonMark renderers do. Embedded data is left alone.
 */
export function cleanAddress(address: string): string {
  const trimmed = address.toWellFormed().trim();
  return trimmed.startsWith("data:") || trimmed.startsWith("asset:") ? trimmed : normalizeUri(trimmed);
}
