import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readingsIn, readingsOf, measuredAs } from './readings';
import { AHEAD_MS, Clock, mergeEntries, msOf, registerOf, STAMP, stampOf, type Entry, type Register } from './record';
import { RecordBook, type RecordOutside, type Refused, type Waiting } from './record-book';
import { tickedAs, tickOf, togetherOf } from './ticks';

const HOUR_MS = 3_600_000;
const anyEntry: fc.Arbitrary<Entry> = fc.record({
  about: fc.constantFrom('bought', 'cut', 'built'),
  what: fc.constantFrom('post', 'panel', 'step'),
  field: fc.constantFrom('done', 'note', 'paidMinor'),
  value: fc.constantFrom(true, false, 'the longer one', 880),
  stamp: fc
    .tuple(fc.integer({ min: 0, max: 9 }), fc.integer({ min: 0, max: 3 }), fc.constantFrom('a', 'b'))
    .map(([ms, count, device]) => stampOf(ms, count, device)),
  person: fc.constantFrom('', 'Odile', 'Bram'),
});
/** A stamp is given once: of two alike the first is the only one. */
const anyEntries = fc
  .array(anyEntry, { maxLength: 12 })
  .map((entries) => [...new Map(entries.map((entry) => [entry.stamp, entry])).values()]);

/** A server with a clock that is right, and devices with clocks that are not, each of several tabs, that reach it or do not. */
function house() {
  let stored: readonly Entry[] = [];
  let trueMs = Date.UTC(2026, 4, 1, 9);
  let books = 0;
  const device = (wrongMs = 0) => {
    const kept = new Map<string, Waiting>();
    const reach = { online: true, portions: [] as number[] };
    const outside = (): RecordOutside => ({
      exchange(mine) {
        if (!reach.online) return Promise.resolve(null);
        reach.portions.push(new TextEncoder().encode(JSON.stringify({ entries: mine })).length);
        const refused = mine.flatMap((entry): Refused[] =>
          msOf(entry.stamp) > trueMs + AHEAD_MS
            ? [{ ...entry, message: 'ahead', ahead: true }]
            : entry.value === 'refuse me'
              ? [{ ...entry, message: `“${entry.what}” cannot be kept` }]
              : [],
        );
        stored = mergeEntries(
          stored,
          mine.filter((entry) => !refused.some((one) => one.stamp === entry.stamp)),
        );
        return Promise.resolve({ entries: stored, refused, nowMs: trueMs });
      },
      keep: (entry) => void kept.set(registerOf(entry), entry),
      forget: (entry) => {
        if (kept.get(registerOf(entry))?.stamp === entry.stamp) kept.delete(registerOf(entry));
      },
      kept: () => [...kept.values()],
      nowMs: () => trueMs + wrongMs,
      device: `d${++books}`,
    });
    return { reach, kept, tab: (known: readonly Entry[] = []) => new RecordBook(outside(), known) };
  };
  return { device, stored: () => stored, later: (ms: number) => (trueMs += ms) };
}
const said = (
  what: string,
  value: Entry['value'],
  field: Entry['field'] = 'done',
  about: Entry['about'] = 'bought',
) => [{ about, what, field, value }];
const isDone = (book: RecordBook, what: string) => tickOf(book.get().entries, 'bought', what)?.done;
/** Whatever is on its way comes to its end. */
const settled = () => new Promise((over) => setTimeout(over));

describe('the record', () => {
  it('merges alike in any order, in any portions and however often it comes; of each register the last stays', () => {
    fc.assert(
      fc.property(anyEntries, anyEntries, anyEntries, (x, y, z) => {
        // Of a stamp there is one entry in the world.
        const [a, b, c] = [x, y, z].map((list, i) => list.map((one) => ({ ...one, stamp: `${one.stamp}${i}` }))) as [
          Entry[],
          Entry[],
          Entry[],
        ];
        const all = mergeEntries(a, b, c);
        expect(mergeEntries(c, mergeEntries(b, a), a)).toEqual(all);
        expect(mergeEntries(all, all)).toEqual(all);
        for (const entry of [...a, ...b, ...c]) {
          const kept = all.find((one) => registerOf(one) === registerOf(entry)) as Entry;
          expect(kept.stamp >= entry.stamp).toBe(true);
        }
      }),
    );
  });

  it('a clock gives stamps that sort as they were given and after all it has seen, though its hour stands still or goes back', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 50 }), fc.option(fc.integer({ min: 0, max: 90 }))), {
          minLength: 2,
          maxLength: 30,
        }),
        (moments) => {
          let now = 0;
          const clock = new Clock('a', () => now);
          let last = '';
          for (const [ms, seen] of moments) {
            now = ms;
            if (seen !== null) {
              const other = stampOf(seen, 7, 'z');
              clock.see(other);
              if (other > last) last = other;
            }
            const stamp = clock.next();
            expect(stamp > last).toBe(true);
            expect(stamp).toMatch(STAMP);
            last = stamp;
          }
        },
      ),
    );
    const full = new Clock('a', () => 5);
    full.see(stampOf(5, 99_999, 'z'));
    expect(full.next()).toBe(stampOf(6, 0, 'a'));
  });

  it('three devices with wrong clocks, on and off line in any order, come to one state, and what somebody saw is not undone by what was said before', async () => {
    const anyAct = fc.record({
      who: fc.integer({ min: 0, max: 2 }),
      does: fc.constantFrom('say', 'say', 'sync', 'leave', 'join', 'reload'),
      what: fc.constantFrom('post', 'panel'),
      field: fc.constantFrom<Entry['field']>('done', 'note'),
      after: fc.integer({ min: 0, max: 30_000 }),
    });
    await fc.assert(
      fc.asyncProperty(
        fc.array(anyAct, { maxLength: 25 }),
        fc.array(fc.integer({ min: -HOUR_MS, max: HOUR_MS }), { minLength: 3, maxLength: 3 }),
        async (acts, wrong) => {
          const { device, stored, later } = house();
          const devices = wrong.map((ms) => device(ms));
          const books = devices.map((one) => one.tab());
          /** Of each value, those that had been seen where it was said. */
          const over = new Map<Entry['value'], Set<Entry['value']>>();
          for (const [i, { who, does, what, field, after }] of acts.entries()) {
            later(after);
            const [here, book] = [devices[who]!, books[who]!];
            if (does === 'leave' || does === 'join') here.reach.online = does === 'join';
            if (does === 'sync') await book.sync();
            if (does === 'reload')
              books[who] = here.tab(here.reach.online ? stored() : [...book.get().entries.values()]);
            if (does !== 'say') continue;
            const before = book.get().entries.get(registerOf({ about: 'bought', what, field }))?.value;
            if (before !== undefined) over.set(`v${i}`, new Set([before, ...(over.get(before) ?? [])]));
            book.say(said(what, `v${i}`, field), '');
            await settled();
          }
          for (const one of devices) one.reach.online = true;
          for (const book of [...books, ...books]) await book.sync();
          const states = books.map((book) => [...book.get().entries.values()].map(({ value }) => value));
          expect(states[1]).toEqual(states[0]);
          expect(states[2]).toEqual(states[0]);
          expect(books.map((book) => book.get().waiting)).toEqual([0, 0, 0]);
          // What stands was seen by nobody who said something else of it afterwards.
          for (const { what, field, value } of stored())
            for (const [i, act] of acts.entries())
              if (act.does === 'say' && act.what === what && act.field === field)
                expect(over.get(`v${i}`)?.has(value) ?? false).toBe(false);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('a clock an hour slow can still untick, one an hour fast does not win for an hour', async () => {
    const { device, later } = house();
    const [slow, right, fast] = [device(-HOUR_MS).tab(), device().tab(), device(HOUR_MS)];
    right.say(said('post', true), 'Odile');
    await settled();
    await slow.sync();
    slow.say(said('post', false), 'Bram');
    await settled();
    await right.sync();
    expect(isDone(right, 'post')).toBe(false);
    fast.reach.online = false;
    const phone = fast.tab();
    phone.say(said('panel', true), '');
    await settled();
    later(60_000);
    right.say(said('panel', false), '');
    await settled();
    fast.reach.online = true;
    await phone.sync();
    await right.sync();
    // The fast clock's was a minute before.
    expect([isDone(right, 'panel'), isDone(phone, 'panel')]).toEqual([false, false]);
  });

  it('a tick leaves alone what it says nothing of: the note and the sum of one who ticked unseen', async () => {
    const { device } = house();
    const [phone, desk] = [device(), device()];
    phone.reach.online = false;
    const there = phone.tab();
    there.say([...said('post', true), ...said('post', 880, 'paidMinor'), ...said('post', 'oak', 'note')], 'Odile');
    const here = desk.tab();
    here.say(said('post', true), 'Bram');
    await settled();
    phone.reach.online = true;
    await there.sync();
    await here.sync();
    expect(tickOf(here.get().entries, 'bought', 'post')).toMatchObject({ done: true, paidMinor: 880, note: 'oak' });
  });

  it('two tabs without a signal keep each its own: all of it arrives, whichever is there when there is a signal again', async () => {
    const { device, stored } = house();
    const phone = device();
    phone.reach.online = false;
    const [one, other] = [phone.tab(), phone.tab()];
    one.say(said('post', true), '');
    other.say(said('panel', true), '');
    one.say(said('net', true), '');
    await settled();
    other.look();
    expect(isDone(other, 'post')).toBe(true);
    phone.reach.online = true;
    await phone.tab().sync();
    expect(stored().map(({ what }) => what)).toEqual(['net', 'panel', 'post']);
    expect(phone.kept.size).toBe(0);
  });

  it('a long list that was ticked off without a signal is sent in portions a page may still send as it is left, and all of it', async () => {
    const { device, stored } = house();
    const phone = device();
    phone.reach.online = false;
    const book = phone.tab();
    for (let i = 0; i < 250; i++) book.say(said(`piece ${i}`, 'x'.repeat(200), 'note', 'cut'), 'Odile');
    await settled();
    phone.reach.online = true;
    await book.sync();
    expect([stored().length, book.get().waiting]).toEqual([250, 0]);
    // What the Fetch standard lets a request with keepalive carry: 64 KiB (Fetch, 4.6 "HTTP-network-or-cache fetch").
    expect(Math.max(...phone.reach.portions)).toBeLessThan(65_536);
  });

  it('what is refused is in the way of nothing, and is told until it is understood', async () => {
    const { device, stored } = house();
    const book = device().tab();
    book.say([...said('post', 'refuse me', 'note'), ...said('panel', true)], '');
    await settled();
    expect(stored().map(({ what }) => what)).toEqual(['panel']);
    expect([book.get().waiting, book.get().refused]).toEqual([0, ['“post” cannot be kept']]);
    book.dismiss();
    expect(book.get().refused).toEqual([]);
  });
});

describe('ticks', () => {
  it('several parts are done together when each is, and one that comes to them later is not', () => {
    const done = (part: string, value: boolean): Entry => ({
      ...(said(tickedAs('wall', part), value, 'done', 'built')[0] as Register & { value: boolean }),
      stamp: stampOf(1, 0, 'a'),
      person: 'Odile',
    });
    const entries = new Map(
      [done('post-1', true), done('post-2', true), done('rail', false)].map((one) => [registerOf(one), one]),
    );
    const together = (...parts: string[]) =>
      togetherOf(
        entries,
        'built',
        parts.map((part) => tickedAs('wall', part)),
      );
    expect(together('post-1', 'post-2')).toBe('all');
    expect(together('post-1', 'post-2', 'post-3')).toBe('some');
    expect(together('rail', 'post-3')).toBe('none');
    expect(tickOf(entries, 'built', 'wall post-9')).toBeUndefined();
  });
});

describe('readings', () => {
  it('are found in a record by what they are of; one that is taken back is none; the same are the same list', () => {
    const at = { structure: 'wall', kind: 'panel-wall', knob: 'gap' };
    const entry = (value: number | null, stamp: string): Entry => ({ ...measuredAs(at), value, stamp, person: '' });
    const first = entry(311, stampOf(1, 0, 'a'));
    expect(readingsIn([first, ...said('post', true).map((one) => ({ ...one, stamp: '', person: '' }))])).toEqual([
      { ...at, mm: 311 },
    ]);
    expect(readingsIn([entry(null, stampOf(2, 0, 'a'))])).toEqual([]);
    let entries = new Map([[registerOf(first), first]]);
    const readings = readingsOf(() => ({ entries }));
    const before = readings();
    entries = new Map(entries);
    expect(readings()).toBe(before);
    entries = new Map([[registerOf(first), entry(305, stampOf(3, 0, 'a'))]]);
    expect(readings()).toEqual([{ ...at, mm: 305 }]);
  });
});
