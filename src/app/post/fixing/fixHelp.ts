import type { FixHelp } from "../../../core/proof/fixes/fixRule";
import type { RootState } from "../../store/reducer";
import { currentTargets } from "../write/links/useLinkTargets";

/** What fixes of the open post know of the site. */
export const fixHelp = (state: RootState): FixHelp => ({
  targets: currentTargets(state).filter(({ kind }) => kind === "post"),
});
