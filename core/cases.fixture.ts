import fc from 'fast-check';

/** So many cases of a property; of a thorough test as many times more as it asks for, of a hasty one fewer. */
export const cases = (count: number): number =>
  Math.max(1, Math.round((count * (fc.readConfigureGlobal().numRuns ?? 100)) / 100));
