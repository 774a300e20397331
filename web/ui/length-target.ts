/** The length field that was worked on last: where a measuring device sends its reading. Decision 52. */
export interface LengthTarget {
  label: string;
  accept: (mm: number) => void;
  /** Gives it the keyboard back. */
  focus: () => void;
}

let target: LengthTarget | null = null;
let isOut = false;
const listeners = new Set<() => void>();
const tell = (): void => {
  for (const listener of listeners) listener();
};

export const lengthTarget = {
  get: (): LengthTarget | null => target,
  set: (next: LengthTarget | null): void => {
    target = next;
    tell();
  },
  /** Whether a measuring device is at hand: taken out beside a length field, put away on its own panel. */
  isOut: (): boolean => isOut,
  take: (out: boolean): void => {
    isOut = out;
    tell();
  },
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};
