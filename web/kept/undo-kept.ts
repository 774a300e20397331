import { changesBetween } from '@lignum/core/plan/changes';
import type { Plan } from '@lignum/core/plan/plan';

/** Plans before and after the one that is shown, the longest ago first. */
export interface Steps {
  past: readonly Plan[];
  present: Plan;
  future: readonly Plan[];
}

/** So many steps are kept over a reload each way (from memory: a session store holds five megabytes). */
const MOST_PAST = 40;
const MOST_FUTURE = 15;

/** Steps as they are stored: what several plans have in common lies in the pool once, and they name it by its place. */
interface Packed {
  pool: unknown[];
  plans: Record<string, number | number[]>[];
  /** Which of the plans is shown. */
  at: number;
}

/** Packs steps: of a plan that differs from the next in one bed only that bed is stored again. */
export function packed({ past, present, future }: Steps): string {
  const pool: unknown[] = [];
  const places = new Map<unknown, number>();
  const placeOf = (value: unknown): number => {
    const known = places.get(value);
    if (known !== undefined) return known;
    places.set(value, pool.length);
    return pool.push(value) - 1;
  };
  const kept = past.slice(-MOST_PAST);
  const plans = [...kept, present, ...future.slice(0, MOST_FUTURE)].map((plan) =>
    Object.fromEntries(
      Object.entries(plan).map(([field, value]: [string, unknown]) => [
        field,
        Array.isArray(value) ? value.map(placeOf) : placeOf(value),
      ]),
    ),
  );
  return JSON.stringify({ pool, plans, at: kept.length } satisfies Packed);
}

/** The steps that were packed, what they had in common shared again; null where that cannot be read. */
export function unpacked(text: string): Steps | null {
  try {
    const { pool, plans, at } = JSON.parse(text) as Packed;
    const all = plans.map(
      (plan) =>
        Object.fromEntries(
          Object.entries(plan).map(([field, place]) => [
            field,
            Array.isArray(place) ? place.map((one) => pool[one]) : pool[place],
          ]),
        ) as unknown as Plan,
    );
    const present = all[at];
    return present ? { past: all.slice(0, at), present, future: all.slice(at + 1) } : null;
  } catch {
    return null;
  }
}

/** Steps that lead to a plan; null where another has come meanwhile. */
export const leadingTo = (plan: Plan, steps: Steps | null): Steps | null =>
  steps && changesBetween(steps.present, plan).length === 0 ? steps : null;

const keyOf = (garden: string): string => `lignum-undo-${garden}`;

/** Keeps the steps of a garden in this tab, over a reload; a full or forbidden store loses them and nothing else. */
export function keepSteps(garden: string, steps: Steps): void {
  try {
    sessionStorage.setItem(keyOf(garden), packed(steps));
  } catch {
    sessionStorage.removeItem(keyOf(garden));
  }
}

/** The steps that were kept, where they lead to and from this very plan. */
export function stepsKept(garden: string, plan: Plan): Steps | null {
  try {
    const text = sessionStorage.getItem(keyOf(garden));
    return text === null ? null : leadingTo(plan, unpacked(text));
  } catch {
    return null;
  }
}
