/**
 * How well linked each page is before anybody asks anything: PageRank (L. Page, S. Brin, R. Motwani, T. Winograd, 1999)
 * over the pages' own links to each other. Links within a site count for a tenth, since a site's menu praises itself.
 */
export interface LinkedPage {
  address: string;
  site: string;
  /** Addresses that it links to; those of unknown pages are left out. */
  links: readonly string[];
}

const DAMPING = 0.85;
const WITHIN_SITE = 0.1;
const ROUNDS = 100;
const CLOSE_ENOUGH = 1e-10;

/** @returns the prior of each page in order, above zero and summing to 1 */
export function linkPriors(pages: readonly LinkedPage[]): number[] {
  const count = pages.length;
  if (!count) return [];
  const place = new Map(pages.map(({ address }, i) => [address, i]));
  const out = pages.map((page) => {
    const targets = [...new Set(page.links)].flatMap((address) => {
      const to = place.get(address);
      if (to === undefined || pages[to] === page) return [];
      return [{ to, weight: pages[to]!.site === page.site ? WITHIN_SITE : 1 }];
    });
    return { targets, total: targets.reduce((sum, { weight }) => sum + weight, 0) };
  });
  let prior: number[] = new Array(count).fill(1 / count);
  for (let round = 0; round < ROUNDS; round++) {
    // A page without links gives its share to all.
    const loose = prior.reduce((sum, p, i) => sum + (out[i]!.total ? 0 : p), 0);
    const next: number[] = new Array(count).fill((1 - DAMPING + DAMPING * loose) / count);
    for (const [from, { targets, total }] of out.entries())
      for (const { to, weight } of targets) next[to]! += (DAMPING * prior[from]! * weight) / total;
    const moved = next.reduce((sum, p, i) => sum + Math.abs(p - prior[i]!), 0);
    prior = next;
    if (moved < CLOSE_ENOUGH) break;
  }
  return prior;
}

/** For each page, how many pages of other sites link to it. */
export function linksFromElsewhere(pages: readonly LinkedPage[]): number[] {
  const place = new Map(pages.map(({ address }, i) => [address, i]));
  const counts: number[] = new Array(pages.length).fill(0);
  for (const page of pages)
    for (const address of new Set(page.links)) {
      const to = place.get(address);
      if (to !== undefined && pages[to]!.site !== page.site) counts[to]!++;
    }
  return counts;
}
