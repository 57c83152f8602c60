import * as is from "../../declare";
import type { Form } from "../form";
import { labelled, plainLine } from "../pasted/clean";
import { listIn, readPasted, textAt } from "../pasted/read";

/** A meta title and a meta description. */
export const metaForm: Form = {
  id: "meta",
  schema: is.shape({ title: is.someText(1000), description: is.someText(4000) }),
  says: "Answer in two lines: “Title: …” and “Description: …”.",
  text: (parts) => parts.map(({ text }) => text).join("\n"),
  value: (parts) => ({
    title: parts.find(({ field }) => field === "title")?.text ?? "",
    description: parts.find(({ field }) => field === "description")?.text ?? "",
  }),
  parse: (pasted) =>
    readPasted(pasted, {
      what: "title and description",
      fromJson: (value) => {
        const read = (Array.isArray(value) ? value : (listIn(value) ?? [value])).flatMap((one) =>
          both(
            textAt(one, ["title", "metatitle", "seotitle"]),
            textAt(one, ["description", "metadescription", "desc"]),
          ),
        );
        return read.length ? read : null;
      },
      fromLines(lines) {
        const groups: string[][] = [];
        for (const line of lines) {
          if (
            !groups.length ||
            (/^\W*(?:meta |seo )?title\b/i.test(line) && groups.at(-1)!.some((one) => /title/i.test(one)))
          )
            groups.push([]);
          groups.at(-1)!.push(line);
        }
        const named = groups.flatMap((group) => {
          const fields = labelled(group, ["title", "description"]);
          return both(fields.get("title") ?? null, fields.get("description") ?? null);
        });
        if (named.length) return named;
        const content = lines.map(plainLine).filter(Boolean);
        return content.length === 2 ? both(content[0]!, content[1]!) : [];
      },
    }),
};

const both = (title: string | null, description: string | null) =>
  title?.trim() && description?.trim()
    ? [
        [
          { field: "title", text: plainLine(title.split("\n")[0]!) },
          { field: "description", text: plainLine(description.split(/\n\s*\n/)[0]!.replace(/\n/g, " ")) },
        ],
      ]
    : [];
