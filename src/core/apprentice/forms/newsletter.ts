import * as is from "../../declare";
import type { Form } from "../form";
import { labelled, plainLine } from "../pasted/clean";
import { readPasted, textAt } from "../pasted/read";
import { proseParts, proseText } from "./prose";

/** A newsletter: subject, the line that is previewed, and the text. */
export const newsletterForm: Form = {
  id: "newsletter",
  schema: is.shape({ subject: is.someText(1000), preview: is.someText(1000), text: is.someText() }),
  says: "Answer with “Subject: …”, “Preview: …” and “Text: …”, each on lines of its own.",
  text: (parts) => {
    const { subject, preview, text } = newsletterOf(parts);
    return [`Subject: ${subject}`, `Preview: ${preview}`, "", text].join("\n");
  },
  value: (parts) => newsletterOf(parts),
  parse: (pasted, pack) => {
    const parts = (subject?: string | null, preview?: string | null, text?: string | null) =>
      subject?.trim() && text?.trim()
        ? [
            [
              { field: "subject", text: plainLine(subject.split("\n")[0]!) },
              ...(preview?.trim()
                ? [{ field: "preview", text: plainLine(preview.replace(/\n/g, " ")) }]
                : []),
              ...proseParts(text.split("\n"), pack),
            ],
          ]
        : [];
    return readPasted(pasted, {
      what: "subject and text",
      fromJson: (value) => {
        const read = parts(
          textAt(value, ["subject", "subjectline"]),
          textAt(value, ["preview", "previewtext", "previewline", "preheader"]),
          textAt(value, ["text", "body", "content"]),
        );
        return read.length ? read : null;
      },
      fromLines: (lines) => {
        const fields = labelled(lines, ["subject", "preview", "preheader", "text", "body", "content"]);
        const preview = fields.get("preview") ?? fields.get("preheader") ?? "";
        // Without a label of its own the text stands behind the line that is previewed.
        const [line = "", ...rest] = preview.split("\n");
        const text =
          fields.get("text") ??
          fields.get("body") ??
          fields.get("content") ??
          (rest.join("\n").trim() || (fields.get("subject") ?? "").split("\n").slice(1).join("\n"));
        return parts(fields.get("subject"), line, text);
      },
    });
  },
};

function newsletterOf(parts: readonly { field: string; text: string }[]) {
  return {
    subject: parts.find(({ field }) => field === "subject")?.text ?? "",
    preview: parts.find(({ field }) => field === "preview")?.text ?? "",
    text: proseText(parts.filter(({ field }) => field !== "subject" && field !== "preview")),
  };
}
