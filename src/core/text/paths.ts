/** Paths and addresses in a text: what stands in them is no word of it. */

/** "/etc/apt/sources.list", "https://page.example/terms". */
const PATH = /(?<![\p{L}\p{N}])(?:\p{L}+:\/\/|[~.]{0,2}\/)[^\s,;()"'\u201C\u201D]+/gu;
const NOWHERE = (): boolean => false;

/** Whether a part of a text lies in a path or an address. Asked of each word of a text, which may be as long as texts are. */
export function pathsIn(text: string): (part: { start: number; end: number }) => boolean {
  if (!text.includes("/")) return NOWHERE;
  const paths = [...text.matchAll(PATH)].map(({ index, 0: path }) => ({
    from: index,
    to: index + path.length,
  }));
  if (!paths.length) return NOWHERE;
  return ({ start, end }) => {
    // The last path that begins before the part.
    let low = 0;
    let high = paths.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (paths[middle]!.from <= start) low = middle + 1;
      else high = middle;
    }
    return low > 0 && end <= paths[low - 1]!.to;
  };
}
