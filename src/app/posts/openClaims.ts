import type { Block } from "../../core/draft/draft";
import { type BlockClaim, claimKey, claimsIn } from "../../core/marking/claims";
import type { LanguagePack } from "../../core/text/packs/pack";
import { remembered } from "./remembered";

/** Claims of a block, looked for once. */
export const claimsOfBlock = (block: Block, pack: LanguagePack): BlockClaim[] =>
  remembered(block, `claims ${pack.code}`, () => claimsIn(block, pack));

/** Those that have no source and were not accepted. */
export const openClaimsIn = (block: Block, pack: LanguagePack, accepted: readonly string[]): BlockClaim[] =>
  claimsOfBlock(block, pack).filter((claim) => !claim.source && !accepted.includes(claimKey(claim)));
