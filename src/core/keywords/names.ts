/** What a keyword may be said to be. */
export const INTENTS = ["informational", "commercial", "transactional", "navigational", "local"] as const;
export type Intent = (typeof INTENTS)[number];

/** How a keyword came into a look-up. */
export const ORIGINS = ["seed", "suggested", "related", "question", "file", "article"] as const;
export type Origin = (typeof ORIGINS)[number];
