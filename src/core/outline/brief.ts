/** The brief: all that whoever writes the post must know, as one document. Its writers are those of any draft, and one for plain text. */

import type { CompetitorAnalysis } from "../benchmark/competitors";
import type { ReaderQuestion } from "../competitors/questions";
import type { Statistic } from "../competitors/statistics";
import type { Block, Container, Draft } from "../draft/draft";
import { emptyMeta } from "../draft/meta";
import { faqStart, type OutlineItem } from "./outline";
import type { Piece } from "./piece";

export const BRIEF_PARTS = [
  "keywords",
  "piece",
  "field",
  "outline",
  "questions",
  "terms",
  "sources",
  "links",
] as const;
export type BriefPart = (typeof BRIEF_PARTS)[number];

export const PART_NAMES: Record<BriefPart, string> = {
  keywords: "Keywords",
  piece: "Goals of the post",
  field: "Competing pages",
  outline: "Outline",
  questions: "Questions to answer",
  terms: "Terms to use",
  sources: "Figures and sources",
  links: "Links to make",
};

export interface BriefMaterial {
  title: string;
  keyword: string;
  /** With their searches a month, where known. */
  keywords: { text: string; searches: number | null }[];
  piece: Piece;
  analysis: CompetitorAnalysis | null;
  /** ISO date on which the competing pages were kept. */
  collectedAt: string;
  items: OutlineItem[];
  questions: Pick<ReaderQuestion, "text">[];
  statistics: Statistic[];
  links: { title: string; address: string }[];
}

const MOST_SOURCES = 20;
const number = (n: number): string => Math.round(n).toLocaleString("en");

/** Each part: whether there is anything of it, and what it says. */
const WRITERS: Record<BriefPart, (material: BriefMaterial, write: Writer) => void> = {
  keywords({ keyword, keywords }, write) {
    if (keyword) write.paragraph(`Target: ${keyword}`);
    write.list(
      keywords
        .filter(({ text }) => text !== keyword)
        .map(({ text, searches }) =>
          searches === null ? text : `${text} (${number(searches)} searches a month)`,
        ),
    );
  },
  piece({ piece }, write) {
    write.list(pieceLines(piece));
  },
  field({ analysis, collectedAt }, write) {
    if (!analysis) return;
    write.paragraph(
      `${analysis.pages.length} pages that rank for “${analysis.keyword}”${collectedAt ? `, read on ${collectedAt.slice(0, 10)}` : ""}.`,
    );
    const rows = (["words", "headings", "pictures", "links", "ease"] as const).flatMap((figure) => {
      const spread = analysis.spread[figure];
      return spread
        ? [[FIGURES[figure], number(spread.median), `${number(spread.low)} to ${number(spread.high)}`]]
        : [];
    });
    write.table(["", "Median", "Range"], rows);
    const { benchmark } = analysis;
    if (benchmark)
      write.paragraph(
        `Score of the first ten: ${benchmark.average.toFixed(1)} of 100 on average; of the best page: ${benchmark.best.toFixed(1)}.`,
      );
  },
  outline({ items }, write) {
    const faq = faqStart(items);
    items.forEach(({ level, text, note, budget }, i) => {
      if (!text.trim()) return;
      if (i === faq) write.heading(3, "Frequently asked questions");
      write.heading(level === 2 ? 3 : 4, budget ? `${text} (${number(budget)} words)` : text);
      for (const line of note.split("\n")) if (line.trim()) write.paragraph(line.trim());
    });
    const planned = items.reduce((sum, { budget }) => sum + (budget ?? 0), 0);
    if (planned) write.paragraph(`${number(planned)} words in all.`);
  },
  questions({ questions }, write) {
    write.list(questions.map(({ text }) => text));
  },
  terms({ analysis }, write) {
    if (!analysis) return;
    write.paragraph("Times a thousand words, as the pages that rank use them.");
    write.table(
      ["Term", "Usual", "On pages"],
      analysis.terms.map(({ text, usual, pages, core }) => [
        core ? `${text} (core)` : text,
        `${usual[0].toFixed(1)} to ${usual[1].toFixed(1)}`,
        `${pages} of ${analysis.pages.length}`,
      ]),
    );
  },
  sources({ statistics }, write) {
    write.list(
      statistics
        .slice(0, MOST_SOURCES)
        .map(
          ({ sentence, page, source }) =>
            `${sentence} (${source ? `${source.text}, ${source.address}; on ` : ""}${page.title || page.address})`,
        ),
    );
  },
  links({ links }, write) {
    write.list(links.map(({ title, address }) => `${title}: ${address}`));
  },
};

const FIGURES = {
  words: "Words",
  headings: "Headings",
  pictures: "Pictures",
  links: "Links",
  ease: "Reading ease (Flesch)",
} as const;

function pieceLines(piece: Piece): string[] {
  return [
    piece.audience && `For: ${piece.audience}`,
    piece.goal && `Goal: ${piece.goal}`,
    piece.tones.length && `Tone: ${piece.tones.join(", ")}`,
    piece.style && `Style: ${piece.style}`,
    piece.language && `Language: ${piece.language}`,
    piece.length && `Length: about ${number(piece.length)} words`,
    ...piece.points.map((point) => `Say: ${point}`),
    ...piece.avoid.map((what) => `Avoid: ${what}`),
  ].filter((line): line is string => Boolean(line));
}

/** The brief as a draft, so that whatever writes drafts writes briefs: Markdown, HTML, DOCX. */
export function briefDraft(material: BriefMaterial, parts: readonly BriefPart[]): Draft {
  const all: Block[] = [];
  for (const part of BRIEF_PARTS) {
    if (!parts.includes(part)) continue;
    const own = new Writer(part);
    WRITERS[part](material, own);
    if (own.blocks.length)
      all.push(...new Writer(`${part}-head`).heading(2, PART_NAMES[part]).blocks, ...own.blocks);
  }
  return {
    meta: { ...emptyMeta, title: `Brief: ${material.title || material.keyword || "untitled post"}` },
    blocks: all,
    headingIds: "derived",
  };
}

class Writer {
  readonly blocks: Block[] = [];
  constructor(private readonly name: string) {}

  #add(kind: "paragraph" | "listItem" | "cell", text: string, within: readonly Container[] = []): void {
    this.blocks.push({ id: this.#id(), kind, text, runs: [{ text, marks: [] }], within });
  }
  #id = () => `${this.name}.${this.blocks.length}`;

  heading(level: 2 | 3 | 4, text: string): this {
    this.blocks.push({
      id: this.#id(),
      kind: "heading",
      level,
      text,
      runs: [{ text, marks: [] }],
      within: [],
    });
    return this;
  }
  paragraph(text: string): void {
    this.#add("paragraph", text);
  }
  list(items: readonly string[]): void {
    const list: Container = { type: "list", id: `${this.#id()}.l`, ordered: false, start: 1 };
    items.forEach((text, i) => {
      this.#add("listItem", text, [list, { type: "item", id: `${list.id}.${i}` }]);
    });
  }
  table(head: readonly string[], rows: readonly (readonly string[])[]): void {
    if (!rows.length) return;
    const table: Container = { type: "table", id: `${this.#id()}.t` };
    [head, ...rows].forEach((cells, y) => {
      cells.forEach((text, x) => {
        this.#add("cell", text, [
          table,
          { type: "row", id: `${table.id}.${y}` },
          { type: "cell", id: `${table.id}.${y}.${x}`, header: y === 0, colspan: 1, rowspan: 1 },
        ]);
      });
    });
  }
}

/** The brief as plain text, made to be pasted into a writing assistant: what to write first, what to write with after it. */
export function briefPrompt(material: BriefMaterial, parts: readonly BriefPart[]): string {
  const { title, keyword, piece, analysis, items, questions, statistics, links, keywords } = material;
  const has = (part: BriefPart) => parts.includes(part);
  const median = analysis?.spread.words?.median;
  const length = piece.length ?? (median ? Math.round(median / 50) * 50 : null);
  const block = (head: string, lines: readonly string[]) =>
    lines.length ? [`${head}\n${lines.map((line) => `- ${line}`).join("\n")}`] : [];
  const faq = faqStart(items);
  return [
    `Write a blog post${title ? ` titled “${title}”` : ""}${keyword ? ` about “${keyword}”` : ""}${length ? `, of about ${number(length)} words` : ""}.`,
    ...(has("piece") ? block("How it is to be:", pieceLines(piece)) : []),
    ...(has("keywords")
      ? block("Use these keywords where they fit, and no more often than a reader would bear:", [
          ...(keyword ? [`${keyword} (in the title, the opening and one heading)`] : []),
          ...keywords.filter(({ text }) => text !== keyword).map(({ text }) => text),
        ])
      : []),
    ...(has("outline") && items.length
      ? [
          `Follow this outline:\n${items
            .flatMap(({ level, text, note, budget }, i) => [
              ...(i === faq ? ["## Frequently asked questions"] : []),
              `${level === 2 ? "##" : "###"} ${text}${budget ? ` (about ${budget} words)` : ""}`,
              ...note
                .split("\n")
                .filter((line) => line.trim())
                .map((line) => `   ${line.trim()}`),
            ])
            .join("\n")}`,
        ]
      : []),
    ...(has("questions")
      ? block(
          "Answer these questions:",
          questions.map(({ text }) => text),
        )
      : []),
    ...(has("terms") && analysis && length
      ? block(
          "Use these terms about this often:",
          analysis.terms.map(({ text, usual }) => {
            const low = Math.max(1, Math.round((usual[0] * length) / 1000));
            const high = Math.max(low, Math.round((usual[1] * length) / 1000));
            return `${text}: ${low === high ? low : `${low} to ${high}`} times`;
          }),
        )
      : []),
    ...(has("sources")
      ? block(
          "Figures that may be used, each with its source:",
          statistics
            .slice(0, MOST_SOURCES)
            .map(({ sentence, page, source }) => `${sentence} [${source?.address ?? page.address}]`),
        )
      : []),
    ...(has("links")
      ? block(
          "Link to:",
          links.map(({ title: name, address }) => `${name} (${address})`),
        )
      : []),
    "Do not make up figures, names or sources. Mark what you do not know.",
  ].join("\n\n");
}
