import type { Post, Site } from "./model";

/** A new post with nothing in it. */
export function newPost(id: string, site: Site, now: string, fields: Partial<Post> = {}): Post {
  return {
    id,
    stage: "find",
    title: "",
    metaTitle: "",
    description: "",
    slug: "",
    canonical: "",
    language: site.language,
    keyword: "",
    supporting: [],
    tags: [],
    categories: [],
    author: site.authors[0]?.name ?? "",
    date: "",
    due: "",
    status: "draft",
    setAside: {},
    createdAt: now,
    updatedAt: now,
    ...fields,
  };
}
