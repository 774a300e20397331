import { msOf, registerOf, type Entry } from './record';

/**
 * What somebody has ticked off: bought, cut, stood in its place, built or printed, and beside what is bought what was taken instead and paid; of a
 * tool, where it comes from (its note). Decision 48.
 */
export interface Tick {
  done: boolean;
  note: string;
  paidMinor: number | null;
  /** Who said the last of it; "" where nobody said. */
  person: string;
}
export type TickedAbout = Exclude<Entry['about'], 'measured'>;

/**
 * What a thing is called in the record: by itself on the list of the whole garden, else with the structure it is for.
 * A part is called by its key, which is the same however the knobs are turned: what was ticked stays with it.
 */
export const tickedAs = (structure: string, what: string): string => (structure === '' ? what : `${structure} ${what}`);

/** What something to buy is called in the record. */
export const boughtAs = ({ stock, size }: { stock: string; size: number }): string => `${stock} ${size}`;

/** How a thing stands; undefined where nobody has said anything of it. */
export function tickOf(entries: ReadonlyMap<string, Entry>, about: TickedAbout, what: string): Tick | undefined {
  const said = (['done', 'note', 'paidMinor'] as const).flatMap(
    (field) => entries.get(registerOf({ about, what, field })) ?? [],
  );
  const last = said.toSorted((a, b) => (a.stamp > b.stamp ? -1 : 1))[0];
  if (!last) return undefined;
  const value = (field: Entry['field']) => said.find((one) => one.field === field)?.value;
  return {
    done: value('done') === true,
    note: String(value('note') ?? ''),
    paidMinor: typeof value('paidMinor') === 'number' ? (value('paidMinor') as number) : null,
    person: last.person,
  };
}

/** How several things stand that are ticked as one: parts of a step, pieces of a board. */
export type Together = 'none' | 'some' | 'all';

export function togetherOf(
  entries: ReadonlyMap<string, Entry>,
  about: TickedAbout,
  whats: readonly string[],
): Together {
  const done = whats.filter((what) => tickOf(entries, about, what)?.done).length;
  return done === 0 ? 'none' : done < whats.length ? 'some' : 'all';
}

/** What of each structure is ticked off as built, and on which day (of UTC): {@link tickedAs} undone. */
export function builtIn(entries: Iterable<Entry>): Record<string, Record<string, string>> {
  const built: Record<string, Record<string, string>> = {};
  for (const { about, field, value, what, stamp } of entries) {
    if (about !== 'built' || field !== 'done' || value !== true) continue;
    // No structure has a space in its id.
    const [structure = '', ...rest] = what.split(' ');
    (built[structure] ??= {})[rest.join(' ')] = new Date(msOf(stamp)).toISOString().slice(0, 10);
  }
  return built;
}
