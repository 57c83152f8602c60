/** Making categories: by name, or from lines that say a whole tree. */
import { categoryTree } from "./categories";
import type { Category } from "./shapes";
import { plainSlug, uniqueName } from "./slugs";

/** A category of this name, with an id and a slug that no other has. */
export function newCategory(
  categories: readonly Category[],
  name: string,
  parent: string | null = null,
): Category {
  const slug = plainSlug(name) || "category";
  return {
    id: uniqueName(slug.slice(0, 80), new Set(categories.map(({ id }) => id))),
    name,
    slug: uniqueName(slug, new Set(categories.map((one) => one.slug))),
    description: "",
    parent,
  };
}

const INDENT = 2;

/** One category a line, those under another two blanks further in. */
export const categoryLines = (categories: readonly Category[]): string =>
  categoryTree(categories)
    .map(({ category, depth }) => " ".repeat(INDENT * depth) + category.name)
    .join("\n");

/**
 * Categories as lines say them; what is known of a category of the same name and parent stays.
 *
 * @param lines further in than the line above: under it
 */
export function categoriesOfLines(lines: string, before: readonly Category[]): Category[] {
  const categories: Category[] = [];
  const open: { indent: number; category: Category }[] = [];
  for (const line of lines.replaceAll("\t", " ".repeat(INDENT)).split("\n")) {
    const name = line.trim();
    if (!name) continue;
    const indent = line.length - line.trimStart().length;
    while (open.length && open.at(-1)!.indent >= indent) open.pop();
    const parent = open.at(-1)?.category.id ?? null;
    if (categories.some((one) => one.name === name && one.parent === parent)) continue;
    const free = before.filter(({ id }) => !categories.some((one) => one.id === id));
    const same =
      free.find((one) => one.name === name && one.parent === parent) ?? free.find((one) => one.name === name);
    const category = same ? { ...same, parent } : newCategory([...before, ...categories], name, parent);
    categories.push(category);
    open.push({ indent, category });
  }
  return categories;
}
