/** A post as somebody pasted it: doubled blanks, empty paragraphs, markers typed as text. Markdown could not hold it. */
import type { EditorDoc, EditorNode } from "../../src/core/blocks/editorJson";

const p = (text: string): EditorNode => ({ type: "paragraph", content: [{ type: "text", text }] });
const gap: EditorNode = { type: "paragraph" };

export const rawDog: EditorDoc = {
  type: "doc",
  content: [
    p(
      "A dog in a cargo bike is a happy dog,  once it has learned to sit.  Start in the yard, with the bike on its stand and a biscuit in your pocket.",
    ),
    gap,
    gap,
    { type: "paragraph", content: [{ type: "text", text: "What you need", marks: [{ type: "bold" }] }] },
    gap,
    gap,
    p("• a low step, so that nobody has to lift forty kilos"),
    p("• a harness that is fixed at two points"),
    p("• a mat that does not slip"),
    gap,
    gap,
    p(
      "How we train it\u00a0\u00a0at the workshop&nbsp;yard: five minutes a day for a week. On the first day the bike does not move. On the third we push it. On the fifth we ride one lap, slowly, with somebody walking beside.",
    ),
    gap,
    gap,
    p("1. Sit, stay, biscuit."),
    p("2. Push, stop, biscuit."),
    p("3. Ride, stop, biscuit, home."),
  ],
};
