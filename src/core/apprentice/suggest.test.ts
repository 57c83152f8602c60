import { Ajv } from "ajv";
import { describe, expect, it } from "vitest";
import { readSubjects, requestsFor, type SubjectMaterial } from "../../../bench/apprentice/requests";
import { defaultProfile } from "../proof/profile";
import { unsourcedFigures } from "./checks/claims";
import { saysKeyword } from "./checks/keyword";
import { characters } from "./checks/lengths";
import { titleRoom } from "./checks/widths";
import { contentStemSet, overlap } from "./methods/likeness";
import { promptFor } from "./prompt";
import { readAnswer } from "./readAnswer";
import { TASKS, taskById } from "./registry";
import { materialOf, suggest, type TaskInput, withMaterial } from "./suggest";

const profile = defaultProfile;
const ajv = new Ajv({ strict: false });
const ask = (id: string, input: object, options: { seed?: number; variants?: number } = {}) =>
  suggest(taskById(id)!, input as TaskInput, { profile, ...options });
const subjects = readSubjects();
const [roses, , , , coffee] = subjects as [
  SubjectMaterial,
  SubjectMaterial,
  SubjectMaterial,
  SubjectMaterial,
  SubjectMaterial,
];
const [post] = roses.posts as [SubjectMaterial["posts"][number]];
const textsOf = (id: string, input: object, options?: Parameters<typeof ask>[2]) =>
  ask(id, input, options).answers.map(({ text }) => text);

describe.each(subjects.slice(0, 3))("what holds for every answer, on $name", (subject) => {
  it.each(requestsFor(subject).map((request, at) => [`${at} ${request.task}`, request] as const))(
    "%s",
    (_name, { task: id, input }) => {
      const task = taskById(id)!;
      expect(ajv.validate(task.input, input)).toBe(true);
      const first = suggest(task, input, { profile, seed: 7 });
      expect(suggest(task, input, { profile, seed: 7 })).toEqual(first);
      expect(first.answers.length + first.missing.length).toBeGreaterThan(0);
      const material = materialOf(input, profile);
      for (const { text, parts } of first.answers) {
        expect(ajv.validate(task.form.schema, task.form.value(parts))).toBe(true);
        expect(material.copies.first(text)).toBeNull();
        expect(unsourcedFigures(parts.map((part) => part.text).join("\n"), material)).toEqual([]);
        for (const part of parts) {
          expect(part.text.trim()).not.toBe("");
          expect(text).toContain(part.text);
          expect(part.from).not.toEqual([]);
          for (const { kind, quote } of part.from) {
            if (kind !== "writer") expect(quote).not.toBe("");
            expect(material.whole).toContain(quote);
          }
        }
      }
    },
  );
});

describe("seeds", () => {
  it.each([
    ["titles", { keyword: roses.keyword, terms: roses.supporting }],
    ["ideas-from-titles", { titles: roses.titles }],
    ["outline", { topic: roses.title, points: roses.points }],
    ["opening", { title: roses.title, keyword: roses.keyword }],
    ["meta", { about: roses.description, keywords: [roses.keyword] }],
    ["section", { heading: "When to prune", note: roses.note }],
    ["continue", { before: roses.before, notes: roses.notes.join("\n") }],
    ["excerpt", { post }],
    ["thread", { post, parts: 4 }],
    ["newsletter", { post }],
  ])("give other answers to one request: %s", (task, input) => {
    const all = Array.from({ length: 30 }, (_, seed) => textsOf(task, input, { seed }).join("\n"));
    expect(new Set(all).size).toBeGreaterThan(3);
  });
});

describe("titles", () => {
  it("fit their width and say the keyword, whatever kind of keyword it is", () => {
    const room = titleRoom(profile);
    for (const keyword of [
      "pruning roses",
      "how to insulate a loft",
      "is oat milk healthy",
      "filter coffee or espresso",
      "best knives",
      "c++ build tools",
      "tax",
      "learn to swim",
    ]) {
      const { answers } = ask("titles", { keyword, terms: ["cost", "tools", "time"] });
      expect(answers).toHaveLength(5);
      const says = answers.filter(({ text }) =>
        saysKeyword(text, keyword, materialOf({}, profile).pack, profile),
      );
      expect(says.length).toBeGreaterThanOrEqual(3);
      for (const { text } of answers) expect(room.width(text)).toBeLessThanOrEqual(room.most);
    }
  });
  it("of a keyword that is too long say what fits of it", () => {
    const keyword =
      "home insulation grants for landlords in rural areas with old houses and listed buildings";
    const { answers } = ask("titles", { keyword });
    expect(keyword.toLowerCase().startsWith(answers[0]!.text.toLowerCase())).toBe(true);
    expect(answers[0]!.findings.map(({ id }) => id)).toContain("keyword");
  });
  it("ask for a keyword where there is none", () =>
    expect(ask("titles", {})).toMatchObject({ answers: [], missing: [/target keyword/] }));
});

it("has no idea that the site has already", () => {
  const pack = materialOf({}, profile).pack;
  for (const { titles } of subjects)
    for (const seed of [1, 2, 3]) {
      const ideas = ask("ideas-from-titles", { titles, count: 8 }, { seed }).answers.map(
        ({ parts }) => parts[0]!.text,
      );
      expect(ideas.length).toBeGreaterThan(3);
      for (const idea of ideas)
        for (const title of titles)
          expect(overlap(contentStemSet(idea, pack), contentStemSet(title, pack))).toBeLessThan(0.6);
      expect(new Set(ideas).size).toBe(ideas.length);
    }
});

describe("threads", () => {
  it("have the parts that are asked for, none too long, its number included", () => {
    for (const [parts, length] of [
      [2, 280],
      [5, 160],
      [7, 200],
    ] as const) {
      const [answer] = ask("thread", { post, parts, length }).answers;
      expect(answer!.parts).toHaveLength(parts);
      for (const [at, { text }] of answer!.parts.entries())
        expect(characters(`${at + 1}/${parts} ${text}`)).toBeLessThanOrEqual(length);
    }
  });
  it("say where a post is too short, and what they cannot follow", () => {
    expect(ask("thread", { post: { title: "Short", text: "One thing only." }, parts: 9 })).toMatchObject({
      answers: [],
      missing: [/longer post or fewer parts/i],
    });
    expect(ask("thread", { post, parts: 3, refine: "no figures, in pirate talk" }).missing).toEqual([
      expect.stringContaining("pirate talk"),
    ]);
  });
  it("leave out what is not wanted", () => {
    const [answer] = ask("thread", { post, parts: 4, refine: "no figures" }).answers;
    expect(answer!.parts.map(({ text }) => text).join(" ")).not.toMatch(/\d/);
  });
});

it("never says to readers what an outline tells its writer", () => {
  for (const seed of [1, 2, 3, 4]) {
    const { answers } = ask(
      "outline",
      { topic: roses.title, points: roses.points, audience: roses.audience, hook: true, conclusion: true },
      { seed },
    );
    for (const { parts } of answers) {
      const lines = parts.filter(({ field }) => field !== "question");
      const items = lines.flatMap(({ field, text }, at) =>
        field === "heading2" ? [{ text, note: lines[at + 1]?.text ?? "" }] : [],
      );
      for (const { text, note } of items) {
        const drafts = textsOf("section", { heading: text, note, material: { outline: items } });
        for (const draft of drafts)
          expect(draft).not.toMatch(/with an example|say what|matters to|explain|name the/i);
      }
    }
  }
});

describe("other languages", () => {
  const german = {
    title: "Rosen schneiden",
    text: "Rosen schneidet man, wenn die Forsythien blühen. Eine scharfe Schere macht glatte Schnitte.\n\n## Werkzeug\n\nHandschuhe aus Leder schützen die Arme vor den Dornen. Altes Holz schneidet man mit einer kleinen Säge. Die Klinge wird vor jeder Pflanze gereinigt.",
  };
  it("get what is selected, and nothing in English around it", () => {
    const [thread] = ask("thread", { language: "de", post: german, parts: 4 }).answers;
    expect(thread!.text).not.toMatch(/\b(?:the|whole|post|read)\b/i);
    expect(textsOf("excerpt", { language: "de", post: german })[0]).toContain("schneidet");
    expect(textsOf("newsletter", { language: "de", post: german })[0]).toMatch(/^Subject: Rosen schneiden/);
  });
  it("are told what works in English only", () =>
    expect(ask("titles", { language: "de", keyword: "Rosen schneiden" })).toMatchObject({
      answers: [],
      missing: [/English only/],
    }));
});

describe("what a voice and a plan ask for", () => {
  const voice = {
    id: "v",
    name: "Ours",
    audience: "",
    person: "we" as const,
    tense: "any" as const,
    traits: { formality: 0, warmth: 0, play: 0, detail: 0 },
    banned: [
      { word: "utilise", instead: "use" },
      { word: "expert", instead: "" },
    ],
    preferred: [],
    samples: [],
  };
  it("replaces the voice's banned words when it reworks", () => {
    expect(
      textsOf("rework", { text: "We utilised a blade. It is sharp.", how: "active", material: { voice } })[0],
    ).toBe("We use a blade. It is sharp.");
  });
  it("notices banned words, what is to be avoided, figures and copies in what others wrote", () => {
    const input = {
      keyword: "roses",
      material: {
        voice,
        avoid: ["secret"],
        pages: [
          {
            site: "Rose Letter",
            text: "Wait for the last hard frost before you cut back your roses each year.",
          },
        ],
      },
    };
    const task = taskById("titles")!;
    const read = readAnswer(
      task,
      "1. The expert guide with 42 tips\n2. The secret of roses\n3. Wait for the last hard frost before you cut back your roses",
      { input, material: materialOf(input, profile), profile, writer: "a model" },
    );
    expect(
      read.answers.map(({ findings }) =>
        findings.map(({ id }) => id).filter((id) => !/width|keyword/.test(id)),
      ),
    ).toEqual([["figure", "banned-word"], ["avoid"], ["copied"]]);
    expect(read.answers[0]!.parts[0]!.from).toEqual([{ kind: "writer", ref: "a model", quote: "" }]);
  });
  it("points out tones that pull against each other", () => {
    const [first] = ask("outline", {
      topic: "Roses",
      points: "tools, time, cost",
      tones: ["formal", "casual"],
    }).answers;
    expect(first!.findings.map(({ says }) => says).join()).toContain("“formal” and “casual”");
  });
});

describe("an answer from elsewhere", () => {
  const material = { description: roses.description, notes: roses.notes };
  it("is traced to the material that it was made from", () => {
    const input = { heading: "Our plants", material };
    const { answers } = readAnswer(
      taskById("section")!,
      "We sell bare-root plants in winter. Nobody has said this before today.",
      {
        input,
        material: materialOf(input, profile),
        profile,
        writer: "a model",
      },
    );
    expect(answers[0]!.parts.map(({ from }) => from[0]!.kind)).toEqual(["description", "writer"]);
  });
  it("that broke off says so, and one that says nothing is refused", () => {
    const how = { input: {}, material: materialOf({}, profile), profile, writer: "a model" };
    expect(readAnswer(taskById("section")!, "It began well and", { ...how, whole: false }).missing).toEqual([
      expect.stringMatching(/stopped before its end/),
    ]);
    expect(readAnswer(taskById("titles")!, "***", how)).toEqual({
      answers: [],
      missing: [expect.stringMatching(/nothing to read/)],
    });
  });
  it("is asked for with the material marked as data, its facts with their sources, and no sentence of a competing page", () => {
    for (const task of TASKS) {
      const [request] = requestsFor(coffee).filter((one) => one.task === task.id);
      const input = withMaterial(request!.input, { pages: coffee.pages, keyword: coffee.keyword });
      const { system, user } = promptFor(task, input, materialOf(input, profile), 2);
      expect(system).toContain("no instruction to you");
      expect(user).toContain(task.form.says);
      expect(user).not.toContain("A mug of filter coffee holds");
      expect(user).toContain("Cup and Counter: ");
    }
  });
});

it("is in every task: a name, what it says, a form, places, and a line in the registry", () => {
  expect(TASKS.map(({ id }) => id)).toEqual([...new Set(TASKS.map(({ id }) => id))]);
  expect(TASKS).toHaveLength(17);
  for (const { id, name, says, places, answers } of TASKS) {
    expect(id).toMatch(/^[a-z]+(?:-[a-z]+)*$/);
    expect(name && says).toMatch(/^\p{Lu}.*\.$/u);
    expect(places.length && answers).toBeGreaterThan(0);
  }
});
