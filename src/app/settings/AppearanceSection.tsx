import { useSyncExternalStore } from "react";
import { chooseTheme, onThemeChange } from "../ui/chooseTheme";
import { Segments } from "../ui/Segments";
import { chosenTheme, THEMES } from "../ui/theme";

/** How the application looks on this device. */
export function AppearanceSection() {
  const theme = useSyncExternalStore(onThemeChange, chosenTheme);
  return (
    <>
      <Segments label="Theme" options={THEMES} value={theme} onChange={chooseTheme} />
      <p className="mt-2 text-[13px] text-ink-2">Kept on this device; no part of the workspace.</p>
    </>
  );
}
