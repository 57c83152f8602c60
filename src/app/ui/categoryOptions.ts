/** Categories to choose from, those under others further in. */
import { categoryTree } from "../../core/site/categories";
import type { Category } from "../../core/site/shapes";

/** Blanks that no list makes single. */
const INDENT = "\u2003";

export const categoryOptions = (categories: readonly Category[]): { value: string; label: string }[] =>
  categoryTree(categories).map(({ category: { id, name }, depth }) => ({
    value: id,
    label: INDENT.repeat(depth) + name,
  }));
