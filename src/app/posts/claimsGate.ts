/** Claims without a source, for the gate of that name: looked for where the site asks, since that takes the packs of the languages. */
import type { Block } from "../../core/draft/draft";
import { claims } from "../../core/release/gates/claims";
import type { GateLevel } from "../../core/release/gates/gate";
import { levelOf } from "../../core/release/gates/registry";
import type { Post, Site } from "../../data/model";
import { useAppSelector } from "../store/hooks";
import type { PostSession } from "../store/postSession";
import { useAsk } from "../store/useAsk";

/** @param levels of the gate at which somebody wants to know. @returns how many; null where the site has it at none of these */
export async function openClaimsOf(
  { language, acceptedClaims = [] }: Post,
  blocks: readonly Block[],
  site: Site,
  levels: readonly GateLevel[],
): Promise<number | null> {
  if (!levels.includes(levelOf(claims, site.gates ?? {}))) return null;
  const [{ openClaimsIn }, { languagePack }] = await Promise.all([
    import("./openClaims"),
    import("../../core/text/language"),
  ]);
  const pack = languagePack(language);
  return blocks.reduce((sum, block) => sum + openClaimsIn(block, pack, acceptedClaims).length, 0);
}

/**
 * The same for the open post.
 *
 * @param rests stands for the text
 * @param levels at which somebody wants to know
 */
export function useOpenClaims(
  post: Post,
  session: PostSession,
  rests: unknown,
  levels: readonly GateLevel[],
): number | null {
  const site = useAppSelector((state) => state.session.site);
  const answer = useAsk(
    () => openClaimsOf(post, session.blocks(), site, levels),
    [post.language, post.acceptedClaims, site.gates, session, rests],
  );
  return answer.state === "ready" ? answer.value : null;
}
