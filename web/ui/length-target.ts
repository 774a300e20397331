/** The length field that was worked on last: where a measuring device sends its reading. */
export interface LengthTarget {
  label: string;
  accept: (mm: number) => void;
}

let target: LengthTarget | null = null;
const listeners = new Set<() => void>();

export const lengthTarget = {
  get: (): LengthTarget | null => target,
  set: (next: LengthTarget | null): void => {
    target = next;
    for (const listener of listeners) listener();
  },
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};
