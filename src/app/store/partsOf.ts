import { shallowEqual } from "react-redux";
import { useAppSelector } from "./hooks";
import type { RootState } from "./reducer";

/** Makes a hook for some parts of what a slice holds: a component that asks for these is drawn anew when one of them changes, and only then. */
export function partsOf<Slice extends object>(slice: (state: RootState) => Slice) {
  return function useParts<Part extends keyof Slice>(...parts: readonly Part[]): Pick<Slice, Part> {
    return useAppSelector((state) => {
      const of = slice(state);
      return Object.fromEntries(parts.map((part) => [part, of[part]])) as Pick<Slice, Part>;
    }, shallowEqual);
  };
}
