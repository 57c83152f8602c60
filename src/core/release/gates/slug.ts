import { defineGate } from "./gate";

export const slug = defineGate({
  id: "slug",
  name: "Unique slug",
  place: { stage: "write", field: "slug" },
  judge({ meta }, { sameSlug }) {
    if (!meta.slug) return { passed: false, says: "There is no slug: the post has no address." };
    if (sameSlug.length) return { passed: false, says: `“${sameSlug[0]}” has the same slug.` };
    return { passed: true, says: `/${meta.slug}` };
  },
});
