import type { AsyncLocalStorage } from 'node:async_hooks';
import { SAID, type Why } from './failing';

/** The answer to a request while it is made: the status it has if it fails, and after how long it is worth asking again. */
interface Told {
  status?: number;
  afterS?: number | undefined;
}

/** Kept by what listens (`web/listen.mjs`), for pages are bundled apart from it; none where something else serves them. */
const asked = (): AsyncLocalStorage<Told> | undefined =>
  (globalThis as { [at: symbol]: AsyncLocalStorage<Told> | undefined })[Symbol.for('lignum asked')];

/** Says by the status of the page why it cannot be had: a busy one is no fault, and may be asked for again. */
export function tellWhy(why: Why): void {
  const told = asked()?.getStore();
  if (told) Object.assign(told, { status: SAID[why].status, afterS: SAID[why].afterS } satisfies Told);
}
