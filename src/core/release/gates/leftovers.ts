import { defineGate } from "./gate";

export const leftovers = defineGate({
  id: "leftovers",
  name: "Nothing left from the post it was copied from",
  place: { stage: "write" },
  judge(_draft, { leftovers: left }) {
    if (!left) return null;
    const { title, names } = left;
    return {
      passed: !names.length,
      says: names.length
        ? `${names.length} ${names.length === 1 ? "thing is" : "things are"} the same as in “${title}”: ${[...new Set(names)].join(", ").toLowerCase()}.`
        : `Everything is new, or was accepted, since “${title}”.`,
    };
  },
});
