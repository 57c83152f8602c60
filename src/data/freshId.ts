/** A short id that sorts by nothing and repeats never. */
export const freshId = (): string => crypto.randomUUID().replaceAll("-", "").slice(0, 16);
