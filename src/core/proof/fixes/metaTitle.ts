import type { TitlePart } from "../../snippet/wholeness";
import { titleFlaws, titleParts } from "../../snippet/wholeness";
import { textWidth } from "../../snippet/width";
import { isFurnitureHeading } from "../../text/furniture";
import { titleThresholds } from "../checks/titleWidth";
import type { DraftReading } from "../reading/reading";
import { thresholdsIn } from "../thresholds";
import { type FixRule, OF_ONE_SECTION, type Suggestion, WITHOUT_KEYWORD } from "./fixRule";

/** Headings looked at: what a page is about is said early. */
const MOST_HEADINGS = 12;
/** Several, since not all of them gain something. */
const MOST_CHOICES = 12;

/** A meta title that fits: whole parts of the title, the keyword before one of them, or a heading. Never cut anywhere else. */
export const metaTitle: FixRule = {
  id: "meta-title",
  check: "title-width",
  also: ["keyword-in-title", "title-distinct"],
  name: "Make the meta title fit",
  safe: false,
  suggest(reading) {
    const { searchTitle, draft, profile } = reading;
    if (!searchTitle) return [];
    const { size, range } = thresholdsIn(profile, "title-width", titleThresholds);
    const room = range[2] ?? Number.POSITIVE_INFINITY;
    const now = searchTitle.text;
    return candidates(reading, size, room).map(({ text, source, caution }): Suggestion => {
      const width = textWidth(text + draft.meta.titleSuffix, size);
      return {
        lines: [{ before: draft.meta.metaTitle ? now : `${now} (the title)`, after: text }],
        change: { meta: { metaTitle: text } },
        source,
        width: { pixels: width, most: room },
        ...(caution && { caution }),
      };
    });
  },
};

interface Candidate {
  text: string;
  /** As it was written, where it began behind a colon and would do so again. */
  behind?: string;
  source: string;
  caution?: string;
}

const hasKeyword = (reading: DraftReading, text: string): boolean =>
  reading.findIn(reading.analyse(text), true).some(({ form }) => form !== "scattered");

function candidates(reading: DraftReading, size: number, room: number): Candidate[] {
  const { searchTitle, draft, keyword, pack } = reading;
  const { meta } = draft;
  const said = keyword ? capitalised(keyword.text) : "";
  const own: Candidate[] = [
    ...(searchTitle!.text === meta.title ? [] : [{ text: meta.title, source: "the title" }]),
    ...partsOf(searchTitle!.text, meta.metaTitle ? "the meta title" : "the title", reading),
    ...(searchTitle!.text === meta.title ? [] : partsOf(meta.title, "the title", reading)),
  ];
  const headings = reading.headings
    .filter(({ block, text }) => block !== null && !isFurnitureHeading(text, pack))
    .slice(0, MOST_HEADINGS);
  const short = [{ text: searchTitle!.text, source: "the title" }, ...own].filter(({ text }) => text);
  const proposals: Candidate[] = [
    ...own,
    ...headings.flatMap(({ text, level }) => {
      const source = level === 1 ? "the H1" : `the heading “${text}”`;
      const options = [{ text, source }, ...partsOf(text, source, reading)];
      return level === 1 ? options : options.map((one) => ({ ...one, caution: OF_ONE_SECTION }));
    }),
    ...(said
      ? [
          { text: said, source: "the keyword" },
          ...short
            .filter(({ text }) => sharesNothing(reading, said, text))
            .map(({ text, behind = text, source }) => ({
              text: `${said}: ${behind}`,
              source: `the keyword, and ${source}`,
            })),
        ]
      : []),
    // A short title, or the keyword, has room for what one of its sections says.
    ...headings
      .filter(({ level }) => level === 2)
      .flatMap(({ text }) =>
        [
          { before: searchTitle!.text, source: "the title" },
          { before: said, source: "the keyword" },
        ]
          .filter(({ before }) => before && sharesNothing(reading, before, text))
          .map(({ before, source }) => ({
            text: `${before}: ${text}`,
            source: `${source}, and the heading “${text}”`,
            caution: OF_ONE_SECTION,
          })),
      ),
  ];
  const seen = new Set([searchTitle!.text]);
  return proposals
    .filter(({ text }) => {
      if (!text || seen.has(text)) return false;
      seen.add(text);
      return (
        textWidth(text + meta.titleSuffix, size) <= room &&
        !titleFlaws(text, pack).length &&
        reading.findIn(reading.analyse(text), false).length <= 1
      );
    })
    .map((one): Candidate => {
      const caution = keyword && !hasKeyword(reading, one.text) ? WITHOUT_KEYWORD : one.caution;
      return caution ? { ...one, caution } : one;
    })
    .sort((a, b) => Number(Boolean(a.caution)) - Number(Boolean(b.caution)))
    .slice(0, MOST_CHOICES);
}

const PART_WORDS: Record<TitlePart["part"], string> = {
  whole: "without what is in brackets",
  beginning: "its beginning",
  end: "its second part",
};

const partsOf = (text: string, source: string, { pack }: DraftReading): Candidate[] =>
  titleParts(text, pack).map(({ text: part, part: kind }) => ({
    ...(kind === "end" ? { text: capitalised(part), behind: part } : { text: part }),
    source: `${source}, ${PART_WORDS[kind]}`,
  }));

/** Names such as "svg.js" stay as they are. */
const capitalised = (text: string): string =>
  text.replace(/^\p{Ll}(?=\p{L}*(?:$|[\s'’,:-]))/u, (letter) => letter.toUpperCase());

/** "Cargo bike: Cargo bike care" says it twice. */
function sharesNothing(reading: DraftReading, a: string, b: string): boolean {
  const stems = (text: string) =>
    reading.analyse(text).tokens.flatMap(({ small, stem }) => (small ? [] : [stem]));
  const stemsOfA = new Set(stems(a));
  return !stems(b).some((stem) => stemsOfA.has(stem));
}
