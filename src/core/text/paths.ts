/** Paths and addresses in a text: what stands in them is no word of it. */

/** "/etc/apt/sources.list", "https://page.example/terms". */
const PATH = /(?<![\p{L}\p{N}])(?:\p{L}+:\/\/|[~.]{0,2}\/)[^\s,;()"'\u201C\u201D]+/gu;
const NOWHERE = (): boolean => false;

/** Whether a part of a text lies in a path or an address. */
export function pathsIn(text: string): (part: { start: number; end: number }) => boolean {
  if (!text.includes("/")) return NOWHERE;
  const paths = [...text.matchAll(PATH)].map(({ index, 0: path }) => [index, index + path.length] as const);
  return paths.length ? ({ start, end }) => paths.some(([from, to]) => start >= from && end <= to) : NOWHERE;
}
