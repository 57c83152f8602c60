import { defineGate } from "./gate";

export const generatedText = defineGate({
  id: "to-review",
  name: "Generated text reviewed",
  place: { stage: "proof" },
  judge: (_draft, { toReview }) =>
    toReview && {
      passed: !toReview.length,
      says: toReview.length
        ? `To review in Proof: ${toReview.map((text) => `“${text}”`).join(", ")}.`
        : "All of it is reviewed.",
    },
});
