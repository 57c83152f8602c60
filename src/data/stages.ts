/** The five stages of a post, in order. A new one is a line here and one in src/app/post/stageParts.ts. */
const registered = [
  { id: "find", name: "Find", says: "Choose the keyword" },
  { id: "plan", name: "Plan", says: "See what ranks, and outline the post" },
  { id: "write", name: "Write", says: "Turn the outline into text" },
  { id: "proof", name: "Proof", says: "See what the text still lacks" },
  { id: "release", name: "Release", says: "Fill in the page's fields, and export" },
] as const;

export type Stage = (typeof registered)[number]["id"];

export const STAGES: readonly {
  id: Stage;
  name: string /** What it is for, in a few words. */;
  says: string;
}[] = registered;

export const STAGE_IDS: readonly Stage[] = STAGES.map(({ id }) => id);
export const stageName = (stage: Stage): string => STAGES.find(({ id }) => id === stage)?.name ?? stage;
