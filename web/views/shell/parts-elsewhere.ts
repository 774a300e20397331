const parts = new Set<string>();
const listeners = new Set<() => void>();

/** What workers of this page were fetched with: the page does not hear of it by itself. */
export function alsoDrawnWith(addresses: readonly string[]): void {
  for (const one of addresses) parts.add(one);
  for (const listener of listeners) listener();
}

export const partsElsewhere = {
  get: (): readonly string[] => [...parts],
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};
