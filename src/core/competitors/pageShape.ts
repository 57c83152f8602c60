/** A page that ranks, as it was read. */
import { Unsafe } from "@sinclair/typebox";
import * as is from "../declare";
import { anyBlock } from "../draft/blockShapes";
import type { Draft } from "../draft/draft";
import { metaShape } from "../draft/metaShape";

export const pageShape = is.shape({
  /** Where it was read; for what was no web page, what it was called. */
  address: is.text(4000),
  /** Name of its site, or the host. */
  site: is.text(2000),
  /** Its title element. */
  title: is.text(20_000),
  description: is.text(100_000),
  canonical: is.text(20_000),
  language: is.text(200),
  author: is.text(20_000),
  /** Dates as the page gives them, ISO where it does; empty where it gives none. */
  published: is.text(2000),
  modified: is.text(2000),
  /** Types of the structured data that it holds (JSON-LD), each once. */
  types: is.list(is.text(2000)),
  draft: Unsafe<Draft>(
    is.shape({
      meta: metaShape,
      blocks: is.fixedList(anyBlock, 100_000),
      headingIds: is.oneOf(["derived", "explicit"]),
    }),
  ),
});
export type CompetitorPage = is.Static<typeof pageShape>;

/** A page as it was collected: its place in the ranking, from 0. */
export const rankedShape = is.shape({ rank: is.number({ minimum: 0 }), page: pageShape });
export type RankedCompetitor = is.Static<typeof rankedShape>;
