import { stopping } from './stopping.mjs';
import { Fault, Stopped, tell } from './run.mjs';

/** What falls over again at once is picked up after twice as long, up to eight seconds; after a quiet minute all is forgotten. ms. */
const FIRST_WAIT_MS = 250;
const MOST_WAIT_MS = 8_000;
const QUIET_MS = 60_000;

/** A pause that a wish to stop ends. */
export const pause = (ms) =>
  new Promise((resolve) => {
    const timer = setTimeout(done, ms);
    stopping.addEventListener('abort', done, { once: true });
    function done() {
      clearTimeout(timer);
      stopping.removeEventListener('abort', done);
      resolve();
    }
  });

/**
 * Keeps something up until a wish to stop: `run` starts it and resolves, once it has fallen over, to what is said of
 * that; what it throws is told and tried again.
 */
export async function keepUp(run) {
  let waitMs = FIRST_WAIT_MS;
  while (!stopping.aborted) {
    const began = Date.now();
    try {
      const said = await run();
      if (stopping.aborted) return;
      tell(said);
    } catch (error) {
      if (error instanceof Stopped) return;
      if (!(error instanceof Fault)) throw error;
      process.stderr.write(`${error.message}\n`);
    }
    if (Date.now() - began > QUIET_MS) waitMs = FIRST_WAIT_MS;
    await pause(waitMs);
    waitMs = Math.min(MOST_WAIT_MS, waitMs * 2);
  }
}
