const keyOf = (garden: string): string => `lignum-photos-wait-${garden}`;

/** Notes on this device whether photos of a garden wait to be sent: known then without anything of theirs being fetched. */
export function noteWaiting(garden: string, waits: boolean): void {
  try {
    if (waits) localStorage.setItem(keyOf(garden), '1');
    else localStorage.removeItem(keyOf(garden));
  } catch {
    // Forbidden: they go when they are looked at.
  }
}

/** Sends photos that were taken without a signal, whatever is looked at; nothing is fetched where none waits. */
export async function sendWaiting(garden: string): Promise<void> {
  try {
    if (localStorage.getItem(keyOf(garden))) await (await import('./photo-outside')).photoBookOf(garden).sync();
  } catch {
    // They go when they are looked at.
  }
}
