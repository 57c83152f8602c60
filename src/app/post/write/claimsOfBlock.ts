import type { Block } from "../../../core/draft/draft";
import { type Claim, claimKey, claimsIn } from "../../../core/marking/claims";
import type { LanguagePack } from "../../../core/text/packs/pack";
import { remembered } from "./remembered";

/** Claims of a block, wherever it stands: their place among the blocks is for the caller to say. */
export const claimsOfBlock = (block: Block, pack: LanguagePack): Claim[] =>
  remembered(block, `claims ${pack.code}`, () => claimsIn(block, 0, pack));

/** Those that have no source and were not accepted. */
export const openClaimsIn = (block: Block, pack: LanguagePack, accepted: readonly string[]): Claim[] =>
  claimsOfBlock(block, pack).filter((claim) => !claim.source && !accepted.includes(claimKey(claim)));
