import { keepSame } from '@lignum/core/plan/keep-same';
import type { Reading } from '@lignum/core/plan/readings';
import type { Entry, Register } from './record';

/** What a reading is called in the record. Ids and names of knobs hold no space. */
export const measuredAs = ({ structure, kind, knob }: Omit<Reading, 'mm'>): Register => ({
  about: 'measured',
  what: `${structure} ${kind} ${knob}`,
  field: 'mm',
});

/** The readings in a record; what was taken back is none. */
export const readingsIn = (entries: Iterable<Entry>): Reading[] =>
  [...entries].flatMap(({ about, what, value }) => {
    const [structure, kind, knob] = what.split(' ');
    return about === 'measured' && typeof value === 'number' && structure && kind && knob
      ? [{ structure, kind, knob, mm: value }]
      : [];
  });

const NONE: readonly Reading[] = [];

/** The readings of a record as it goes on: the very same list as long as they say the same, from the `first` on. */
export function readingsOf(
  record: () => { entries: ReadonlyMap<string, Entry> },
  first: readonly Reading[] = NONE,
): () => readonly Reading[] {
  let last = first;
  let seen: ReadonlyMap<string, Entry> | null = null;
  return () => {
    const { entries } = record();
    if (entries !== seen) last = keepSame(last, readingsIn(entries.values()));
    seen = entries;
    return last;
  };
}
