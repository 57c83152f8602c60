/** The publishing that goes on by itself while the application is open: the outbox, and posts whose minute has come. */
import type { AppThunk } from "../store/thunk";
import { goLive } from "./goLive";
import { workOutbox } from "./workOutbox";

/** Milliseconds between two looks at the clock. */
const LOOK = 15_000;

export const startPublishing = (): AppThunk<void> => (dispatch) => {
  const look = () => {
    void dispatch(workOutbox());
    void dispatch(goLive());
  };
  window.addEventListener("online", look);
  setInterval(look, LOOK);
  look();
};
