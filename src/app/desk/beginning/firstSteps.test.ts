import { expect, it } from "vitest";
import type { Post } from "../../../data/model";
import { newPost } from "../../../data/newPost";
import { emptySite } from "../../../data/settings";
import { firstSteps } from "./firstSteps";

const post = (id: string, fields: Partial<Post> = {}) => newPost(id, emptySite, "2026-11-28", fields);
const aimed = post("a", { keyword: "rye bread" });

it.each([
  ["nothing yet", [], false, {}, [false, false, false]],
  ["keywords", [], true, {}, [true, false, false]],
  ["a post without a target", [post("p")], true, {}, [true, false, false]],
  ["a target of one's own", [aimed], false, {}, [true, true, false]],
  ["a few words", [aimed], true, { a: { words: 99 } }, [true, true, false]],
])("with %s", (_what, posts, keywords, scores, expected) => {
  expect(firstSteps(posts, keywords, scores).map(({ done }) => done)).toEqual(expected);
});

it("are gone once a text is written in earnest", () => {
  expect(firstSteps([aimed], true, { a: { words: 100 } })).toEqual([]);
});

it("go on with the post that is there", () => {
  const [, target, write] = firstSteps([post("p"), aimed], true, {});
  expect([target!.post?.id, write!.post?.id]).toEqual(["p", "a"]);
});
