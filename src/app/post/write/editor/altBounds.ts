import { createContext, useContext } from "react";
import { houseProfile, type Profile } from "../../../../core/proof/profile";

/** How long an alt text should be, by the profile in force; an editor without one goes by the default profile. */
export const AltBounds = createContext<Profile["checks"]["alt-text"]>(houseProfile.checks["alt-text"]);
export const useAltBounds = () => useContext(AltBounds);
