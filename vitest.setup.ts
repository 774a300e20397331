import fc from 'fast-check';

/** The same cases at every run, so that a failure is a change's own; LIGNUM_SEED=random (or a number) looks elsewhere. */
const seed = process.env.LIGNUM_SEED ?? '20261124';
if (seed !== 'random') fc.configureGlobal({ seed: Number(seed) });
/** Looking for the smallest failing case takes minutes with whole plans; LIGNUM_SHRINK=no says the first that fails. */
if (process.env.LIGNUM_SHRINK === 'no') fc.configureGlobal({ ...fc.readConfigureGlobal(), endOnFailure: true });
/** So many times the cases that a property asks for: of each submission's test fewer, so that it stays short; of a thorough one more. */
const times = Number(process.env.LIGNUM_TIMES ?? 0.4);
fc.configureGlobal({ ...fc.readConfigureGlobal(), numRuns: 100 * times });
