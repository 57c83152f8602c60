import { createContext, useContext } from "react";
import type { PostSession } from "../store/postSession";

export const SessionContext = createContext<PostSession | null>(null);

/** The text of the open post. */
export function usePostSession(): PostSession {
  const session = useContext(SessionContext);
  if (!session) throw new Error("There is no open post here");
  return session;
}
