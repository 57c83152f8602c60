/** Light or dark: as the system has it, or as somebody chose on this device. It is no part of the workspace. */
export const THEMES = { system: "As the system", light: "Light", dark: "Dark" } as const;
export type Theme = keyof typeof THEMES;

const KEY = "dune-sparrow theme";
const CHANGED = "themechange";

export function chosenTheme(): Theme {
  try {
    const kept = localStorage.getItem(KEY);
    return kept === "light" || kept === "dark" ? kept : "system";
  } catch {
    // Storage may be forbidden: the system decides.
    return "system";
  }
}

/** Puts a theme on; called before anything is drawn with the one that was chosen. */
export function wearTheme(theme: Theme): void {
  const { dataset } = document.documentElement;
  if (theme === "system") delete dataset.theme;
  else dataset.theme = theme;
}

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
