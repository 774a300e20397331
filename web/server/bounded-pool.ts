import { Pool, type PoolClient, type PoolConfig } from 'pg';

/** More do not wait for a connection: who comes then is told at once that there is much to do. */
const MOST_WAITING = 64;
/** Within this an answer is there, or a sentence that says why not; counted in steps, so that time in which this process itself was kept from looking is not laid to the database. ms. */
const DEADLINE_MS = 4500;
const STEP_MS = 250;
/** A database that has answered somebody within this is alive. ms. */
const ALIVE_MS = 2000;

/** The database answers, but there is too much to do. (Told by a word of its own: pages and answers are bundled apart, each with its own of these, over one pool.) */
export class Busy extends Error {
  readonly why = 'busy';
}
/** The database answers nobody. */
export class Silent extends Error {
  readonly why = 'silent';
}

/** Whether a connection is lent by such a pool. */
export const isBounded = (pool: unknown): pool is BoundedPool =>
  typeof pool === 'object' && pool !== null && 'lend' in pool && typeof pool.lend === 'function';

/** A pool that keeps nobody waiting without end, and tells a database that has much to do from one that does not answer. */
export class BoundedPool extends Pool {
  private answeredAt = -Infinity;

  constructor(
    config: PoolConfig,
    private readonly deadlineMs = DEADLINE_MS,
  ) {
    super(config);
    this.on('release', (error: unknown) => {
      if (!error) this.answeredAt = performance.now();
    });
    const ask = this.query.bind(this) as (...said: unknown[]) => Promise<unknown>;
    this.query = ((...said: unknown[]) => this.inTime(() => ask(...said))) as Pool['query'];
  }

  /** Lends a connection for as long as some work takes; one on which something went wrong, or took too long, is closed and not lent again. */
  async lend<T>(work: (client: PoolClient) => Promise<T>): Promise<T> {
    let late = false;
    let giveBack: ((broken: boolean) => void) | null = null;
    const lent = async (): Promise<T> => {
      const client = await this.connect();
      const note = (error: Error): void => console.error(`Database connection lost (${error.message}).`);
      client.on('error', note);
      giveBack = (broken) => {
        giveBack = null;
        client.off('error', note);
        client.release(broken);
      };
      if (late) giveBack(false);
      let failed = true;
      try {
        if (late) throw new Silent('Nobody waits for this any more.');
        const result = await work(client);
        failed = false;
        return result;
      } finally {
        giveBack?.(failed);
      }
    };
    return this.inTime(lent, () => {
      late = true;
      giveBack?.(true);
    });
  }

  private async inTime<T>(ask: () => Promise<T>, whenLate?: () => void): Promise<T> {
    if (this.waitingCount >= MOST_WAITING) throw new Busy(`${MOST_WAITING} wait for the database already.`);
    const asked = ask();
    let timer: ReturnType<typeof setInterval> | undefined;
    let left = Math.ceil(this.deadlineMs / STEP_MS);
    const tooLate = new Promise<never>((_, fail) => {
      timer = setInterval(() => {
        if ((left -= 1) > 0) return;
        const alive = performance.now() - this.answeredAt < ALIVE_MS;
        fail(alive ? new Busy('No answer in time, but for others.') : new Silent('No answer in time.'));
        whenLate?.();
      }, STEP_MS);
    });
    // Whatever becomes of it after that is nobody's any more.
    asked.catch(() => undefined);
    try {
      return await Promise.race([asked, tooLate]);
    } finally {
      clearInterval(timer);
    }
  }
}
