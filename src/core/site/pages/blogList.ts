import { startOf } from "../parts/frame";
import { listingPlans } from "../parts/listing";
import { defineFiles } from "../plan";

/** The blog's own list of posts. */
export const blogList = defineFiles({
  id: "blog-list",
  plan(context) {
    const { site, listed, words } = context;
    const start = startOf(context);
    return listingPlans(context, {
      path: listed.path,
      title: site.blogName || site.name || words.latest,
      description: site.blogName && site.name ? `${site.blogName} – ${site.name}` : "",
      trail: start.path === listed.path ? [] : [start],
      intro: [],
      posts: listed.posts,
      kind: "website",
      data: [],
      from: [],
    });
  },
});
