import { Worker } from 'node:worker_threads';
import { describe, expect, it } from 'vitest';
import type { Plan } from '@lignum/core/plan/plan';
import { Busy } from '../bounded-pool';
import { KeptAnswers } from './answers';
import { Left, TooLong } from './given-up';
import { ComputingPool, type Bounds } from './pool';
import type { Task } from './tasks';

/** A thread that takes as long as the garden's name says, and tells which it was. */
const THREAD = `
const { parentPort, threadId } = require('node:worker_threads');
parentPort.on('message', ({ garden }) => {
  if (garden === 'dies') process.exit(3);
  if (garden === 'fails') return parentPort.postMessage({ failed: 'no such bed' });
  if (garden === 'for ever') for (;;);
  setTimeout(() => parentPort.postMessage({ answer: [garden, threadId] }), 30);
});`;

function pool(bounds: Partial<Bounds> = {}) {
  let started = 0;
  const made = new ComputingPool(
    () => {
      started++;
      const worker = new Worker(THREAD, { eval: true });
      worker.unref();
      return worker;
    },
    { workers: 1, limitMs: 5000, mostOfOne: 8, mostInAll: 64, ...bounds },
  );
  const task = { make: 'bill', structure: null, units: 'metric' } satisfies Task;
  const ask = (garden: string, client = 'one', signal?: AbortSignal): Promise<unknown> =>
    made.ask({ garden, plan: {} as Plan, task, client, ...(signal ? { signal } : {}) });
  return { ask, started: () => started };
}
const why = (asked: Promise<unknown>) =>
  asked.then(
    () => 'answered',
    (error: Error) => error,
  );

describe('what takes long', () => {
  it('is worked out one after the other by the same thread, each client having its turn', async () => {
    const { ask, started } = pool();
    const order: string[] = [];
    const asked = [
      ...['a1', 'a2', 'a3', 'a4'].map((garden) => ask(garden, 'a')),
      ...['b1', 'b2'].map((garden) => ask(garden, 'b')),
    ];
    await Promise.all(asked.map((one) => one.then((answer) => order.push((answer as string[])[0] ?? ''))));
    expect(order).toEqual(['a1', 'a2', 'b1', 'a3', 'b2', 'a4']);
    expect(started()).toBe(1);
    expect(await ask('later')).toEqual(['later', expect.any(Number)]);
    expect(started()).toBe(1);
  });

  it('is refused where too many wait, of one client or of all', async () => {
    const { ask } = pool({ mostOfOne: 2, mostInAll: 4 });
    const first = ask('at work', 'a');
    const more = ['a', 'a', 'a', 'b', 'b', 'c'].map((client) => why(ask('waits', client)));
    const told = await Promise.all(more);
    expect(told.map((one) => one instanceof Busy)).toEqual([false, false, true, false, false, true]);
    await first;
  });

  it('is given up when it takes too long, when its thread falls over, when who asked has gone; the next is answered', async () => {
    const { ask, started } = pool({ limitMs: 300 });
    expect(await why(ask('for ever'))).toBeInstanceOf(TooLong);
    expect(await why(ask('dies'))).toEqual(new Error('A computing thread ended by itself (3).'));
    expect(await why(ask('fails'))).toEqual(new Error('no such bed'));
    const gone = new AbortController();
    const [working, waiting] = [why(ask('for ever', 'a', gone.signal)), why(ask('waits', 'a', gone.signal))];
    gone.abort();
    expect(await Promise.all([working, waiting])).toEqual([new Left(), new Left()]);
    expect(await why(ask('gone before', 'a', gone.signal))).toBeInstanceOf(Left);
    expect(await ask('next', 'a')).toEqual(['next', expect.any(Number)]);
    // A thread that only answered that something went wrong goes on.
    expect(started()).toBeLessThanOrEqual(5);
  });
});

it('what was made is kept while there is room, what was asked for longest ago goes first', () => {
  const kept = new KeptAnswers<{ body: string }>(10);
  kept.set('a', { body: 'four' });
  kept.set('b', { body: 'five5' });
  expect(kept.get('a')).toEqual({ body: 'four' });
  kept.set('c', { body: 'six' });
  expect([kept.get('a')?.body, kept.get('b'), kept.get('c')?.body]).toEqual(['four', undefined, 'six']);
  kept.set('c', { body: 'eleven letters' });
  expect([kept.get('a'), kept.get('c')]).toEqual([undefined, undefined]);
  kept.set('d', { body: 'ten enough' });
  expect(kept.get('d')?.body).toBe('ten enough');
});
