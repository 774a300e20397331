/** What has just been done, for a while: told to those who do not see it go, and with a way back. */
let told: { text: string; at: number } | null = null;
const listeners = new Set<() => void>();
const A_WHILE_MS = 12_000;

export const notice = {
  get: (): { text: string; at: number } | null => told,
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  clear: (): void => {
    told = null;
    for (const listener of listeners) listener();
  },
  /** @example notice.say('Tomato wall was taken away') */
  say: (text: string): void => {
    const mine = { text, at: Date.now() };
    told = mine;
    for (const listener of listeners) listener();
    setTimeout(() => {
      if (told === mine) notice.clear();
    }, A_WHILE_MS);
  },
};
