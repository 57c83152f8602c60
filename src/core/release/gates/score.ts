import { defineGate } from "./gate";

export const score = defineGate({
  id: "score",
  name: "Score",
  place: { stage: "proof" },
  level: "off",
  judge: (_draft, { score: own, leastScore }) => {
    if (own === null) return null;
    return {
      passed: own >= leastScore,
      says: `${Math.round(own)} of at least ${leastScore}`,
    };
  },
});
