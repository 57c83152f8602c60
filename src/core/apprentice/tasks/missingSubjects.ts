import * as is from "../../declare";
import { alikeBeside } from "../../outline/alike";
import type { AnswerCheck } from "../checks/check";
import { keywordOf } from "../checks/keyword";
import { keywordOrigin, OWN_WORDS, part } from "../composing/parts";
import { variants } from "../composing/variants";
import { readSubject, verbFor } from "../english/subject";
import { outlineForm } from "../forms/outline";
import { outlineLineShape } from "../material/shapes";
import { contentStemSet } from "../methods/likeness";
import type { Part } from "../shapes";
import { type Call, defineTask, said } from "../task";

const MOST = 6;
const MOST_QUESTIONS = 3;

/** What was added to the outline that there was. */
const added: AnswerCheck = {
  id: "missing-subject",
  look: ({ parts, input, material }) => {
    const lines = Array.isArray(input.outline) ? (input.outline as { text: string }[]) : material.outline;
    const there = new Set(lines.map(({ text }) => text.trim()));
    return parts
      .filter(({ field, text }) => field !== "note" && !there.has(text))
      .map(({ text }) => `Added: “${text}”.`);
  },
};

export const missingSubjects = defineTask({
  id: "missing-subjects",
  name: "What did I miss?",
  says: "Subjects and questions that an outline lacks, and the outline with them merged in.",
  fields: {
    outline: is.optional(
      said(
        is.list(outlineLineShape, 500),
        "Outline",
        "Headings in order; those of the material where absent",
      ),
    ),
    keyword: is.optional(said(is.text(500), "Target keyword")),
  },
  form: outlineForm,
  places: ["plan"],
  languages: "English",
  answers: 1,
  ask: ({ outline }, { outline: theirs, topics }) =>
    [
      "This is the outline of a blog post. Add the headings that a reader would miss, where they belong, and change nothing else. Answer with the whole outline.",
      (outline ?? theirs).map(({ level = 2, text }) => `${"#".repeat(level)} ${text}`).join("\n"),
      topics.length &&
        `Other pages cover: ${topics
          .slice(0, 15)
          .map(({ label }) => label)
          .join("; ")}.`,
    ]
      .filter(Boolean)
      .join("\n\n"),
  checks: [added],
  compose(call) {
    const { input, material } = call;
    const lines = input.outline?.some(({ text }) => text.trim())
      ? input.outline
          .filter(({ text }) => text.trim())
          .map(({ level = 2, text, note = "", faq = false }) => ({ level, text: text.trim(), faq, note }))
      : material.outline.map(({ level, text, faq, notes }) => ({
          level,
          text,
          faq,
          note: notes.map((one) => one.quote).join("\n"),
        }));
    if (!lines.length) {
      call.miss("An outline: its headings, in order.");
      return [];
    }
    const keyword = keywordOf(call);
    if (!keyword && !material.topics.length)
      call.miss("A target keyword or competing pages: without them only what any post may lack is told.");
    return variants(call, () => merged(call, lines, keyword));
  },
});

interface Line {
  level: 2 | 3;
  text: string;
  faq: boolean;
  note: string;
}

function merged(call: Call<unknown>, lines: readonly Line[], keyword: string): Part[] {
  const { material, chance } = call;
  const { pack } = material;
  const { stems, isAny } = alikeBeside(keyword, pack);
  const theirs = lines.map(({ text }) => stems(text));
  const notes = contentStemSet(lines.map(({ text, note }) => `${text} ${note}`).join(" "), pack);
  const missing: { text: string; from: Part["from"] }[] = [];
  for (const { label, pages, of } of chance.shuffled(material.topics.slice(0, 12))) {
    if (missing.length >= MOST || isAny(label, theirs) || material.copies.first(label)) continue;
    missing.push({
      text: label,
      from: [{ kind: "competitor-fact", ref: `${pages} of ${of} competing pages`, quote: label }],
    });
  }
  const topic = keyword || material.title || lines[0]!.text;
  const origin = keyword ? keywordOrigin(keyword) : { kind: "outline" as const, ref: topic, quote: topic };
  for (const [words, heading] of chance.shuffled(USUAL)) {
    if (missing.length >= (material.topics.length ? 2 : 4)) break;
    if (words.some((word) => notes.has(pack.stem(word)))) continue;
    const text = heading(keyword ? readSubject(keyword, [material.whole]) : null);
    if (text) missing.push({ text, from: [origin, OWN_WORDS] });
  }
  const questions = chance
    .shuffled(material.questions.slice(0, 10))
    .filter(({ text }) => !isAny(text, theirs) && !missing.some((one) => isAny(text, [stems(one.text)])))
    .slice(0, MOST_QUESTIONS);
  if (!missing.length && !questions.length) {
    call.miss("Nothing: the outline covers what the competing pages and the readers' questions ask for.");
    return [];
  }
  const own = (line: Line): Part[] => [
    part(line.faq ? "question" : line.level === 2 ? "heading2" : "heading3", line.text, [
      { kind: "outline", ref: line.text, quote: line.text },
    ]),
    ...line.note
      .split("\n")
      .filter((note) => note.trim())
      .map((note) => part("note", note.trim(), [{ kind: "outline", ref: line.text, quote: note.trim() }])),
  ];
  const faq = lines.findIndex((line) => line.faq);
  const end = faq < 0 ? lines.length : faq;
  // A last heading that sums up stays the last.
  const closing =
    end > 1 &&
    /^(?:in short|conclusion|summary|what to do next|next steps|to sum up|final thoughts|wrapping up|the bottom line|in a nutshell)/i.test(
      lines[end - 1]!.text,
    )
      ? end - 1
      : end;
  return [
    ...lines.slice(0, closing).flatMap(own),
    ...missing.map(({ text, from }) => part("heading2", text, from)),
    ...lines.slice(closing, end).flatMap(own),
    ...lines.slice(end).flatMap(own),
    ...questions.map((question) => part("question", question.text, [question])),
  ];
}

type Heading = (subject: ReturnType<typeof readSubject> | null) => string | null;
const of =
  (withSubject: (subject: ReturnType<typeof readSubject>) => string, without: string): Heading =>
  (subject) =>
    subject?.kind === "thing" ? withSubject(subject) : without;

/** What readers of any subject look for: words that show it is there, and a heading. */
const USUAL: readonly (readonly [readonly string[], Heading])[] = [
  [
    ["cost", "price", "budget", "pay", "fee", "expensive", "cheap", "money"],
    of((s) => `What ${s.inSentence} ${verbFor(s, "cost", "costs")}`, "What it costs"),
  ],
  [["mistake", "avoid", "wrong", "fail", "problem", "trouble", "pitfall"], () => "Mistakes to avoid"],
  [["begin", "start", "first", "beginner"], () => "How to begin"],
  [
    ["alternative", "instead", "compare", "versus", "option", "difference"],
    () => "What else you could do instead",
  ],
  [["time", "long", "schedule", "often", "duration", "week", "month"], () => "How long it takes"],
  [["safe", "safety", "risk", "danger"], () => "What to watch out for"],
  [
    ["who", "suit", "right", "anyone", "audience"],
    of((s) => `Who ${s.inSentence} ${verbFor(s, "are", "is")} for`, "Whom this is for"),
  ],
  [["example", "story", "case", "experience"], () => "An example from practice"],
  [["tool", "equipment", "need", "material", "kit", "prepare"], () => "What you need"],
  [["care", "maintain", "upkeep", "clean", "repair", "keep"], () => "How to keep it in good order"],
  [["check", "checklist", "summary", "short", "conclusion"], () => "A checklist to take away"],
];
