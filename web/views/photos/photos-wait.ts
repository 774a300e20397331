const keyOf = (garden: string): string => `lignum-photos-wait-${garden}`;

/** Whether photos of a garden wait on this device to be sent: known without anything of theirs being fetched. */
export function doWait(garden: string): boolean {
  try {
    return localStorage.getItem(keyOf(garden)) !== null;
  } catch {
    // Forbidden: they go when they are looked at.
    return false;
  }
}

/** Notes whether they do. */
export function noteWaiting(garden: string, waits: boolean): void {
  try {
    if (waits) localStorage.setItem(keyOf(garden), '1');
    else localStorage.removeItem(keyOf(garden));
  } catch {
    // As above.
  }
}
