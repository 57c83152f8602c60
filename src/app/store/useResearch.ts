import { partsOf } from "./partsOf";

/** Some parts of what is looked up. */
export const useResearch = partsOf((state) => state.research);
