import { defineGate } from "./gate";

export const listPage = defineGate({
  id: "list-page",
  name: "On a list page",
  place: { stage: "release", field: "category" },
  judge: (_draft, { listedOn }) => ({
    passed: listedOn.length > 0,
    says: listedOn.length
      ? listedOn.join(", ")
      : "The blog's list page shows other categories only, and the post is in none of them: nobody comes by it.",
  }),
});
