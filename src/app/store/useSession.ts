import { partsOf } from "./partsOf";

/** Some parts of what holds for all of the site while it is open: the progress of scoring is among them, and moves often. */
export const useSession = partsOf((state) => state.session);
