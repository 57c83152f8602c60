import { createContext, useContext } from "react";
import type { PostSession } from "../store/postSession";

let current: PostSession | null = null;

/** The session of the post that is open, for what runs outside React. */
export const currentSession = (): PostSession | null => current;
export const setCurrentSession = (session: PostSession | null): void => {
  current = session;
};

export const SessionContext = createContext<PostSession | null>(null);

export function usePostSession(): PostSession {
  const session = useContext(SessionContext);
  if (!session) throw new Error("There is no open post here");
  return session;
}
