/** Choosing a theme, and following what is chosen. */
import { KEY, type Theme, wearTheme } from "./theme";

const CHANGED = "themechange";

export function chooseTheme(theme: Theme): void {
  try {
    if (theme === "system") localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, theme);
  } catch {
    // It holds until the page is closed.
  }
  wearTheme(theme);
  window.dispatchEvent(new Event(CHANGED));
}

/** Follows what makes colours others: the choice, and the system's. @returns how to stop */
export function onThemeChange(changed: () => void): () => void {
  const system = window.matchMedia("(prefers-color-scheme: dark)");
  window.addEventListener(CHANGED, changed);
  system.addEventListener("change", changed);
  return () => {
    window.removeEventListener(CHANGED, changed);
    system.removeEventListener("change", changed);
  };
}
