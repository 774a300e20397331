import { CATALOGUE } from '../catalogue/catalogue';
import { asShape, ofShape } from '../design/shapes/shapes';
import { inside } from '../geometry/polygon';
import { yearOf } from '../growth/growth';
import { cropOf, growingIn } from '../plan/growing';
import type { ComputedStructure } from '../plan/compute-as';
import type { Plan, Planting, Work } from '../plan/plan';
import { stepKey, stepsOf } from '../plan/steps';
import { bedsNamed, hostNamed, pathOf } from '../site/stands/stands';
import type { Step } from '../structures/step';
import { jointsByStep, type Tool } from '../building/tools';
import { cargoOf } from '../catalogue/cargo';
import { countedBySteps, minutesOf } from './counted';
import { addDays, dayIn } from '../site/calendar-days';
import { LARGE_TOOLS, type Task } from './task';

/** So long and of so many things is what two share; shorter is done before the second is there (from memory). */
const SHARED_FROM = { minutes: 45, things: 4 };
/** Treated timber comes wet from its preservative: so long it dries, stacked with air between, before it takes oil or paint (common practice, no source: two weeks and more). */
export const DRIES_DAYS = 14;

type Of = Pick<ComputedStructure, 'structure' | 'kind' | 'sized' | 'setting'>;

/** Where planting begins, building ends: what comes after it is done when the plants are there. */
const PLANTS = new Set(['step.plant', 'step.sow']);
/** What is done whenever: it does not wait for the plants. */
const ANY_TIME = new Set(['step.tops']);
/** Fresh fill sinks most in its first two weeks: it is planted after them (common practice, no source). */
export const FILL_RESTS_DAYS = 14;

/** The steps of building, before anything is planted, in their order. */
export const buildingSteps = (steps: readonly Step[]): number[] => {
  const plants = steps.findIndex(({ what }) => PLANTS.has(what.code));
  return steps.flatMap((step, i) => (plants < 0 || i < plants || ANY_TIME.has(step.what.code) ? [i] : []));
};

/** The steps that wait for the plants. */
export const plantingSteps = (steps: readonly Step[]): number[] => {
  const builds = new Set(buildingSteps(steps));
  return steps.flatMap((_, i) => (builds.has(i) ? [] : [i]));
};

/**
 * All the work of a garden in tasks, each with what has to be done before it: the steps of a structure in their order;
 * sides of a bed before what stands on it, but holes under its boards before those; what stands in a run when its posts
 * have set; a fence closed when no barrow has to pass any more.
 * @param pace so many times the minutes of the rates
 */
export function tasksOf(plan: Plan, structures: readonly Of[], pace = 1): Task[] {
  const later = new Set(plan.work?.later ?? []);
  const built = structures.filter(({ structure, kind }) => !later.has(structure.id) && !kind.isThere);
  const own = new Map(built.map((one) => [one.structure.id, tasksOfOne(plan, one, pace)]));
  const more = new Map<string, string[]>();
  const first = (then: Task | undefined, ...before: (Task | undefined)[]): void => {
    if (!then) return;
    const known = more.get(then.id) ?? [];
    for (const task of before) if (task && task.id !== then.id && !known.includes(task.id)) known.push(task.id);
    more.set(then.id, known);
  };
  for (const one of built) {
    const tasks = own.get(one.structure.id) ?? [];
    const sides = built.filter(
      (other) =>
        other.kind.purpose === 'bed' &&
        other !== one &&
        bedsNamed(other.structure.stand).some((bed) => bedsNamed(one.structure.stand).includes(bed)),
    );
    for (const side of sides) {
      if (one.kind.purpose === 'bed') continue;
      const bedTasks = own.get(side.structure.id) ?? [];
      const steps = stepsOf(one);
      // Holes that reach under its boards come before those, all else after the bed is filled.
      const under = steps.some(({ what }) => what.code === 'step.boards-last');
      const lastHole = under ? tasks.findLastIndex(({ digs, pours }) => digs || pours) : -1;
      first(tasks[lastHole + 1], bedTasks.at(-1));
      if (lastHole >= 0)
        first(
          bedTasks.find(({ steps: at }) => isBoards(stepsOf(side), at)),
          tasks[lastHole],
        );
    }
    const host = hostNamed(one.structure.stand);
    if (host) first(tasks[0], lastPost(own.get(host) ?? []));
  }
  for (const fence of built) {
    const path = pathOf(fence.structure.stand);
    if (fence.kind.purpose !== 'barrier' || !path?.closed) continue;
    const corners = path.spots.map(({ xMm, yMm }) => [xMm, yMm] as const);
    const tasks = own.get(fence.structure.id) ?? [];
    const post = lastPost(tasks);
    const closes = post ? tasks[tasks.indexOf(post) + 1] : tasks[0];
    for (const one of built) {
      const within =
        one !== fence &&
        bedsNamed(one.structure.stand).some((id) => {
          const bed = plan.beds.find((bed) => bed.id === id);
          return bed !== undefined && inside([bed.xMm, bed.yMm], corners);
        });
      if (within) first(closes, ...(own.get(one.structure.id) ?? []).filter(({ tools }) => tools.includes('barrow')));
    }
  }
  const all = [...own.values()]
    .flat()
    .map((task) => ({ ...task, after: [...task.after, ...(more.get(task.id) ?? [])] }));
  return withoutRounds(all);
}

const isBoards = (steps: readonly Step[], at: readonly number[]): boolean =>
  at.some((i) => /^step\.(boards|blocks|logs|sheets|hurdles|posts)/.test(steps[i]?.what.code ?? ''));

/** The last task that sets or pours a post: what hangs there waits for it. */
const lastPost = (tasks: readonly Task[]): Task | undefined =>
  tasks.findLast(
    ({ counted, pours }) => pours || counted.some(({ rate }) => rate === 'driven' || rate.startsWith('set')),
  );

/** Two structures that would each wait for the other are taken in the order of the plan. */
function withoutRounds(tasks: readonly Task[]): Task[] {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const state = new Map<string, 'open' | 'done'>();
  const kept = new Map<string, string[]>();
  const visit = (id: string): boolean => {
    if (state.get(id) === 'open') return false;
    if (state.get(id) === 'done') return true;
    state.set(id, 'open');
    kept.set(
      id,
      (byId.get(id)?.after ?? []).filter((before) => byId.has(before) && visit(before)),
    );
    state.set(id, 'done');
    return true;
  };
  for (const { id } of tasks) visit(id);
  return tasks.map((task) => ({ ...task, after: kept.get(task.id) ?? [] }));
}

function tasksOfOne(plan: Plan, one: Of, pace: number): Task[] {
  const { structure, sized, setting } = one;
  const steps = stepsOf(one);
  const counted = countedBySteps(steps, sized.design, setting.soil);
  const byId = new Map(sized.design.parts.map((part) => [part.id, part]));
  const due = dueOf(plan, one);
  const work = plan.work ?? {};
  const joints = jointsByStep(steps, sized.design.joints);
  const tasks: Task[] = [];
  let read: number[] = [];
  for (const i of buildingSteps(steps)) {
    const step = steps[i] as Step;
    const minutes = minutesOf(counted[i] ?? []) * pace;
    read.push(i);
    if (minutes === 0) continue;
    const parts = (step.adds ?? []).flatMap((id) => byId.get(id) ?? []);
    // What is sawn in one step and put up in another has to be there for the saw.
    const isSawn = (counted[i] ?? []).some(({ rate }) => rate === 'cut' || rate === 'shaped cut');
    const sawn = isSawn ? steps.slice(i).flatMap(({ adds = [] }) => adds.flatMap((id) => byId.get(id) ?? [])) : [];
    const made = isFinished(step)
      ? sized.design.parts.map(({ stock }) => stock).filter((stock) => CATALOGUE.stock(stock).form === 'timber')
      : [
          ...ofShape(sawn, 'bar').map(({ stock }) => stock),
          ...parts.map(({ stock }) => stock),
          ...(joints[i] ?? []).flatMap(({ fixings }) => fixings.map(({ stock }) => stock)),
        ];
    tasks.push({
      id: `${structure.id} ${stepKey(steps, i)}`,
      structure: structure.id,
      step: stepKey(steps, i),
      steps: read,
      counted: counted[i] ?? [],
      minutes,
      people: step.people,
      waitHours: step.waitHours ?? 0,
      after: tasks.length > 0 ? [tasks.at(-1)?.id ?? ''] : [],
      notBefore: broughtBy(step, made, work),
      onlyOn: daysWith(step.uses ?? [], work),
      shared:
        step.people === 1 &&
        minutes >= SHARED_FROM.minutes &&
        (counted[i] ?? []).reduce((sum, { count }) => sum + count, 0) >= SHARED_FROM.things &&
        !(step.uses ?? []).some((tool) => LARGE_TOOLS.has(tool) && tool !== 'barrow'),
      tools: step.uses ?? [],
      pours: parts.some((part) => asShape(part, 'fill') !== null && CATALOGUE.stock(part.stock).look === 'concrete'),
      digs:
        (counted[i] ?? []).some(({ rate }) => ['hole', 'driven', 'clearing', 'trench'].includes(rate)) ||
        parts.some((part) => asShape(part, 'bar')?.stands?.set === 'driven'),
      due,
    });
    read = [];
  }
  const last = tasks.at(-1);
  if (last && read.length > 0)
    tasks[tasks.length - 1] = { ...last, steps: [...last.steps.slice(0, -1), ...read, last.steps.at(-1) as number] };
  return tasks;
}

/** Its wood is oiled or painted. */
export const isFinished = ({ what }: Pick<Step, 'what'>): boolean => what.code === 'step.finish';
/** Whether something is of treated timber, which has to dry before it is oiled or painted. */
export const isTreated = (stock: string): boolean => {
  const one = CATALOGUE.stock(stock);
  return one.form === 'timber' && one.treatment === 'treated';
};

type Coming = Pick<Work, 'lent' | 'brought'>;

/** The day by which all that a step is made of has been brought, and what it finishes has dried; null of what is there. */
function broughtBy(step: Step, made: readonly string[], { brought = [] }: Coming): string | null {
  const days = made.flatMap((stock) => {
    const day = brought.find(({ cargo }) => cargo === cargoOf(CATALOGUE.stock(stock)))?.date;
    return day === undefined ? [] : [isFinished(step) && isTreated(stock) ? addDays(day, DRIES_DAYS) : day];
  });
  return days.toSorted().at(-1) ?? null;
}

/** The days on which all that is lent of some tools is there; null where nothing of them is lent. */
function daysWith(tools: readonly Tool[], { lent = [] }: Coming): readonly string[] | null {
  const asked = lent.filter(({ tool }) => tools.includes(tool)).map(({ days }) => days);
  const [first, ...more] = asked;
  return first ? first.filter((day) => more.every((days) => days.includes(day))) : null;
}

/** When plants go in by the warmth of the place, or did by what was said. */
const plantedOn = (plan: Plan, planting: Planting): string =>
  planting.planted ?? planting.sown ?? dayIn(planting.year, yearOf(cropOf(plan, planting), plan.site).starts);

/** The day by which a structure is wanted: when the first of what it carries or covers is planted; sides of a bed two weeks before. */
function dueOf(plan: Plan, { structure, kind }: Of): string | null {
  const growing = growingIn(plan).filter(({ year }) => year === plan.garden.year);
  const own = new Set(structure.plantings);
  const beds = new Set(
    kind.purpose === 'bed' ? bedsNamed(structure.stand) : kind.purpose === 'planter' ? [structure.id] : [],
  );
  const days = growing
    .filter(({ id, bed }) => own.has(id) || beds.has(bed))
    .map((one) => plantedOn(plan, one))
    .toSorted();
  const [first] = days;
  if (!first) return null;
  return kind.purpose === 'bed' ? addDays(first, -FILL_RESTS_DAYS) : first;
}
