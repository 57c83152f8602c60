import * as is from "../../declare";
import { alikeBeside } from "../../outline/alike";
import type { AnswerCheck } from "../checks/check";
import { keywordOf } from "../checks/keyword";
import { opposedTones } from "../checks/request";
import { isName, keywordOrigin, OWN_WORDS, part } from "../composing/parts";
import { filledNote, PLAN_NOTES } from "../composing/planNotes";
import { variants } from "../composing/variants";
import { asObject, type Fragment, readFragment } from "../english/fragment";
import { capitalised, inside, listed, oneSpace } from "../english/sentence";
import { isOrAre, readSubject, verbFor } from "../english/subject";
import { outlineForm } from "../forms/outline";
import { noteLines } from "../material/material";
import type { Passage } from "../material/passage";
import type { Part } from "../shapes";
import { type Call, defineTask, said } from "../task";

export const LONGEST_TOPIC = 200;
export const LONGEST_POINTS = 400;
const MOST_TOPICS = 7;
const LEAST_SECTIONS = 4;
const MOST_QUESTIONS = 4;

const tones: AnswerCheck = {
  id: "tones",
  look: ({ input, material }) =>
    opposedTones(
      Array.isArray(input.tones) && input.tones.length ? (input.tones as string[]) : material.tones,
    ),
};

export const outline = defineTask({
  id: "outline",
  name: "Draft an outline",
  says: "Headings with notes, from a topic and its main points; up to three different ones.",
  fields: {
    topic: is.optional(said(is.text(LONGEST_TOPIC), "Topic")),
    points: is.optional(
      said(is.text(LONGEST_POINTS), "Main points", "Main points, a line each or after commas"),
    ),
    audience: is.optional(said(is.text(1000), "Audience")),
    tones: is.optional(said(is.list(is.text(100), 20), "Tones")),
    style: is.optional(said(is.text(1000), "Style")),
    keywords: is.optional(said(is.list(is.text(200), 50), "Keywords", "Keywords, the target keyword first")),
    hook: is.optional(said(is.flag(), "Begin with a hook")),
    conclusion: is.optional(said(is.flag(), "End with a conclusion")),
  },
  form: outlineForm,
  places: ["plan", "start"],
  languages: "English",
  answers: 3,
  ask: (
    { topic, points, audience, tones: chosen, style, keywords, hook, conclusion },
    { title, topics, questions },
  ) =>
    [
      `Write the outline of a blog post: ${topic || title}.`,
      points && `Main points: ${points}.`,
      audience && `It is for ${audience}.`,
      chosen?.length && `Tone: ${chosen.join(", ")}.`,
      style && `Style: ${style}.`,
      keywords?.length && `Keywords: ${keywords.join(", ")}.`,
      hook && "Begin with a hook.",
      conclusion && "End with a conclusion.",
      topics.length &&
        `Other pages cover: ${topics
          .slice(0, 12)
          .map(({ label }) => label)
          .join("; ")}.`,
      questions.length &&
        `Readers ask: ${questions
          .slice(0, 8)
          .map(({ text }) => text)
          .join(" ")}`,
    ]
      .filter(Boolean)
      .join("\n"),
  checks: [tones],
  compose(call) {
    const { input, material } = call;
    const topic = oneSpace(input.topic || material.title || keywordOf(call) || "");
    const points = pointsOf(input.points ?? "", material.notes);
    if (!topic) {
      call.miss("A topic: what the post is about, in up to 200 characters.");
      return [];
    }
    if (!points.length && !material.topics.length)
      call.miss(
        "Main points, or competing pages: without them the headings are those that any post could have.",
      );
    const order = call.chance.shuffled(SHAPES);
    let at = 0;
    return variants(call, () => compose(call, topic, points, order[at++ % order.length]!));
  },
});

/** A point of the person, or a topic of the competing pages, as it becomes a heading. */
interface Point {
  fragment: Fragment;
  from: Passage;
}

/** Points are lines; in one line commas or semicolons part them. */
export function pointsOf(points: string, notes: readonly Passage[]): Point[] {
  const lines = points.split(/\r?\n|;/).filter((line) => line.trim());
  const parts = lines.length > 1 ? lines : points.split(/,(?!\d)\s*|\.\s+/);
  return [
    ...parts
      .filter((text) => /\p{L}/u.test(text))
      .flatMap((text) => noteLines(text.replace(/^\s*(?:and|or)\s+/i, ""), "note", "main points")),
    ...notes,
  ].map((from) => ({ fragment: readFragment(from.text), from }));
}

type Shape = "plain" | "questions" | "reader";
const SHAPES: readonly Shape[] = ["plain", "questions", "reader"];

function compose(
  call: Call<Record<string, unknown>>,
  topic: string,
  points: readonly Point[],
  shape: Shape,
): Part[] {
  const { input, material, chance } = call;
  const name = isName(material);
  const keyword = keywordOf(call) || topic;
  const about = readSubject(keyword.split(/\s+/).length <= 6 ? keyword : topic, [material.whole]);
  const subjectOrigin = keywordOf(call)
    ? keywordOrigin(keyword)
    : { kind: "note" as const, ref: "topic", quote: topic };
  const { same } = alikeBeside(keyword, material.pack);
  const headings: { text: string; from: Part["from"] | Passage[]; note: string; deep?: boolean }[] = [];
  const add = (text: string, from: (Passage | typeof subjectOrigin)[], note: string) => {
    const there = headings.some(
      (one) => one.text.toLowerCase() === text.toLowerCase() || same(one.text, text),
    );
    if (!there) headings.push({ text, from: from as Passage[], note });
  };
  for (const { fragment, from } of points) {
    const heading = headingOf(fragment, shape, name);
    add(heading, [from], noteFor(fragment, call, name));
  }
  for (const topicOf of chance
    .shuffled(material.topics.slice(0, MOST_TOPICS + 3))
    .slice(0, Math.max(0, MOST_TOPICS - headings.length))) {
    const passage: Passage = {
      kind: "competitor-fact",
      ref: `${topicOf.pages} of ${topicOf.of} competing pages`,
      text: topicOf.label,
      quote: topicOf.label,
    };
    if (material.copies.first(topicOf.label)) continue;
    add(
      headingOf(readFragment(topicOf.label), shape, name),
      [passage],
      PLAN_NOTES.topic[topicOf.pages * 2 > topicOf.of ? 0 : 1],
    );
  }
  const usual = chance.shuffled(usualSections(about));
  for (const [text, note] of usual) {
    if (headings.length >= LEAST_SECTIONS) break;
    add(text, [subjectOrigin], note);
  }
  const audience = String(input.audience || material.audience || "").trim();
  const questions = chance
    .shuffled(material.questions.slice(0, 8))
    .filter(({ text }) => !headings.some((one) => same(one.text, text)))
    .slice(0, MOST_QUESTIONS);
  const parts: Part[] = [];
  if (input.hook !== false && (input.hook || shape === "reader")) {
    const question = questions[0];
    parts.push(part("heading2", chance.pick(["Opening", "Introduction"])!, [subjectOrigin, OWN_WORDS]));
    parts.push(
      part(
        "note",
        filledNote(PLAN_NOTES.opening[question ? 0 : 1], {
          it: question?.text ?? "",
          ...(audience && { readers: inside(audience, name) }),
        }),
        question ? [question] : [subjectOrigin, OWN_WORDS],
      ),
    );
  }
  for (const { text, from, note } of headings) {
    parts.push(part("heading2", text, from as Passage[]));
    parts.push(part("note", note, [...(from as Passage[]), OWN_WORDS]));
  }
  if (input.conclusion !== false && (input.conclusion || shape !== "questions")) {
    parts.push(part("heading2", chance.pick(["In short", "What to do next"])!, [subjectOrigin, OWN_WORDS]));
    const first = headings.slice(0, 3);
    parts.push(
      part(
        "note",
        filledNote(PLAN_NOTES.closing[0], { it: listed(first.map(({ text }) => `“${text}”`)) }),
        first.flatMap(({ from }) => from as Passage[]),
      ),
    );
  }
  for (const question of questions) parts.push(part("question", question.text, [question]));
  return parts;
}

function headingOf(fragment: Fragment, shape: Shape, name: (word: string) => boolean): string {
  const { kind, text } = fragment;
  const plain = capitalised(text.replace(/[.\s]+$/u, ""));
  if (kind === "question") return plain.endsWith("?") ? plain : `${plain}?`;
  if (kind === "sentence" || kind === "clause" || kind === "other") return plain;
  if (shape === "questions") {
    if (kind === "order") return `How do you ${inside(text, name)}?`;
    if (kind === "doing") return `What does ${inside(text, name)} take?`;
    return `What about ${asObject(fragment, name)}?`;
  }
  if (shape === "reader") {
    if (kind === "order") return `How to ${inside(text, name)}`;
    if (kind === "thing") return `What to know about ${asObject(fragment, name)}`;
  }
  return plain;
}

function noteFor(
  fragment: Fragment,
  { material, input, chance }: Call<Record<string, unknown>>,
  name: (word: string) => boolean,
): string {
  const audience = String(input.audience || material.audience || "").trim();
  const readers = audience && audience.length < 60 ? inside(audience, name) : "readers";
  const object =
    fragment.kind === "thing" || fragment.kind === "doing" || fragment.kind === "clause"
      ? asObject(fragment, name)
      : "";
  const kind =
    fragment.kind === "doing" || fragment.kind === "clause" || fragment.kind === "thing"
      ? fragment.kind
      : "other";
  return filledNote(chance.pick<string>(PLAN_NOTES[kind])!, { it: object, readers });
}

/** Sections that a post on anything may have. */
function usualSections(about: ReturnType<typeof readSubject>): [string, string][] {
  const { inSentence: P, verb, kind } = about;
  if (verb)
    return [
      [`What you need to ${verb}`, PLAN_NOTES.needs[0]],
      [`How to ${verb}, step by step`, PLAN_NOTES.steps[0]],
      ["What can go wrong", PLAN_NOTES.troubles[0]],
      ["How to tell that it worked", PLAN_NOTES.signs[0]],
    ];
  if (kind !== "thing")
    return [
      ["The short answer", PLAN_NOTES.answer[0]],
      ["What speaks for it", PLAN_NOTES.reasons[0]],
      ["What speaks against it", PLAN_NOTES.against[0]],
      ["How to decide", PLAN_NOTES.deciding[0]],
    ];
  return [
    [`What ${P} ${isOrAre(about)} good for`, PLAN_NOTES.cases[0]],
    [`What ${P} ${verbFor(about, "cost", "costs")}`, PLAN_NOTES.cost[0]],
    [`How to begin with ${P}`, PLAN_NOTES.beginning[0]],
    [`Mistakes to avoid with ${P}`, PLAN_NOTES.mistakes[0]],
    [`Questions to ask about ${P}`, PLAN_NOTES.asking[0]],
  ];
}
