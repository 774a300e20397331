/**
 * What somebody has ticked off: bought, cut or built, and beside what is bought what was taken instead and paid; of a
 * tool, where it comes from (its note). Decision 48.
 */
export interface Tick {
  about: 'bought' | 'cut' | 'built' | 'tool';
  /** The thing, by what it is and not by its place in a list: "steel-post 2133.6". */
  what: string;
  /** Who ticked; "" where nobody said. */
  person: string;
  done: boolean;
  note: string;
  paidMinor: number | null;
  /** ISO, to the millisecond. */
  at: string;
}

/** So many are sent at once: a list ticked off without a signal stays under what a page that is left may still send (64 kB). */
const AT_ONCE = 100;

/** What a thing is called among ticks: by itself on the list of the whole garden, else with the structure it is for. */
export const tickedAs = (structure: string, what: string): string => (structure === '' ? what : `${structure} ${what}`);

const keyOf = ({ about, what }: Pick<Tick, 'about' | 'what'>): string => `${about} ${what}`;
const rowOf = (tick: Tick): string => `${keyOf(tick)} ${tick.person}`;

/** The newer of two ticks; of two of one instant the one that says more, so that every device decides alike. */
const newer = (a: Tick, b: Tick): Tick =>
  b.at > a.at || (b.at === a.at && JSON.stringify(b) > JSON.stringify(a)) ? b : a;

/** What several devices say, merged: of each person and thing the newest stays. In whatever order they come, and however often. */
export function mergeTicks(...said: readonly (readonly Tick[])[]): Tick[] {
  const rows = new Map<string, Tick>();
  for (const tick of said.flat()) {
    const known = rows.get(rowOf(tick));
    rows.set(rowOf(tick), known ? newer(known, tick) : tick);
  }
  return [...rows.values()].sort((a, b) => (rowOf(a) < rowOf(b) ? -1 : 1));
}

/** How a thing stands among all persons: what was said of it last. */
export function standing(ticks: readonly Tick[]): ReadonlyMap<string, Tick> {
  const last = new Map<string, Tick>();
  for (const tick of ticks) {
    const known = last.get(keyOf(tick));
    last.set(keyOf(tick), known ? newer(known, tick) : tick);
  }
  return last;
}

export const tickOf = (ticks: ReadonlyMap<string, Tick>, about: Tick['about'], what: string): Tick | undefined =>
  ticks.get(keyOf({ about, what }));

/** What a book of ticks needs of the outside. */
export interface TickOutside {
  /** Sends ticks, and gets all that are known; null where nobody answers. */
  exchange(mine: readonly Tick[]): Promise<readonly Tick[] | null>;
  /** Ticks that could not be sent yet, kept on the device. */
  keep(unsent: readonly Tick[]): void;
  kept(): readonly Tick[];
  now(): string;
}

/**
 * The ticks of one garden in one tab: shown at once, sent behind, kept on the device until they have arrived.
 * A tick is never lost: leaving the page, a reload and a shop without a signal only put off its sending.
 */
export class TickBook {
  private listeners = new Set<() => void>();
  private all: readonly Tick[];
  private unsent: readonly Tick[];
  private shown: { ticks: ReadonlyMap<string, Tick>; waiting: number };
  private sending = false;
  /** How things stood as the page came: what the device has kept besides is shown right after. */
  readonly atFirst: { ticks: ReadonlyMap<string, Tick>; waiting: number };

  constructor(
    private outside: TickOutside,
    known: readonly Tick[],
  ) {
    this.atFirst = { ticks: standing(known), waiting: 0 };
    this.unsent = outside.kept();
    this.all = mergeTicks(known, this.unsent);
    this.shown = { ticks: standing(this.all), waiting: this.unsent.length };
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  /** How things stand, and how many ticks wait to be sent. */
  get = (): { ticks: ReadonlyMap<string, Tick>; waiting: number } => this.shown;

  /** Says something of a thing; what is left out stays as it was last said. */
  mark(
    about: Tick['about'],
    what: string,
    person: string,
    change: Partial<Pick<Tick, 'done' | 'note' | 'paidMinor'>>,
  ): void {
    const last = tickOf(this.shown.ticks, about, what);
    const tick: Tick = {
      about,
      what,
      person,
      done: last?.done ?? false,
      note: last?.note ?? '',
      paidMinor: last?.paidMinor ?? null,
      ...change,
      at: this.outside.now(),
    };
    this.unsent = mergeTicks(this.unsent, [tick]);
    this.outside.keep(this.unsent);
    this.publish(mergeTicks(this.all, [tick]));
    void this.sync();
  }

  /** Sends what waits and takes in what others have ticked. */
  async sync(): Promise<void> {
    if (this.sending) return;
    this.sending = true;
    const mine = this.unsent.slice(0, AT_ONCE);
    const known = await this.outside.exchange(mine).catch(() => null);
    this.sending = false;
    if (!known) return;
    // What was ticked meanwhile goes with the next.
    this.unsent = this.unsent.filter((tick) => !mine.includes(tick));
    this.outside.keep(this.unsent);
    this.publish(mergeTicks(known, this.all));
    if (this.unsent.length > 0) await this.sync();
  }

  private publish(all: readonly Tick[]): void {
    this.all = all;
    this.shown = { ticks: standing(all), waiting: this.unsent.length };
    for (const listener of this.listeners) listener();
  }
}
