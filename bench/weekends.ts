/**
 * How long it takes to put the work of a garden in order: all of the demo, and its spring. Reported as ratios of one run
 * on this machine: a task moved by hand to everything anew, and all of it to the 500 ms that are aimed at for thirty
 * structures. Run: npm run bench
 */
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { computeGarden } from '@lignum/core/plan/compute';
import type { Plan, Work } from '@lignum/core/plan/plan';
import { weekendsOf } from '@lignum/core/work/weekends';

const AIM_MS = 500;
const AIM_STRUCTURES = 30;
const work = DEMO_PLAN.work as Work;
const garden = computeGarden(DEMO_PLAN).structures;
const run = (change: Partial<Work>): { ms: number; tasks: number; days: number; least: number } => {
  const plan: Plan = { ...DEMO_PLAN, work: { ...work, ...change } };
  const start = performance.now();
  const { tasks, schedule } = weekendsOf(plan, garden, {}, work.from);
  return { ms: performance.now() - start, tasks: tasks.length, days: schedule.days, least: schedule.leastDays };
};
// Once round first: what is compiled on the way is nobody's.
run({ later: [] });
const all = run({ later: [] });
const spring = run({});
const moved = run({ fixed: [{ task: 'tomato-wall step.ends 1', date: '2027-03-13' }] });
const ratio = (of: number): string => of.toFixed(2);
console.log(`${garden.length} structures, ${all.tasks} tasks; the spring’s ${spring.tasks}`);
console.log(
  `all of it, of what is aimed at for as many: ${ratio(all.ms / ((AIM_MS * garden.length) / AIM_STRUCTURES))} times`,
);
console.log(`its spring: ${ratio(spring.ms / all.ms)} of all; one task moved: ${ratio(moved.ms / spring.ms)} of that`);
console.log(
  `days taken to those that are proved to be needed: ${ratio(all.days / all.least)}, of the spring ${ratio(spring.days / spring.least)}`,
);
