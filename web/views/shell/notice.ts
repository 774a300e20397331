import type { Plan } from '@lignum/core/plan/plan';

/**
 * What has just been done, and the plan that was left by it: its undo is the way back only as long as that plan
 * stands. Decision 49.
 */
export interface Told {
  text: string;
  left: Plan;
}

let told: Told | null = null;
const listeners = new Set<() => void>();
const A_WHILE_MS = 12_000;

function set(next: Told | null): void {
  told = next;
  for (const listener of listeners) listener();
}

/** Told for a while to those who do not see it go, and with a way back. */
export const notice = {
  get: (): Told | null => told,
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  clear: (): void => set(null),
  /** @example notice.say('Tomato wall was removed.', store.getState().plan) */
  say: (text: string, left: Plan): void => {
    const mine = { text, left };
    set(mine);
    setTimeout(() => {
      if (told === mine) set(null);
    }, A_WHILE_MS);
  },
};
