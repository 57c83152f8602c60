import * as is from "../../declare";
import { repeatsPost } from "../checks/repeats";
import { ideasFrom, titlePassage } from "../composing/ideas";
import { ideaForm } from "../forms/idea";
import { defineTask, said } from "../task";

const MOST = 20;

export const ideasFromTitles = defineTask({
  id: "ideas-from-titles",
  name: "Ideas from our titles",
  says: "Post ideas from the titles that are published already; none repeats one of them.",
  fields: {
    titles: is.optional(
      said(
        is.list(is.text(500), 2000),
        "Titles already published",
        "Titles already published; those of the site's posts where absent",
      ),
    ),
    count: is.optional(said(is.whole({ minimum: 1, maximum: MOST }), "How many")),
    wanted: is.optional(said(is.text(1000), "What is wanted", "What is wanted, in a few words")),
  },
  form: ideaForm,
  places: ["ideas"],
  languages: "English",
  answers: 5,
  ask: ({ titles, count = 5, wanted: wish }, { posts }) =>
    [
      `Give ${count} ideas for new blog posts of this site, each with a title and one sentence. None may repeat what is published already.`,
      wish && `Wanted: ${wish}.`,
      `Published:\n${(titles ?? posts.map(({ title }) => title)).map((title) => `- ${title}`).join("\n")}`,
    ]
      .filter(Boolean)
      .join("\n"),
  checks: [repeatsPost],
  compose(call) {
    const { input, material } = call;
    const all = [
      ...new Set(
        [...(input.titles ?? []), ...material.posts.map(({ title }) => title)]
          .map((title) => title.trim())
          .filter(Boolean),
      ),
    ];
    if (!all.length) {
      call.miss("Titles of posts that are published: ideas are drawn from them.");
      return [];
    }
    const from = (input.titles?.some((title) => title.trim()) ? input.titles : all).map((title) =>
      titlePassage(title.trim()),
    );
    const ideas = ideasFrom(from, input.wanted ?? "", all, call);
    if (ideas.length < call.many)
      call.miss("More titles, or titles that name their subjects: these gave no more ideas.");
    return ideas;
  },
});
