import { availableParallelism } from 'node:os';
import { Worker } from 'node:worker_threads';
import type { Plan } from '@lignum/core/plan/plan';
import { Busy } from '../bounded-pool';
import { Left, TooLong } from './given-up';
import { work, type Answer, type Task } from './tasks';

/** What is asked: of which garden, by whom, and whether they still wait. */
export interface Asked<Of extends Task = Task> {
  garden: string;
  plan: Plan;
  task: Of;
  /** Whose turn it is goes round by this. */
  client: string;
  signal?: AbortSignal;
}

/** How a pool is held: how many work, how long one may, how many wait for one client and in all. */
export interface Bounds {
  workers: number;
  limitMs: number;
  mostOfOne: number;
  mostInAll: number;
}
const BOUNDS: Bounds = {
  // One processor is left to whoever only reads or saves.
  workers: Math.max(1, Math.min(4, availableParallelism() - 1)),
  limitMs: 60_000,
  mostOfOne: 8,
  mostInAll: 64,
};

interface Waiting extends Asked {
  done: (answer: Answer) => void;
  fail: (error: Error) => void;
}

/**
 * Works at what takes long in threads of its own, so that nobody else waits for it: a queue for each client, of which
 * each has its turn; what nobody waits for any more is left where it is, and so is what takes too long. Decision 63.
 */
export class ComputingPool {
  private readonly queues = new Map<string, Waiting[]>();
  private readonly idle: Worker[] = [];
  private working = 0;

  constructor(
    private readonly start: () => Worker,
    private readonly bounds: Bounds = BOUNDS,
  ) {}

  ask<Of extends Task>(asked: Asked<Of>): Promise<Answer<Of>> {
    if (asked.signal?.aborted) return Promise.reject(new Left());
    const mine = this.queues.get(asked.client) ?? [];
    const all = [...this.queues.values()].reduce((sum, queue) => sum + queue.length, 0);
    if (mine.length >= this.bounds.mostOfOne || all >= this.bounds.mostInAll)
      return Promise.reject(new Busy(`${mine.length} of this client's and ${all} in all wait to be worked out.`));
    return new Promise((done, fail) => {
      const waiting: Waiting = { ...asked, done: done as Waiting['done'], fail };
      this.queues.set(asked.client, [...mine, waiting]);
      asked.signal?.addEventListener('abort', () => this.leave(waiting), { once: true });
      this.next();
    });
  }

  /** Takes what nobody waits for any more out of its queue. */
  private leave(waiting: Waiting): void {
    const queue = this.queues.get(waiting.client) ?? [];
    if (!queue.includes(waiting)) return;
    this.queues.set(
      waiting.client,
      queue.filter((one) => one !== waiting),
    );
    waiting.fail(new Left());
  }

  /** Gives the client whose turn it is to a free thread; whoever has been served stands last. */
  private next(): void {
    if (this.working >= this.bounds.workers) return;
    for (const [client, [first, ...rest]] of this.queues) {
      this.queues.delete(client);
      if (!first) continue;
      if (rest.length > 0) this.queues.set(client, rest);
      this.run(first);
      return this.next();
    }
  }

  private run(waiting: Waiting): void {
    const { garden, plan, task, signal, done, fail } = waiting;
    this.working++;
    const worker = this.idle.pop() ?? this.start();
    const end = (how: () => void, broken: boolean): void => {
      clearTimeout(timer);
      signal?.removeEventListener('abort', left);
      worker.off('message', heard).off('error', failed).off('exit', gone);
      if (broken) void worker.terminate();
      else this.idle.push(worker);
      this.working--;
      how();
      this.next();
    };
    const heard = (told: { answer: Answer } | { failed: string }): void =>
      end(() => ('answer' in told ? done(told.answer) : fail(new Error(told.failed))), false);
    const failed = (error: Error): void => end(() => fail(error), true);
    const gone = (code: number): void => failed(new Error(`A computing thread ended by itself (${code}).`));
    const left = (): void => failed(new Left());
    const late = (): void => failed(new TooLong(`${task.make} of garden ${garden}`));
    const timer = setTimeout(late, this.bounds.limitMs);
    signal?.addEventListener('abort', left, { once: true });
    worker.on('message', heard).on('error', failed).on('exit', gone);
    worker.postMessage({ garden, plan, task });
  }
}

/** One for the process, kept across reloads. */
const kept = globalThis as { lignumComputing?: ComputingPool };

/**
 * What comes of a task, worked out by another thread, where `./lignum start` says what those run (LIGNUM_COMPUTING);
 * else, as while developing, here. Fails with Busy, TooLong, Left, or what went wrong.
 */
export function computing<Of extends Task>(asked: Asked<Of>): Promise<Answer<Of>> {
  const script = process.env.LIGNUM_COMPUTING;
  if (!script) return work(asked.plan, asked.task) as Promise<Answer<Of>>;
  kept.lignumComputing ??= new ComputingPool(() => {
    const worker = new Worker(script, { execArgv: [] });
    // Nothing that is loaded before the page server belongs there; and it keeps nobody from ending.
    worker.unref();
    return worker;
  });
  return kept.lignumComputing.ask(asked);
}
