/** Categories as trees. Parents that are not there, and rings of parents, count as none: no order of changes may lose a category. */
import { fold } from "../text/fold";
import type { Category } from "./shapes";

/** A category with how deep it stands, 0 at the top. */
export interface PlacedCategory {
  category: Category;
  depth: number;
}

/** @returns the category and those above it, outermost first; empty where there is none of that id */
export function categoryPath(categories: readonly Category[], id: string): Category[] {
  const byId = new Map(categories.map((category) => [category.id, category]));
  const path: Category[] = [];
  const seen = new Set<string>();
  let next: string | null = id;
  while (next !== null && !seen.has(next)) {
    seen.add(next);
    const category: Category | undefined = byId.get(next);
    if (!category) break;
    path.unshift(category);
    next = category.parent;
  }
  return path;
}

/** Every category once, each before those under it; those side by side in the order of the list. */
export function categoryTree(categories: readonly Category[]): PlacedCategory[] {
  const ids = new Set(categories.map(({ id }) => id));
  const isTop = ({ id, parent }: Category) => parent === null || !ids.has(parent) || isInRing(categories, id);
  const placed: PlacedCategory[] = [];
  const place = (category: Category, depth: number) => {
    placed.push({ category, depth });
    for (const one of categories) if (one.parent === category.id && !isTop(one)) place(one, depth + 1);
  };
  for (const category of categories) if (isTop(category)) place(category, 0);
  return placed;
}

/** Does going up from it lead back to it? */
function isInRing(categories: readonly Category[], id: string): boolean {
  const byId = new Map(categories.map((category) => [category.id, category]));
  const seen = new Set<string>();
  let parent = byId.get(id)?.parent ?? null;
  while (parent !== null && !seen.has(parent)) {
    if (parent === id) return true;
    seen.add(parent);
    parent = byId.get(parent)?.parent ?? null;
  }
  return false;
}

/** @returns ids of the category and of all that stand under it */
export function withSubcategories(categories: readonly Category[], id: string): Set<string> {
  return new Set(
    categories
      .filter((one) => categoryPath(categories, one.id).some((above) => above.id === id))
      .map((one) => one.id),
  );
}

export const categoryName = (categories: readonly Category[], id: string | undefined): string =>
  categories.find((category) => category.id === id)?.name ?? "";

/** The category of a name, whatever its case; the first where there are several. */
export const categoryNamed = (categories: readonly Category[], name: string): Category | undefined =>
  categories.find((category) => fold(category.name) === fold(name));
