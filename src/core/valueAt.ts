/** What an object holds at a path of keys and places; undefined where there is nothing. */
export const valueAt = (whole: unknown, path: readonly (string | number)[]): unknown =>
  path.reduce<unknown>((part, key) => (part as Record<string | number, unknown> | undefined)?.[key], whole);
