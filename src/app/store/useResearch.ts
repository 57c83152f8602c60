import type { RootState } from "./reducer";
import type { ResearchState } from "./researchSlice";
import { useParts } from "./useParts";

const research = (state: RootState): ResearchState => state.research;

/** Some parts of what is looked up. */
export const useResearch = <Part extends keyof ResearchState>(
  ...parts: readonly Part[]
): Pick<ResearchState, Part> => useParts(research, ...parts);
