/** Changing the site's settings: stored first, then shown, so that what a screen shows survives a reload. */
import { toast } from "sonner";
import { messageOf } from "../../core/messageOf";
import type { Site } from "../../data/model";
import { saveSite } from "../../data/settings";
import { siteChanged } from "./sessionSlice";
import type { AppThunk } from "./thunk";

/** @returns whether it was stored; where not, that is said and everything stays as it was */
export const changeSite =
  (changes: Partial<Site>): AppThunk<Promise<boolean>> =>
  async (dispatch, getState) => {
    const next = { ...getState().session.site, ...changes };
    try {
      await saveSite(next);
    } catch (error) {
      toast.error(`That was not saved: ${messageOf(error)}. What was there is unchanged.`);
      return false;
    }
    dispatch(siteChanged(next));
    return true;
  };
