import type { RootState } from "./reducer";
import type { SessionState } from "./sessionSlice";
import { useParts } from "./useParts";

const session = (state: RootState): SessionState => state.session;

/** Some parts of what holds for all of the site while it is open: the progress of scoring is among them, and moves often. */
export const useSession = <Part extends keyof SessionState>(
  ...parts: readonly Part[]
): Pick<SessionState, Part> => useParts(session, ...parts);
