import { defineGate } from "./gate";

export const approved = defineGate({
  id: "approved",
  name: "Approved",
  place: { stage: "release" },
  level: "off",
  judge: (_draft, { approved: own }) => {
    if (own === null) return null;
    return {
      passed: own,
      says: own ? "Approved, and unchanged since." : "Nobody has approved exactly this: ask for a review.",
    };
  },
});
