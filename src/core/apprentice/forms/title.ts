import * as is from "../../declare";
import type { Form } from "../form";
import { isListed, plainLine } from "../pasted/clean";
import { listIn, readPasted, textAt } from "../pasted/read";

const MOST = 60;

/** A title, one an answer. */
export const titleForm: Form = {
  id: "title",
  schema: is.shape({ title: is.someText(1000) }),
  says: "Give one title a line, without numbers, quotation marks or comments.",
  text: (parts) => parts.map(({ text }) => text).join("\n"),
  value: (parts) => ({ title: parts[0]?.text ?? "" }),
  parse: (pasted) =>
    readPasted(pasted, {
      what: "title",
      fromJson: (value) =>
        listIn(value)?.flatMap((one) => {
          const title = typeof one === "string" ? one : textAt(one, ["title", "headline", "text"]);
          return title ? [[{ field: "title", text: plainLine(title) }]] : [];
        }) ?? null,
      fromLines(lines) {
        const content = lines.filter((line) => line.trim());
        // Where some lines are numbered, the others are headings or comments.
        const listed = content.filter(isListed);
        const used = listed.length >= Math.max(2, content.length / 3) ? listed : content;
        return used
          .map(plainLine)
          .map((line) => line.split(/\s+[–—]\s+(?=(?:this|a|it|good|works|appeals)\b)/i)[0]!)
          .filter((line) => line.length <= 200 && !/:$/.test(line))
          .slice(0, MOST)
          .map((text) => [{ field: "title", text }]);
      },
    }),
};
