/** What the evaluation asks of the apprentice: every task on every subject. */
import { readFileSync } from "node:fs";
import type { TaskInput } from "../../src/core/apprentice/suggest";

export interface SubjectMaterial {
  name: string;
  keyword: string;
  supporting: string[];
  title: string;
  audience: string;
  goal: string;
  notes: string[];
  points: string;
  outline: string[];
  note: string;
  question: string;
  description: string;
  transcript: string;
  before: string;
  passage: string;
  caption: string;
  fileName: string;
  titles: string[];
  questions: string[];
  posts: { title: string; text: string }[];
  pages: { site: string; address: string; title: string; text: string }[];
}

export const readSubjects = (): SubjectMaterial[] =>
  JSON.parse(readFileSync(new URL("./subjects.json", import.meta.url), "utf8")) as SubjectMaterial[];

export interface Request {
  task: string;
  input: TaskInput;
}

const REWORKS = ["shorter", "longer", "plainer", "casual", "formal", "active"];
const LISTS = ["subjects", "questions", "outline", "takeaways"];

export function requestsFor(s: SubjectMaterial): Request[] {
  const [post] = s.posts;
  const { pages, posts, questions, transcript, description, notes, supporting, audience, goal } = s;
  const outline = s.outline.map((text) => ({ text }));
  const material = {
    pages,
    posts,
    questions,
    transcript,
    description,
    notes,
    supporting,
    audience,
    goal,
    keyword: s.keyword,
    title: s.title,
    outline,
  };
  const request = (task: string, input: object): Request => ({ task, input: input as TaskInput });
  return [
    request("ideas-from-titles", { titles: s.titles, count: 5 }),
    request("ideas-from-titles", { titles: s.titles, count: 4, wanted: `something for ${audience}` }),
    request("ideas-from-description", { description, count: 5 }),
    request("titles", { keyword: s.keyword, terms: supporting }),
    request("titles", { material }),
    request("outline", {
      topic: s.title,
      points: s.points,
      audience,
      keywords: [s.keyword],
      hook: true,
      conclusion: true,
    }),
    request("outline", { topic: s.title, material: { pages, keyword: s.keyword } }),
    request("missing-subjects", { outline, keyword: s.keyword }),
    request("missing-subjects", { outline, material: { pages, questions, keyword: s.keyword } }),
    request("opening", { title: s.title, outline, keyword: s.keyword, audience }),
    request("opening", { material }),
    request("meta", { about: description, keywords: [s.keyword, supporting[0]] }),
    request("meta", { about: s.title, keywords: [s.keyword] }),
    request("section", { heading: s.outline[0], note: s.note }),
    request("section", { heading: s.outline[1], note: s.note, examples: true, material }),
    request("section", { heading: s.outline[2], material }),
    request("continue", { before: s.before, notes: notes.join("\n") }),
    request("continue", { before: s.before, sentences: 4 }),
    ...LISTS.map((kind) => request("list-above", { before: post!.text, kind, entries: 4 })),
    request("answer", { question: s.question, material }),
    request("answer", { question: questions[0], note: s.note }),
    request("excerpt", { post }),
    request("alt-text", { caption: s.caption, fileName: s.fileName, around: s.before }),
    ...REWORKS.map((how) => request("rework", { text: s.passage, how, material })),
    request("thread", { post, parts: 5, length: 200 }),
    request("short-posts", { post, count: 3 }),
    request("newsletter", { post }),
  ];
}
