import * as is from "../../declare";
import { repeatsPost } from "../checks/repeats";
import { ideasFrom } from "../composing/ideas";
import { ideaForm } from "../forms/idea";
import { sentencesOf } from "../material/material";
import { defineTask, said } from "../task";

const MOST = 20;

export const ideasFromDescription = defineTask({
  id: "ideas-from-description",
  name: "Ideas from a product",
  says: "Post ideas from a description of the product or the firm.",
  fields: {
    description: is.optional(
      said(
        is.text(20_000),
        "What the product is",
        "A description of a few lines; that of the material where absent",
      ),
    ),
    titles: is.optional(said(is.list(is.text(500), 2000), "Titles already published")),
    count: is.optional(said(is.whole({ minimum: 1, maximum: MOST }), "How many")),
    wanted: is.optional(said(is.text(1000), "What is wanted", "What is wanted, in a few words")),
  },
  form: ideaForm,
  places: ["ideas"],
  languages: "English",
  answers: 5,
  ask: ({ description, count = 5, wanted: wish, titles }, { product }) =>
    [
      `Give ${count} ideas for blog posts that draw readers to this product, each with a title and one sentence.`,
      wish && `Wanted: ${wish}.`,
      `The product: ${description ?? product.map(({ text }) => text).join(" ")}`,
      titles?.length && `Published already:\n${titles.map((title) => `- ${title}`).join("\n")}`,
    ]
      .filter(Boolean)
      .join("\n"),
  checks: [repeatsPost],
  compose(call) {
    const { input, material } = call;
    const from = input.description?.trim()
      ? sentencesOf(input.description, "description", "description", material.pack)
      : material.product;
    if (!from.length) {
      call.miss("A description of the product: two or three lines on what it is and whom it is for.");
      return [];
    }
    const titles = [...(input.titles ?? []), ...material.posts.map(({ title }) => title)];
    const ideas = ideasFrom(from, input.wanted ?? "", titles, call);
    if (ideas.length < call.many)
      call.miss("A longer description: this one names too few things for so many ideas.");
    return ideas;
  },
});
