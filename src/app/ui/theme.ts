/** Light or dark: as the system has it, or as somebody chose on this device. It is no part of the workspace. */
export const THEMES = { system: "As the system", light: "Light", dark: "Dark" } as const;
export type Theme = keyof typeof THEMES;

export const KEY = "dune-sparrow theme";

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
