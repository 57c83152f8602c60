import { partsOf } from "../store/partsOf";

/** Some parts of the open post. */
export const useOpenPost = partsOf((state) => state.openPost);
