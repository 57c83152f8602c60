import { shallowEqual } from "react-redux";
import { useAppSelector } from "./hooks";
import type { RootState } from "./reducer";

/** Some parts of what a slice holds: a component that asks for these is drawn anew when one of them changes, and only then. */
export function useParts<Slice extends object, Part extends keyof Slice>(
  slice: (state: RootState) => Slice,
  ...parts: readonly Part[]
): Pick<Slice, Part> {
  return useAppSelector((state) => {
    const of = slice(state);
    return Object.fromEntries(parts.map((part) => [part, of[part]])) as Pick<Slice, Part>;
  }, shallowEqual);
}
