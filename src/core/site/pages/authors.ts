import { h } from "hastscript";
import { blogTrail } from "../parts/frame";
import { text } from "../parts/html";
import { person } from "../parts/jsonLd";
import { listingPlans } from "../parts/listing";
import { defineFiles } from "../plan";

/** A page an author who has posts. */
export const authors = defineFiles({
  id: "authors",
  plan: (context) =>
    context.authors.flatMap(({ author, path, posts }) =>
      listingPlans(context, {
        path,
        title: author.name,
        description: author.biography,
        trail: blogTrail(context),
        intro: [
          author.guest ? h("p", { className: ["byline"] }, [text(context.words.guest)]) : null,
          author.biography ? h("p", {}, [text(author.biography)]) : null,
        ],
        posts,
        kind: "profile",
        data: [person(context, author, path)],
        from: [author.name, author.biography, author.guest],
      }),
    ),
});
