/**
 * What is said of a garden beside its plan, by several people on several devices, with and without a signal: ticks
 * and readings. Each field of each thing is a register of its own that the last writer wins, so that a note is not
 * undone by a tick that knew nothing of it. Decision 54.
 */
export interface Entry {
  about: 'bought' | 'cut' | 'stood' | 'built' | 'printed' | 'tool' | 'measured';
  /** The thing, by what it is and not by its place in a list: "steel-post 2133.6", "tomato-wall post-2". */
  what: string;
  field: 'done' | 'note' | 'paidMinor' | 'mm';
  value: boolean | string | number | null;
  /** When, by {@link stampOf}: of two the greater is the later. */
  stamp: string;
  /** Who said it; "" where nobody said. */
  person: string;
}

export type Register = Pick<Entry, 'about' | 'what' | 'field'>;

export const registerOf = ({ about, what, field }: Register): string => `${about} ${field} ${what}`;

const [MS_DIGITS, COUNT_DIGITS] = [15, 5];
const MOST_COUNT = 10 ** COUNT_DIGITS - 1;
const INSTANT = 10 ** MS_DIGITS - 1;

/** An instant, a count within it and a device, written so that letters sort as time does: no two are alike. */
export const stampOf = (ms: number, count: number, device: string): string =>
  `${String(ms).padStart(MS_DIGITS, '0')}-${String(count).padStart(COUNT_DIGITS, '0')}-${device}`;

/** What a stamp looks like: that of the device holds no more than lower-case letters and digits. */
export const STAMP = /^\d{15}-\d{5}-[a-z0-9]{1,16}$/;

export const msOf = (stamp: string): number => Number(stamp.slice(0, MS_DIGITS));
const countOf = (stamp: string): number => Number(stamp.slice(MS_DIGITS + 1, MS_DIGITS + 1 + COUNT_DIGITS));

/** So far a stamp may lie ahead of the server's clock (from memory: clocks that are set by the network are within seconds). ms. */
export const AHEAD_MS = 60_000;

/** What several devices say, merged: of each register the last. In whatever order it comes, and however often. */
export function mergeEntries(...said: readonly (readonly Entry[])[]): Entry[] {
  const registers = new Map<string, Entry>();
  for (const entry of said.flat()) {
    const known = registers.get(registerOf(entry));
    if (!known || entry.stamp > known.stamp) registers.set(registerOf(entry), entry);
  }
  return [...registers.values()].sort((a, b) => (registerOf(a) < registerOf(b) ? -1 : 1));
}

/**
 * A hybrid logical clock (Kulkarni, Demirbas et al., "Logical Physical Clocks", OPODIS 2014, algorithm 1): as near
 * to the hour as its device knows it, and after everything that has been seen, however wrong that device's clock is.
 */
export class Clock {
  private ms = 0;
  private count = 0;

  constructor(
    private device: string,
    private now: () => number,
  ) {}

  /** What is stamped from now on comes after this. */
  see(stamp: string): void {
    const [ms, count] = [msOf(stamp), countOf(stamp)];
    if (ms > this.ms || (ms === this.ms && count > this.count)) [this.ms, this.count] = [ms, count];
  }

  /** The next stamp, of this moment or a given one. */
  next(at = this.now()): string {
    const ms = Math.min(Math.round(at), INSTANT);
    if (ms > this.ms) [this.ms, this.count] = [ms, 0];
    else if (this.count < MOST_COUNT) this.count++;
    else [this.ms, this.count] = [this.ms + 1, 0];
    return stampOf(this.ms, this.count, this.device);
  }
}
