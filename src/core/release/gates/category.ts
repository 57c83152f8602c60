import { defineGate } from "./gate";

export const category = defineGate({
  id: "category",
  name: "Primary category",
  place: { stage: "release", field: "category" },
  level: "warn",
  judge: ({ meta }) => ({
    passed: meta.category !== "",
    says: meta.category ? `“${meta.category}”` : "The post is in no category: readers do not come by it.",
  }),
});
