/** Reads pages a few at a time, tells of each as it is there, and can be stopped: what has been read by then is kept. */

import pLimit from "p-limit";
import type { CompetitorPage } from "../core/competitors/page";
import { messageOf } from "../core/messageOf";

export interface PageToRead {
  address: string;
  /** What is known of it before it is read. */
  title: string;
  site: string;
  rank: number;
}

export type PageOutcome =
  | { target: PageToRead; page: CompetitorPage; standIn: boolean }
  | { target: PageToRead; failed: string };

const AT_ONCE = 4;

/**
 * @param read reads one page; what it throws is that page's failure
 * @param onOutcome called with each page as it is read or fails
 * @param signal stops: pages under way are dropped, and no others are asked for
 */
export async function collectPages(
  pages: readonly PageToRead[],
  read: (address: string, signal: AbortSignal) => Promise<{ page: CompetitorPage; standIn: boolean }>,
  onOutcome: (outcome: PageOutcome) => void,
  signal: AbortSignal,
): Promise<void> {
  const limit = pLimit(AT_ONCE);
  await Promise.all(
    pages.map((target) =>
      limit(async () => {
        if (signal.aborted) return;
        try {
          const answer = await read(target.address, signal);
          if (!signal.aborted) onOutcome({ target, ...answer });
        } catch (error) {
          if (!signal.aborted) onOutcome({ target, failed: messageOf(error) });
        }
      }),
    ),
  );
}
