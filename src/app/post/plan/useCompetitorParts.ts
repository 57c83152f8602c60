import { partsOf } from "../../store/partsOf";

/** Some parts of what is told of the competing pages: how far an analysis is changes with every page of it. */
export const useCompetitorParts = partsOf((state) => state.competitors);
