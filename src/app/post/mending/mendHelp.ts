import type { MendHelp } from "../../../core/proof/mends/mend";
import { currentTargets } from "../write/links/useLinkTargets";

/** What mends of the open post know of the site. */
export const mendHelp = (): MendHelp => ({ targets: currentTargets().filter(({ kind }) => kind === "post") });
