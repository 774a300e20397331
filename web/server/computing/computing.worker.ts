import { parentPort } from 'node:worker_threads';
import { knownPlans } from '@lignum/core/plan/known-plans';
import type { Plan } from '@lignum/core/plan/plan';
import { work, type Task } from './tasks';

/** Gardens that come again are worked out where they changed only. */
const known = knownPlans(400);

/** One question at a time, each answered by what came of it or by what went wrong. */
parentPort?.on('message', ({ garden, plan, task }: { garden: string; plan: Plan; task: Task }) => {
  work(known.remember(garden, plan), task).then(
    (answer) => parentPort?.postMessage({ answer }),
    (error: unknown) => parentPort?.postMessage({ failed: error instanceof Error ? error.stack : String(error) }),
  );
});
