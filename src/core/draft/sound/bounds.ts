/** Levels of nesting that a person can still see, and that no walk over a tree runs out of stack on. */
export const MOST_LEVELS = 60;
/** Nodes of a document; a post of 20,000 words has about 2,000. */
export const MOST_NODES = 100_000;
