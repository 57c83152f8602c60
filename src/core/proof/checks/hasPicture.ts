import { defineCheck, judged } from "../check";
import { plural } from "../evidence";

export const hasPicture = defineCheck({
  id: "has-picture",
  weight: 2,
  group: "pictures",
  name: "A picture",
  effort: "minutes",
  place: "pictures",
  says: "The post has a picture or more: something to see, and something to share.",
  reads: ["pictures"],
  judge: ({ pictures }) =>
    pictures.length
      ? judged(1, `${plural(pictures.length, "picture")}.`)
      : judged(0, "There is no picture yet."),
});
