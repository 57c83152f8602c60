import { type Ref, useLayoutEffect } from "react";

/** Stands for an element that is there already, where a part of Radix wants to make its own. */
export function Anchor({ element, ref }: { element: HTMLElement; ref?: Ref<HTMLElement> }) {
  // biome-ignore lint/correctness/useExhaustiveDependencies: the ref is another function with each drawing, and means the same
  useLayoutEffect(() => {
    if (typeof ref === "function") {
      ref(element);
      return () => void ref(null);
    }
    if (ref) ref.current = element;
  }, [element]);
  return null;
}
