import { useEffect, useState } from "react";

/** Whether nothing but the sheet is shown: what stands around it is marked `data-around`, and the style sheet leaves it out. */
export function useFocusView(): [boolean, (focused: boolean) => void] {
  const [focused, setFocused] = useState(false);
  useEffect(() => {
    document.documentElement.toggleAttribute("data-focused", focused);
    return () => document.documentElement.removeAttribute("data-focused");
  }, [focused]);
  return [focused, setFocused];
}
