/** Who ticks on this device, where they have said it: kept here, and written beside each tick. */
const NAME_KEY = 'lignum-who-ticks';
const MOST_LETTERS = 40;

export function ownName(): string {
  try {
    return localStorage.getItem(NAME_KEY) ?? '';
  } catch {
    return '';
  }
}

export function keepOwnName(name: string): void {
  try {
    localStorage.setItem(NAME_KEY, name.trim().slice(0, MOST_LETTERS));
  } catch {
    // A forbidden store: ticks go without a name.
  }
}
