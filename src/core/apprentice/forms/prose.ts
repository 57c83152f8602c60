import * as is from "../../declare";
import { sentences } from "../../text/sentences";
import type { BarePart, Form } from "../form";
import { isListed, paragraphsOf, plainLine, plainMarks } from "../pasted/clean";
import { listIn, readPasted, textAt } from "../pasted/read";

/** Sentences in paragraphs: "paragraph" begins one, "sentence" goes on with it, "item" is an entry of a list, "heading" stands alone. */
export const proseForm: Form = {
  id: "prose",
  schema: is.shape({ text: is.someText() }),
  says: "Answer with the text alone: no heading before it, no comment around it.",
  text: proseText,
  value: (parts) => ({ text: proseText(parts) }),
  parse: (pasted, pack) =>
    readPasted(pasted, {
      what: "text",
      fromJson: (value) => {
        const text =
          typeof value === "string"
            ? value
            : (textAt(value, [
                "text",
                "answer",
                "content",
                "paragraph",
                "section",
                "opening",
                "excerpt",
                "alt",
                "alttext",
                "description",
              ]) ??
              (Array.isArray(listIn(value))
                ? listIn(value)!
                    .filter((one) => typeof one === "string")
                    .join("\n\n")
                : null));
        return text ? [proseParts(text.split("\n"), pack)] : null;
      },
      fromLines: (lines) => [proseParts(lines, pack)],
    }),
};

export function proseParts(lines: readonly string[], pack: Parameters<typeof sentences>[1]): BarePart[] {
  return paragraphsOf(lines).flatMap((paragraph): BarePart[] => {
    const heading = /^\s*#{1,6}\s+(.*)$/.exec(paragraph) ?? /^\s*\*\*([^*]+)\*\*:?\s*$/.exec(paragraph);
    if (heading) return [{ field: "heading", text: plainLine(heading[1]!) }];
    if (isListed(paragraph) && /^\s*(?:[-*+•–]|\(?\d)/.test(paragraph))
      return [{ field: "item", text: plainLine(paragraph) }];
    const text = plainMarks(paragraph);
    return sentences(text, pack).map(({ start, end }, i) => ({
      field: i ? "sentence" : "paragraph",
      text: text.slice(start, end),
    }));
  });
}

export function proseText(parts: readonly BarePart[]): string {
  let text = "";
  let before = "";
  for (const { field, text: part } of parts) {
    const shown = field === "item" ? `- ${part}` : field === "heading" ? `### ${part}` : part;
    const joint = !text
      ? ""
      : field === "sentence" && before !== "item" && before !== "heading"
        ? " "
        : field === "item" && before === "item"
          ? "\n"
          : "\n\n";
    text += joint + shown;
    before = field;
  }
  return text;
}

/** Sentences of one paragraph as parts of prose. */
export const opens = (at: number): "paragraph" | "sentence" => (at ? "sentence" : "paragraph");
