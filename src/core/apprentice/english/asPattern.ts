/** Words as a regular expression that matches them and nothing else, with the flag u or without: in it a hyphen may not be escaped. */
export const asPattern = (text: string): string => text.replace(/[\\^$.*+?()[\]{}|/]/g, "\\$&");
