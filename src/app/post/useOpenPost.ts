import { shallowEqual } from "react-redux";
import { useAppSelector } from "../store/hooks";
import type { OpenPostState } from "../store/openPostSlice";

/** Some parts of the open post: a component that asks for these is drawn anew when one of them changes, and only then. */
export function useOpenPost<Part extends keyof OpenPostState>(
  ...parts: readonly Part[]
): Pick<OpenPostState, Part> {
  return useAppSelector(
    ({ openPost }) =>
      Object.fromEntries(parts.map((part) => [part, openPost[part]])) as Pick<OpenPostState, Part>,
    shallowEqual,
  );
}
