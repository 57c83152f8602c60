import { h } from "hastscript";
import type { CategoryShelf, SiteContext } from "../context";
import { hrefOf } from "../links";
import { blogTrail, type Crumb } from "../parts/frame";
import { text } from "../parts/html";
import { listingPlans } from "../parts/listing";
import { imageProperties } from "../parts/pictureFiles";
import { defineFiles } from "../plan";
import { canShow } from "../site";

/** A page a category that has posts, with those under it. */
export const categories = defineFiles({
  id: "categories",
  plan: (context) =>
    context.categories.flatMap((shelf) => {
      const { category, path, posts } = shelf;
      const below = shelvesOf(context, shelf.below);
      const picture = pictureOf(context, category.picture ?? "");
      return listingPlans(context, {
        path,
        title: category.name,
        description: category.description,
        trail: [
          ...blogTrail(context),
          ...shelvesOf(context, shelf.above).map(
            (one): Crumb => ({ name: one.category.name, path: one.path }),
          ),
        ],
        ...(picture && { picture: picture.src }),
        intro: [
          picture ? h("figure", { className: ["lead"] }, [h("img", { ...picture.properties })]) : null,
          category.description ? h("p", {}, [text(category.description)]) : null,
          below.length
            ? h(
                "ul",
                { className: ["below"] },
                below.map((one) =>
                  h("li", {}, [h("a", { href: hrefOf(context, one.path) }, [text(one.category.name)])]),
                ),
              )
            : null,
        ],
        posts,
        kind: "website",
        data: [],
        from: [category.name, category.description, category.picture],
        files: picture?.files ?? [],
      });
    }),
});

/** Beside the category's name, which says what it shows. */
function pictureOf(context: SiteContext, src: string) {
  if (!src || !canShow(context, src)) return null;
  return { src, ...imageProperties(context, { src, alt: "" }, "(min-width: 46rem) 42rem, 100vw", "eager") };
}

const shelvesOf = ({ categories: all }: SiteContext, some: readonly { id: string }[]): CategoryShelf[] =>
  some.flatMap(({ id }) => all.filter(({ category }) => category.id === id));
