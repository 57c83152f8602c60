/** What was thrown, in words: an error's message, or anything else as text. */
export const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));
