import { use } from 'react';
import { inTurns } from '../../worked/in-turns';

const coming = new WeakMap<object, WeakMap<object, Promise<void>>>();

/**
 * On the server, has work done before the page is drawn, in turns with whatever else is asked there: a page that takes
 * seconds to work out keeps nobody waiting but who asked for it. Once for each `of` (a plan that is known) and kind of
 * work; the steps leave what they found where the view finds it. In a browser nothing is done: workers do it there. Decision 64.
 */
export function useWorkFirst<Of extends object>(of: Of | null, steps: (of: Of) => Iterable<unknown>): void {
  if (typeof window !== 'undefined' || of === null) return;
  const mine = coming.get(steps) ?? new WeakMap<object, Promise<void>>();
  coming.set(steps, mine);
  const work = mine.get(of) ?? inTurns(steps(of));
  mine.set(of, work);
  use(work);
}
