/** What the demo's drawer holds, its voice, and what the firm says of itself. */
import { readdirSync, readFileSync } from "node:fs";
import { taskById } from "../src/core/apprentice/registry";
import { suggest, type TaskInput, withMaterial } from "../src/core/apprentice/suggest";
import { blocksFromEditor } from "../src/core/draft/fromEditor";
import { defaultProfile } from "../src/core/proof/profile";
import type { Voice } from "../src/core/voice/shapes";
import { materialSource, type WorkspacePieces } from "../src/data/apprenticeMaterial";
import type { Site, SuggestionEntry } from "../src/data/model";

export const about =
  "Brackenford Cargo Cycles is a workshop by the river that sells, hires and mends cargo bikes for families and small tradespeople. Every bike is test ridden with its load before it leaves the yard. Hire bikes go out by the hour, the week or the school term, and what a family pays for a month of hire comes off the price when it buys.";

const paragraphsOf = (file: string): string =>
  readFileSync(new URL(`./posts/${file}`, import.meta.url), "utf8")
    .replace(/^---\n[\s\S]*?\n---\n/, "")
    .split(/\n\s*\n/)
    .filter((text) => /^\p{Lu}/u.test(text))
    .slice(0, 5)
    .join("\n\n");

export const voice: Voice = {
  id: "the-long-haul",
  name: "The Long Haul",
  audience: "people who ride anyway, and wonder about a bike that carries",
  person: "we",
  tense: "present",
  traits: { formality: -1, warmth: 1, play: 0, detail: 0 },
  banned: [
    { word: "eco-friendly", instead: "" },
    { word: "game changer", instead: "" },
    { word: "kids", instead: "children" },
    { word: "purchase", instead: "buy" },
  ],
  preferred: ["children", "workshop", "load", "yard"],
  samples: ["cargo-bike-maintenance.md", "winter-cycling-with-children.md", "cargo-bike-running-costs.md"]
    .filter((file) => readdirSync(new URL("./posts/", import.meta.url)).includes(file))
    .map(paragraphsOf),
};

const SLIPS: readonly { task: string; at: string; input?: TaskInput; ofPost: boolean; taken?: string }[] = [
  { task: "titles", at: "2026-11-12T08:40:00.000Z", ofPost: true },
  { task: "missing-subjects", at: "2026-11-17T09:05:00.000Z", ofPost: true },
  { task: "ideas-from-titles", at: "2026-11-18T15:20:00.000Z", ofPost: false, input: { count: 4 } },
  {
    task: "thread",
    at: "2026-11-19T10:02:00.000Z",
    ofPost: true,
    input: { parts: 5 } as TaskInput,
    taken: "the clipboard",
  },
];

/** Suggestions of the last days, as the writer that ships with the application makes them. */
export function demoSlips(site: Site, pieces: Omit<WorkspacePieces, "site" | "blocks">): SuggestionEntry[] {
  return SLIPS.map(({ task, at, input = {}, ofPost, taken = "" }, number) => {
    const doc = ofPost && pieces.post ? pieces.docOf(pieces.post.id) : null;
    const none = { post: null, outline: null, competitors: null, collected: null };
    const material = materialSource({
      ...pieces,
      ...(!ofPost && none),
      site,
      blocks: doc && blocksFromEditor(doc),
    });
    const { answers, missing } = suggest(taskById(task)!, withMaterial(input, material), {
      profile: defaultProfile,
      seed: number + 2,
    });
    return {
      id: `slip-${number + 1}`,
      kind: "suggestion",
      postId: ofPost ? (pieces.post?.id ?? "") : "",
      createdAt: at,
      task,
      source: "stand-in",
      request: input,
      seed: number + 2,
      state: "whole",
      arrived: "",
      answers,
      missing,
      taken,
    };
  });
}
