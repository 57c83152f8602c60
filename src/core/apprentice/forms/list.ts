import * as is from "../../declare";
import type { Form } from "../form";
import { isListed, plainLine } from "../pasted/clean";
import { listIn, readPasted, textAt } from "../pasted/read";

/** A list, an entry a part. */
export const listForm: Form = {
  id: "list",
  schema: is.shape({ entries: is.list(is.someText(2000), 200) }),
  says: "Answer with a list, one entry a line, each after a hyphen.",
  text: (parts) => parts.map(({ text }) => `- ${text}`).join("\n"),
  value: (parts) => ({ entries: parts.map(({ text }) => text) }),
  parse: (pasted) =>
    readPasted(pasted, {
      what: "list",
      fromJson: (value) => {
        const entries = listIn(value)?.flatMap((one) =>
          typeof one === "string"
            ? one
            : (textAt(one, ["text", "title", "entry", "question", "takeaway"]) ?? []),
        );
        return entries?.length ? [entries.map((text) => ({ field: "entry", text: plainLine(text) }))] : null;
      },
      fromLines(lines) {
        const listed = lines.filter(isListed);
        const used = listed.length ? listed : lines;
        return [used.map((line) => ({ field: "entry", text: plainLine(line) }))];
      },
    }),
};
