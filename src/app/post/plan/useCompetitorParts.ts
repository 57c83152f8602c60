import type { CompetitorsState } from "../../store/competitorsSlice";
import type { RootState } from "../../store/reducer";
import { useParts } from "../../store/useParts";

const competitors = (state: RootState): CompetitorsState => state.competitors;

/** Some parts of what is told of the competing pages: how far an analysis is changes with every page of it. */
export const useCompetitorParts = <Part extends keyof CompetitorsState>(
  ...parts: readonly Part[]
): Pick<CompetitorsState, Part> => useParts(competitors, ...parts);
