import { createContext, useContext } from "react";
import type { Dependencies } from "./dependencies";

export const DependenciesContext = createContext<Dependencies | null>(null);

/** What components reach outside with; what changes the state is a thunk, which is given the same. */
export function useDependencies(): Dependencies {
  const dependencies = useContext(DependenciesContext);
  if (!dependencies) throw new Error("There is no application around this part.");
  return dependencies;
}
