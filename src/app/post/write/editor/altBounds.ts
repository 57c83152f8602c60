import { createContext, useContext } from "react";
import { defaultProfile, type Profile } from "../../../../core/proof/profile";

/** How long an alt text should be, by the profile in force; an editor without one goes by the default profile. */
export const AltBounds = createContext<Profile["checks"]["alt-text"]>(defaultProfile.checks["alt-text"]);
export const useAltBounds = () => useContext(AltBounds);
