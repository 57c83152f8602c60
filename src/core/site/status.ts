/** What was done with a post; where its work is, its stage says. */
export const STATUSES = ["draft", "in-review", "approved", "scheduled", "live", "withdrawn"] as const;
export type Status = (typeof STATUSES)[number];

/** Do readers have it, or will they without anybody doing more? */
export const isPublic = (status: Status): boolean => status === "live" || status === "scheduled";
