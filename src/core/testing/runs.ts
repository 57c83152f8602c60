/** How often a property is tried: 250 times, or as often as FC_RUNS says, for a longer search. */
export const RUNS = { numRuns: Number(process.env.FC_RUNS ?? 250), endOnFailure: true };
