import type { Transaction } from "dexie";

interface Category7 {
  id: string;
  name: string;
  slug: string;
  description: string;
  parent: null;
}
type Kept = Record<string, unknown>;

const texts = (value: unknown): string[] | null =>
  Array.isArray(value) && value.every((one) => typeof one === "string") ? (value as string[]) : null;

function slugOf(name: string): string {
  const slug = name
    .normalize("NFC")
    .toLowerCase()
    .replace(/[^\p{L}\p{M}\p{N}]+/gu, "-")
    .replace(/^-|-$/g, "");
  return [...slug].slice(0, 40).join("");
}

function categoriesOf(names: readonly string[]): Category7[] {
  const categories: Category7[] = [];
  for (const name of new Set(names.map((one) => one.trim()).filter(Boolean))) {
    const slug = slugOf(name) || "category";
    let id = slug;
    for (let number = 2; categories.some((one) => one.id === id); number++) id = `${slug}-${number}`;
    categories.push({ id, name, slug: id, description: "", parent: null });
  }
  return categories;
}

const titled = (path: string): string => {
  const words = (path.split("/").filter(Boolean).at(-1) ?? "").replace(/[-_]+/g, " ").trim();
  return words.charAt(0).toUpperCase() + words.slice(1);
};

/**
 * A site and its posts of before: categories become a tree with an id each, and authors and pages of the site say more of themselves. Files
 * of before come over by the same way, so that anything may stand where something is expected.
 */
export function placesOf(site: Kept, posts: readonly Kept[]): { site: Kept; posts: Kept[] } {
  const names = texts(site.categories ?? []);
  const authors = texts(site.authors ?? []);
  const pages = texts(site.pages ?? []);
  const filed = posts.map(({ category }) => (typeof category === "string" ? category.trim() : ""));
  const categories = names && categoriesOf([...names, ...filed]);
  return {
    site: {
      addressPattern: "slug",
      timeZone: "UTC",
      listPages: { perPage: 10, layout: "standard", readMore: "", readMoreVideo: "", categories: [] },
      ...site,
      ...(categories && { categories }),
      ...(authors && {
        authors: [...new Set(authors.map((name) => name.trim()))]
          .filter(Boolean)
          .map((name) => ({ name, slug: slugOf(name), biography: "", guest: false })),
      }),
      ...(pages && {
        pages: pages
          .filter((path) => path.startsWith("/"))
          .map((path) => ({ path, title: titled(path), metaTitle: "", description: "", keyword: "" })),
      }),
    },
    posts: posts.map((post, at) => {
      if (typeof post.category !== "string") return post;
      const { category: _category, ...rest } = post;
      const id = categories?.find(({ name }) => name === filed[at])?.id;
      return { ...rest, categories: id ? [id] : [] };
    }),
  };
}

/** Brings over what version 6 held. */
export async function upgrade(change: Transaction): Promise<void> {
  const posts = (await change.table("posts").toArray()) as Kept[];
  const setting = (await change.table("settings").get("site")) as { key: string; value: Kept } | undefined;
  const places = placesOf(setting?.value ?? {}, posts);
  if (setting) await change.table("settings").put({ ...setting, value: places.site });
  await change.table("posts").bulkPut(places.posts);
}
