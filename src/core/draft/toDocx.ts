/** A draft as a DOCX file (ECMA-376): headings, paragraphs, lists, quotes, tables, links. Pictures are named, not embedded. */
import {
  Document,
  ExternalHyperlink,
  HeadingLevel,
  LevelFormat,
  Packer,
  Paragraph,
  type ParagraphChild,
  Table,
  TableCell,
  TableRow,
  TextRun,
  WidthType,
} from "docx";
import { byName } from "../blocks/byName";
import type { DocxLine } from "../blocks/kind";
import { directionOf } from "../text/direction";
import type { Block, Draft, Run } from "./draft";

const HEADINGS = [
  HeadingLevel.HEADING_1,
  HeadingLevel.HEADING_2,
  HeadingLevel.HEADING_3,
  HeadingLevel.HEADING_4,
  HeadingLevel.HEADING_5,
  HeadingLevel.HEADING_6,
];
const DEEPEST_LIST = 8;
/** Characters that XML 1.0 (section 2.2) cannot hold. */
const UNHELD = /(?![\t\n\r])[\p{Cc}\p{Cs}\uFFFE\uFFFF]/gu;
const held = (text: string): string => text.replace(UNHELD, "");

/** @returns the bytes of the file */
export async function draftToDocx(draft: Draft): Promise<Uint8Array> {
  const { title, language } = draft.meta;
  const rtl = directionOf(language) === "rtl";
  const document = new Document({
    ...(title && { title: held(title) }),
    numbering: {
      config: [
        {
          reference: "numbers",
          levels: Array.from({ length: DEEPEST_LIST + 1 }, (_, level) => ({
            level,
            format: LevelFormat.DECIMAL,
            text: `%${level + 1}.`,
          })),
        },
      ],
    },
    sections: [
      {
        children: [
          ...(title
            ? [
                new Paragraph({
                  heading: HeadingLevel.TITLE,
                  bidirectional: rtl,
                  children: [new TextRun({ text: held(title), rightToLeft: rtl })],
                }),
              ]
            : []),
          ...written(draft.blocks, rtl),
        ],
      },
    ],
  });
  // Base64 is what every place where this runs can pack.
  const packed = await Packer.toBase64String(document);
  return Uint8Array.from(atob(packed), (char) => char.charCodeAt(0));
}

/** @param rtl whether the text runs from right to left */
function written(blocks: readonly Block[], rtl: boolean): (Paragraph | Table)[] {
  const out: (Paragraph | Table)[] = [];
  for (let i = 0; i < blocks.length; ) {
    const table = tableOf(blocks[i]!);
    if (!table) {
      out.push(paragraphOf(blocks[i]!, rtl));
      i++;
      continue;
    }
    let to = i;
    while (to < blocks.length && tableOf(blocks[to]!) === table) to++;
    out.push(tableFrom(blocks.slice(i, to), rtl));
    i = to;
  }
  return out;
}

const tableOf = ({ within }: Block): string | undefined => within.find(({ type }) => type === "table")?.id;

function tableFrom(blocks: readonly Block[], rtl: boolean): Table {
  const rows = new Map<string, Map<string, { header: boolean; blocks: Block[] }>>();
  for (const block of blocks) {
    const row = block.within.find(({ type }) => type === "row")?.id ?? "";
    const cell = block.within.find((one) => one.type === "cell");
    const cells = rows.get(row) ?? new Map<string, { header: boolean; blocks: Block[] }>();
    const id = cell?.id ?? block.id;
    const entry = cells.get(id) ?? { header: cell?.type === "cell" && cell.header, blocks: [] };
    entry.blocks.push(block);
    rows.set(row, cells.set(id, entry));
  }
  return new Table({
    visuallyRightToLeft: rtl,
    width: { size: 100, type: WidthType.PERCENTAGE },
    rows: [...rows.values()].map(
      (cells) =>
        new TableRow({
          children: [...cells.values()].map(
            (cell) =>
              new TableCell({ children: cell.blocks.map((block) => paragraphOf(block, rtl, cell.header)) }),
          ),
        }),
    ),
  });
}

const LINES = byName(({ toDocx }) => toDocx);

function paragraphOf(block: Block, rtl: boolean, bold = false): Paragraph {
  const bidirectional = rtl;
  const line: DocxLine = LINES[block.kind]?.(block, undefined) ?? { style: "text", runs: block.runs };
  if (line.style === "rule") return new Paragraph({ thematicBreak: true });
  const children = line.runs.map((run) => childOf(run, rtl, bold));
  if (line.heading) return new Paragraph({ heading: HEADINGS[line.heading - 1]!, bidirectional, children });
  if (line.note)
    return new Paragraph({
      bidirectional,
      children: [new TextRun({ text: held(line.note), italics: true, rightToLeft: rtl }), ...children],
    });
  const lists = block.within.filter((one) => one.type === "list");
  const list = lists.at(-1);
  if (line.listed && list?.type === "list") {
    const level = Math.min(DEEPEST_LIST, lists.length - 1);
    return new Paragraph({
      bidirectional,
      children,
      ...(list.ordered ? { numbering: { reference: "numbers", level } } : { bullet: { level } }),
    });
  }
  return new Paragraph({ bidirectional, children, ...(line.indented && { indent: { left: 720 } }) });
}

function childOf({ text, marks, link }: Run, rtl: boolean, bold: boolean): ParagraphChild {
  const run = new TextRun({
    text: held(text),
    ...(rtl && { rightToLeft: true }),
    ...((bold || marks.includes("bold")) && { bold: true }),
    ...(marks.includes("italic") && { italics: true }),
    ...(marks.includes("strike") && { strike: true }),
    ...(marks.includes("code") && { font: "Courier New" }),
    ...(link && { style: "Hyperlink" }),
  });
  return link && /^(?:https?|mailto):/i.test(link.href)
    ? new ExternalHyperlink({ link: held(link.href), children: [run] })
    : run;
}
