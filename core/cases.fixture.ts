import fc from 'fast-check';

const hundredths = (): number => fc.readConfigureGlobal().numRuns ?? 100;

/** So many cases of a property; of a thorough test as many times more as it asks for, of a hasty one fewer. */
export const cases = (count: number): number => Math.max(1, Math.round((count * hundredths()) / 100));

/** Whether no case is left out. */
export const allCases = (): boolean => hundredths() >= 100;
