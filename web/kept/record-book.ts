import { AHEAD_MS, Clock, mergeEntries, msOf, registerOf, type Entry, type Register } from './record';

/** An entry that waits on a device to be sent. */
export interface Waiting extends Entry {
  /** Stamped before this device knew how wrong its clock is. */
  unsure?: true;
}

/** What the server would not keep, and why. */
export interface Refused extends Register {
  stamp: string;
  message: string;
  /** Stamped after the server's present: sent again once the clock is set right. */
  ahead?: true;
}

/** What the server answers: all that it keeps, what it would not, and its clock. */
export interface Exchanged {
  entries: readonly Entry[];
  refused: readonly Refused[];
  nowMs: number;
}

/** What a book needs of the outside. */
export interface RecordOutside {
  /** Sends entries, and gets all that are known; null where nobody answers. */
  exchange(mine: readonly Entry[]): Promise<Exchanged | null>;
  /** Keeps what waits on the device, each by itself: other tabs keep theirs beside it. An older one of the same register goes. */
  keep(entry: Waiting): void;
  /** Forgets one that has arrived, if nothing newer has taken its place. */
  forget(entry: Entry): void;
  /** All that waits on this device, of whichever tab. */
  kept(): readonly Waiting[];
  /** This device's clock. ms. */
  nowMs(): number;
  /** Lower-case letters and digits, of no other book's. */
  device: string;
}

/** So many are sent at once: a list ticked off without a signal stays under what a page that is left may still send (64 kB). */
const AT_ONCE = 100;

/** How the record stands as a tab shows it. */
export interface Shown {
  entries: ReadonlyMap<string, Entry>;
  /** How many entries wait to be sent. */
  waiting: number;
  /** Sentences of what could not be kept. */
  refused: readonly string[];
}

const shownOf = (entries: readonly Entry[], waiting: number, refused: readonly string[]): Shown => ({
  entries: new Map(entries.map((entry) => [registerOf(entry), entry])),
  waiting,
  refused,
});

/**
 * The record of one garden in one tab: shown at once, sent behind, kept on the device until it has arrived.
 * Nothing is lost: leaving the page, a reload and a shop without a signal only put off the sending.
 */
export class RecordBook {
  private listeners = new Set<() => void>();
  private clock: Clock;
  /** How far the server's clock is before this device's; null until it has answered. ms. */
  private offsetMs: number | null = null;
  private shown: Shown;
  private refused: readonly string[] = [];
  private sending = false;
  /** How things stood as the page came: what the device has kept besides is shown right after. */
  readonly atFirst: Shown;

  constructor(
    private outside: RecordOutside,
    private known: readonly Entry[],
  ) {
    this.clock = this.freshClock();
    this.atFirst = shownOf(known, 0, []);
    this.shown = this.atFirst;
    this.publish();
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  get = (): Shown => this.shown;

  /** Says something of some registers, at one moment. */
  say(said: readonly (Register & Pick<Entry, 'value'>)[], person: string): void {
    for (const one of said) {
      // Another tab may have said it last.
      const before = this.shown.entries.get(registerOf(one));
      if (before) this.clock.see(before.stamp);
      const stamp = this.clock.next();
      this.outside.keep({ ...one, person, stamp, ...(this.offsetMs === null ? { unsure: true } : {}) });
    }
    this.publish();
    void this.sync();
  }

  /** What another tab of this device has said meanwhile is shown here too. */
  look(): void {
    this.publish();
  }

  /** Takes the sentences of what could not be kept away. */
  dismiss(): void {
    this.refused = [];
    this.publish();
  }

  /** Sends what waits and takes in what others have said. */
  async sync(again = true): Promise<void> {
    if (this.sending) return;
    this.sending = true;
    // How wrong this device's clock is has to be known before anything stamped by it is sent.
    const mine = this.offsetMs === null ? [] : this.outside.kept().slice(0, AT_ONCE);
    const answered = await this.outside.exchange(mine.map(({ unsure: _unsure, ...entry }) => entry)).catch(() => null);
    this.sending = false;
    if (!answered) return;
    this.offsetMs = answered.nowMs - this.outside.nowMs();
    const refusal = (entry: Entry) =>
      answered.refused.find((one) => registerOf(one) === registerOf(entry) && one.stamp === entry.stamp);
    for (const entry of mine) {
      const why = refusal(entry);
      if (why?.ahead) this.outside.keep({ ...entry, unsure: true });
      else this.outside.forget(entry);
      if (why && !why.ahead) this.refused = [...this.refused, why.message];
    }
    // After what had been seen when it was said, not after what has come since.
    this.setRight();
    this.known = mergeEntries(this.known, answered.entries);
    this.clock = this.freshClock();
    this.publish();
    const ahead = answered.refused.some((one) => one.ahead);
    if (this.outside.kept().length > 0 && (again || !ahead)) await this.sync(!ahead);
  }

  /** Stamps again, in their order and none of them in the future, what was stamped by a clock that was wrong. */
  private setRight(): void {
    const unsure = this.outside.kept().filter((entry) => entry.unsure);
    const offsetMs = this.offsetMs ?? 0;
    this.clock = this.freshClock();
    const nowMs = this.outside.nowMs() + offsetMs;
    for (const { unsure: _unsure, ...entry } of unsure.toSorted((a, b) => (a.stamp < b.stamp ? -1 : 1))) {
      this.outside.forget(entry);
      this.outside.keep({ ...entry, stamp: this.clock.next(Math.min(msOf(entry.stamp) + offsetMs, nowMs)) });
    }
  }

  /** A clock that comes after everything seen, but for what is so far ahead that no clock should follow it. */
  private freshClock(): Clock {
    const clock = new Clock(this.outside.device, () => this.outside.nowMs() + (this.offsetMs ?? 0));
    const latest = this.outside.nowMs() + (this.offsetMs ?? 0) + AHEAD_MS;
    for (const entry of [...this.known, ...this.outside.kept().filter((one) => !one.unsure)])
      if (this.offsetMs === null || msOf(entry.stamp) <= latest) clock.see(entry.stamp);
    return clock;
  }

  private publish(): void {
    const kept = this.outside.kept();
    this.shown = shownOf(mergeEntries(this.known, kept), kept.length, this.refused);
    for (const listener of this.listeners) listener();
  }
}
