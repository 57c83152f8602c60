import * as is from "../../declare";
import { parseOutline } from "../../outline/outlineText";
import type { BarePart, Form } from "../form";
import { plainLine, plainMarks } from "../pasted/clean";
import { listIn, readPasted, textAt } from "../pasted/read";

/** Headings of two levels with notes, and questions behind them: parts "heading2", "heading3", "question", "note" behind the heading that it is of. */
export const outlineForm: Form = {
  id: "outline",
  schema: is.shape({
    items: is.list(
      is.shape({
        level: is.oneOf([2, 3]),
        text: is.someText(1000),
        note: is.text(20_000),
        faq: is.optional(is.flag()),
      }),
      500,
    ),
  }),
  says: "Answer with Markdown headings of the second and third level, a note of one line under each where there is something to say.",
  text: (parts) =>
    parts
      .map(({ field, text }) =>
        field === "heading2" ? `## ${text}` : field === "note" ? text : `### ${text}`,
      )
      .join("\n"),
  value: (parts) => ({ items: outlineItems(parts) }),
  parse: (pasted) =>
    readPasted(pasted, {
      what: "outline",
      fromJson: (value) => {
        const parts = fromTree(value, 0);
        return parts.length ? [parts] : null;
      },
      fromLines: (lines) => {
        const content = lines.filter(
          (line) =>
            line.trim() && !/^\s*#\s/.test(line) && !/^\s*\**(?:title|outline)\**\s*[:–—-]/i.test(line),
        );
        // Bold lines alone are headings where no line is marked as one.
        const marked = content.some((line) => /^\s*#{2,6}\s/.test(line))
          ? content
          : content.map((line) =>
              line.replace(/^\s*(?:\d{1,2}[.)]\s+|(?:[IVX]+)\.\s+)?\*\*([^*]+)\*\*:?\s*$/u, "## $1"),
            );
        return [
          fromItems(
            parseOutline(
              marked
                .map((line) => line.replace(/^(\s*(?:[-*+]\s+)?)([IVX]+|[A-Z])\.\s+(?=\S)/u, "$1"))
                .join("\n"),
            ),
          ),
        ];
      },
    }),
};

export interface OutlineValueItem {
  level: 2 | 3;
  text: string;
  note: string;
  faq?: true;
}

export function outlineItems(parts: readonly BarePart[]): OutlineValueItem[] {
  const items: OutlineValueItem[] = [];
  for (const { field, text } of parts) {
    const last = items.at(-1);
    if (field === "note") {
      if (last) last.note = last.note ? `${last.note}\n${text}` : text;
    } else
      items.push({
        level: field === "heading2" ? 2 : 3,
        text,
        note: "",
        ...(field === "question" && { faq: true as const }),
      });
  }
  return items;
}

const fromItems = (items: ReturnType<typeof parseOutline>): BarePart[] =>
  items.flatMap(({ level, text, note, faq }) => [
    { field: faq ? "question" : level === 2 ? "heading2" : "heading3", text: plainLine(text) },
    ...note
      .split("\n")
      .map(plainMarks)
      .filter(Boolean)
      .map((line) => ({ field: "note", text: line })),
  ]);

const HEADINGS = ["heading", "title", "text", "name", "section", "h"];
const NOTES = ["note", "notes", "description", "summary"];

function fromTree(value: unknown, depth: number): BarePart[] {
  if (depth > 4) return [];
  if (typeof value === "string")
    return [{ field: depth > 1 ? "heading3" : "heading2", text: plainLine(value) }];
  if (Array.isArray(value)) return value.flatMap((one) => fromTree(one, Math.max(1, depth)));
  if (!value || typeof value !== "object") return [];
  const heading = textAt(value, HEADINGS);
  const list = listIn(value);
  // The outermost title is the post's.
  if (depth === 0) return list ? fromTree(list, 1) : [];
  if (!heading) return [];
  const { level } = value as { level?: unknown };
  const deep = level === 3 || level === "h3" || level === "H3" || depth > 1;
  const note = textAt(value, NOTES);
  return [
    { field: deep ? "heading3" : "heading2", text: plainLine(heading) },
    ...(note ? [{ field: "note", text: plainMarks(note) }] : []),
    ...(list ?? []).flatMap((one) =>
      typeof one === "string" ? [{ field: "heading3", text: plainLine(one) }] : fromTree(one, depth + 1),
    ),
  ];
}
