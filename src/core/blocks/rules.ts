/** What nodes of the editor may hold, as data: so that a document can be checked where there is no editor. */

export interface AttributeRule {
  default: unknown;
  /** Whether a value is one that the application can work with. */
  holds: (value: unknown) => boolean;
}

export interface NodeRule {
  /** Content and group as ProseMirror writes them. */
  content?: string;
  group?: string;
  marks?: string;
  inline?: true;
  atom?: true;
  attributes?: Record<string, AttributeRule>;
}

/** Longer texts in attributes are no address, name or description. */
const LONGEST_ATTRIBUTE = 100_000;
/** Cells that span more would take the sheet minutes to lay out. */
export const MOST_COLUMNS = 100;
export const MOST_ROWS = 1000;

export const text = (initial = ""): AttributeRule => ({
  default: initial,
  holds: (value) => typeof value === "string" && value.length <= LONGEST_ATTRIBUTE,
});
export const textOrNull: AttributeRule = {
  default: null,
  holds: (value) => value === null || text().holds(value),
};
export const flag: AttributeRule = { default: false, holds: (value) => typeof value === "boolean" };
export const size: AttributeRule = {
  default: null,
  holds: (value) => value === null || (typeof value === "number" && value >= 0 && Number.isFinite(value)),
};
export const whole = (initial: number, least: number, most: number): AttributeRule => ({
  default: initial,
  holds: (value) => Number.isInteger(value) && (value as number) >= least && (value as number) <= most,
});
export const word = (values: readonly string[], initial: string): AttributeRule => ({
  default: initial,
  holds: (value) => values.includes(value as string),
});
/** Kept by the editor and used by nobody here. */
export const anything: AttributeRule = {
  default: null,
  holds: (value) => JSON.stringify(value).length < 1000,
};

/** Every block of the top level has an id of its own. */
export const id = textOrNull;

/** What may stand in a quote, a note or an answer: lines of text and lists of them. */
export const LINES = "(paragraph | bulletList | orderedList)";
