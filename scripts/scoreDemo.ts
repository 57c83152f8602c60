/** Writes the scores of the demo beside it: node --import tsx scripts/scoreDemo.ts FOLDER, where FOLDER is what was built. */
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { chosenQuestions } from "../src/core/outline/chosenQuestions";
import { defaultProfile } from "../src/core/proof/profile";
import { proof } from "../src/core/proof/proof";
import { draftOf, proofContext } from "../src/data/draft";
import type { PostScore } from "../src/data/model";
import { scoreBasis } from "../src/data/scoreBasis";
import { summarise } from "../src/data/summarise";
import { readWorkspace } from "../src/data/workspace/read";
import { scoringRules } from "./scoringRules";

const folder = join(process.argv[2]!, "demo");
const zip = readFileSync(join(folder, "brackenford.dunesparrow.zip"));
const { file } = await readWorkspace(new Blob([new Uint8Array(zip)]));
const { site, posts } = file;
const profile = file.profile ?? defaultProfile;
const terms = { site, profile, titles: posts, rules: scoringRules() };
const docs = new Map(file.bodies.map(({ postId, doc }) => [postId, doc]));
const outlines = new Map(file.outlines.map(({ postId, items }) => [postId, items]));
const scores = posts.map((post): PostScore => {
  const plan = {
    competitors: file.fields?.find(({ postId }) => postId === post.id)?.measure ?? null,
    questions: chosenQuestions(outlines.get(post.id) ?? []),
  };
  const draft = draftOf(post, site, docs.get(post.id)!);
  const report = proof(draft, proofContext(post, posts, site, plan), profile);
  return { ...summarise(post.id, report), scoredAt: scoreBasis(post, terms) };
});
writeFileSync(join(folder, "scores.json"), JSON.stringify(scores));
