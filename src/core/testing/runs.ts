/** How often a property is tried: a thousand times, or as often as FC_RUNS says, for a longer search. */
export const RUNS = { numRuns: Number(process.env.FC_RUNS ?? 1000), endOnFailure: true };
