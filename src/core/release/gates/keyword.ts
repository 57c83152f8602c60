import { defineGate } from "./gate";

export const keyword = defineGate({
  id: "keyword",
  name: "Target keyword",
  place: { stage: "find" },
  judge: ({ meta }) => ({
    passed: meta.keyword !== "",
    says: meta.keyword ? `“${meta.keyword}”` : "No target keyword is chosen: choose one in Find.",
  }),
});
