import type { MendHelp } from "../../../core/proof/mends/mend";
import type { RootState } from "../../store/reducer";
import { currentTargets } from "../write/links/useLinkTargets";

/** What mends of the open post know of the site. */
export const mendHelp = (state: RootState): MendHelp => ({
  targets: currentTargets(state).filter(({ kind }) => kind === "post"),
});
