import { categoryNamed } from "../../core/site/categories";
import { newCategory } from "../../core/site/makeCategories";
import { changeSite } from "../store/changeSite";
import type { AppThunk } from "../store/thunk";

/** @returns ids of the category of this name, which the site gets where it has none; none for an empty name */
export const categoriesNamed =
  (name: string): AppThunk<Promise<string[]>> =>
  async (dispatch, getState) => {
    if (!name.trim()) return [];
    const { categories } = getState().session.site;
    const there = categoryNamed(categories, name.trim());
    if (there) return [there.id];
    const added = newCategory(categories, name.trim());
    return (await dispatch(changeSite({ categories: [...categories, added] }))) ? [added.id] : [];
  };
