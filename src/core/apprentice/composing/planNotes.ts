/** What the apprentice notes under headings that it plans: told to whoever writes, and never said to readers. */

export const PLAN_NOTES = {
  doing: ["Explain {it} step by step, with an example.", "Say what {readers} need for {it}."],
  clause: ["Say plainly {it}, with an example.", "Answer for {readers}: {it}."],
  thing: [
    "Say what {readers} should know about {it}, with an example.",
    "Give the facts about {it} first, then what they mean in practice.",
    "Tell what you have seen with {it} yourself.",
  ],
  other: [
    "Explain this to {readers}, with an example.",
    "Say why this matters to {readers}, and what to do about it.",
  ],
  topic: ["Most competing pages have this.", "Several competing pages have this."],
  opening: [
    "Open with the question that readers ask: “{it}”",
    "Open with a moment that {readers} will know from their own day, and say what the post will settle.",
  ],
  closing: ["Sum up {it}, and name one thing to do next."],
  needs: ["List tools, time and help, and what can be done without."],
  steps: ["One step a paragraph, in the order in which they come."],
  troubles: ["Name the usual troubles, and the way out of each."],
  signs: ["Say what to look for, and when."],
  answer: ["Answer in two or three sentences."],
  reasons: ["Name the reasons, each with an example."],
  against: ["Be fair: name what others hold against it."],
  deciding: ["Say what it depends on, and for whom which choice is right."],
  cases: ["Name the cases in which it helps, and those in which it does not."],
  cost: ["Give the whole cost: to begin with, and over time."],
  beginning: ["Say what the first step is, and what it takes."],
  mistakes: ["Name the usual mistakes, and how to put each of them right."],
  asking: ["Collect what readers ask before they decide."],
} as const satisfies Record<string, readonly string[]>;

export const filledNote = (
  note: string,
  { it = "", readers = "readers" }: { it?: string; readers?: string },
): string => note.replace("{it}", () => it).replace("{readers}", () => readers);

const PATTERNS = Object.values(PLAN_NOTES)
  .flat()
  .map(
    (note) =>
      new RegExp(
        `^${note
          .replace(/[.]$/, "")
          .replace(/[\\^$.*+?()[\]|/-]/g, "\\$&")
          .replace(/\{(?:it|readers)\}/g, ".+")}\\.?$`,
        "u",
      ),
  );

/** Whether a note is one of these. */
export const isPlanNote = (text: string): boolean => PATTERNS.some((pattern) => pattern.test(text.trim()));
