/** What most often stands between two words that have grown together: "Umzugscheckliste", "Familienfest". */
export const usualLinks: readonly string[] = ["", "s", "n", "en", "er"];

/** What may stand between the parts of a compound: "Verein-s-haus", "Blume-n-topf", "zon-ne-bril". */
export const compoundLinks: readonly string[] = [...usualLinks, "es", "e", "ne"];
