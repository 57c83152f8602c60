import { useEffect, useState } from "react";

/**
 * A part that is loaded once it is wanted. One that cannot be loaded is asked for again with the next time.
 *
 * @returns the part; null until it is there
 */
export function useLoaded<Part>(needed: boolean, load: () => Promise<Part>): Part | null {
  const [part, setPart] = useState<{ is: Part } | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is loaded never changes
  useEffect(() => {
    if (!needed || part) return;
    load().then(
      (is) => setPart({ is }),
      (error: unknown) => console.warn("A part of the screen could not be loaded", error),
    );
  }, [needed, part]);
  return part?.is ?? null;
}
