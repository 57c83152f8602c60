import * as is from "../../declare";
import type { BarePart, Form } from "../form";
import { isListed, plainLine, plainMarks } from "../pasted/clean";
import { listIn, readPasted, textAt } from "../pasted/read";

const idea = (title: string, sentence: string): BarePart[] => [
  { field: "title", text: plainLine(title).replace(/[:.]$/, "") },
  ...(sentence.trim() ? [{ field: "sentence", text: plainLine(sentence) }] : []),
];

/** A post idea: a title, and a sentence that says what the post would be. */
export const ideaForm: Form = {
  id: "idea",
  schema: is.shape({ title: is.someText(1000), sentence: is.text(4000) }),
  says: "Give each idea as two lines, its title and one sentence about it, with an empty line between ideas.",
  text: (parts) => parts.map(({ text }) => text).join("\n"),
  value: (parts) => ({
    title: parts.find(({ field }) => field === "title")?.text ?? "",
    sentence: parts.find(({ field }) => field === "sentence")?.text ?? "",
  }),
  parse: (pasted) =>
    readPasted(pasted, {
      what: "idea",
      fromJson: (value) =>
        listIn(value)?.flatMap((one) => {
          if (typeof one === "string") return [fromLine(one)];
          const title = textAt(one, ["title", "idea", "headline", "name"]);
          return title
            ? [idea(title, textAt(one, ["sentence", "description", "summary", "text", "why"]) ?? "")]
            : [];
        }) ?? null,
      fromLines(lines) {
        const content = lines.filter((line) => line.trim());
        const listed = content.filter((line) => isListed(line) && !/^\s+[-*•]/.test(line));
        if (listed.length >= 2) {
          const ideas: BarePart[][] = [];
          for (const line of content) {
            if (listed.includes(line)) ideas.push(fromLine(line));
            else if (ideas.length && ideas.at(-1)!.length < 2)
              ideas.at(-1)!.push({ field: "sentence", text: withoutLabel(plainLine(line)) });
          }
          return ideas;
        }
        const groups = lines
          .join("\n")
          .split(/\n\s*\n/)
          .map((group) => group.split("\n").filter((line) => line.trim()))
          .filter((group) => group.length);
        if (groups.some((group) => group.length > 1))
          return groups
            .filter((group) => group.length > 1)
            .map(([title, ...rest]) => idea(title!, withoutLabel(plainMarks(rest.join(" ")))));
        return content.map(fromLine);
      },
    }),
};

const withoutLabel = (text: string): string =>
  text.replace(/^(?:description|sentence|summary|why|about)\s*[:–—-]\s*/i, "");

/** "**Title**: sentence", "Title – sentence", or a title alone. */
function fromLine(line: string): BarePart[] {
  const bold = /^\s*(?:[-*+•]\s+|\(?\d{1,3}[.)]\s+)?(\*\*|__)(.+?)\1\s*(?:[:–—-]\s*)?(.*)$/u.exec(line);
  if (bold) return idea(bold[2]!, withoutLabel(bold[3]!));
  const plain = plainLine(line);
  const dash = /^(.{8,120}?)\s+[–—-]\s+(\p{Lu}.{12,})$/u.exec(plain);
  if (dash) return idea(dash[1]!, dash[2]!);
  const colon = /^(.{8,120}?):\s+(\p{Lu}.{12,}[.!])$/u.exec(plain);
  return colon ? idea(colon[1]!, colon[2]!) : idea(plain, "");
}
