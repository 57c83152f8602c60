import { isPublic } from "../../core/site/status";
import type { Post, Stage } from "../../data/model";
import { STAGE_IDS } from "../../data/stages";

/**
 * Where a person works on a draft is the stage that it is in; looking around moves nothing.
 *
 * @param path of the page's address
 * @returns null where the post is in that stage already, or is no draft any more
 */
export function stageOfWork(post: Post, path = window.location.pathname): Stage | null {
  const [, place, , name] = path.split("/");
  const stage = place === "post" ? STAGE_IDS.find((one) => one === name) : undefined;
  return stage && stage !== post.stage && !isPublic(post.status) ? stage : null;
}
