/** What changed between two collections of a post. */

interface RankedSource {
  address: string;
  title: string;
  rank: number;
  state: "kept" | "dropped" | "failed";
}

export interface CompetitorChanges {
  added: RankedSource[];
  gone: RankedSource[];
  /** Pages in both whose place moved, by how many places; up is positive. */
  moved: { page: RankedSource; up: number }[];
  medianWords: [before: number, now: number] | null;
}

interface ComparedCompetitors {
  pages: readonly RankedSource[];
  measure: { medianWords: number } | null;
}

/** Pages that could not be read are in neither. */
export function changesBetween(before: ComparedCompetitors, now: ComparedCompetitors): CompetitorChanges {
  const read = (pages: readonly RankedSource[]) =>
    new Map(pages.filter(({ state }) => state !== "failed").map((page) => [page.address, page]));
  const [older, newer] = [read(before.pages), read(now.pages)];
  const moved = [...newer.values()].flatMap((page) => {
    const was = older.get(page.address);
    return was && was.rank !== page.rank ? [{ page, up: was.rank - page.rank }] : [];
  });
  return {
    added: [...newer.values()].filter(({ address }) => !older.has(address)),
    gone: [...older.values()].filter(({ address }) => !newer.has(address)),
    moved: moved.sort((a, b) => Math.abs(b.up) - Math.abs(a.up) || a.page.rank - b.page.rank),
    medianWords: before.measure && now.measure ? [before.measure.medianWords, now.measure.medianWords] : null,
  };
}
