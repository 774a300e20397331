import fc from 'fast-check';

/** The same cases at every run, so that a failure is a change's own; LIGNUM_SEED=random (or a number) looks elsewhere. */
const seed = process.env.LIGNUM_SEED ?? '20261124';
if (seed !== 'random') fc.configureGlobal({ seed: Number(seed) });
