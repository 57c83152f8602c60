import { blogTrail } from "../parts/frame";
import { listingPlans } from "../parts/listing";
import { defineFiles } from "../plan";

/** A page a tag. */
export const tags = defineFiles({
  id: "tags",
  plan: (context) =>
    context.tags.flatMap(({ tag, path, posts }) =>
      listingPlans(context, {
        path,
        title: context.words.tagged(tag),
        description: "",
        trail: blogTrail(context),
        intro: [],
        posts,
        kind: "website",
        data: [],
        from: [tag],
      }),
    ),
});
