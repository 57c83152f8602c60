/** Changing the site's settings: stored first, then shown, so that what a screen shows survives a reload. */
import type { Site } from "../../data/model";
import { saveSite } from "../../data/saveSettings";
import { attempt } from "./attempt";
import { siteChanged } from "./sessionSlice";
import type { AppThunk } from "./thunk";

/** @returns whether it was stored; where not, that is said and everything stays as it was */
export const changeSite =
  (changes: Partial<Site>): AppThunk<Promise<boolean>> =>
  async (dispatch, getState) => {
    const next = { ...getState().session.site, ...changes };
    if (!(await attempt(() => saveSite(next)))) return false;
    dispatch(siteChanged(next));
    return true;
  };
