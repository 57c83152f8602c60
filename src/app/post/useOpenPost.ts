import type { OpenPostState } from "../store/openPostSlice";
import type { RootState } from "../store/reducer";
import { useParts } from "../store/useParts";

const openPost = (state: RootState): OpenPostState => state.openPost;

/** Some parts of the open post: drawn anew when one of them changes, and only then. */
export const useOpenPost = <Part extends keyof OpenPostState>(
  ...parts: readonly Part[]
): Pick<OpenPostState, Part> => useParts(openPost, ...parts);
