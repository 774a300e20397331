import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { byDay, type Photo, type PhotoChange } from './photo';
import { PhotoBook, type PhotoOutside, type SaidOf, type Stored, type WaitingPhoto } from './photo-book';

const photo = (id: string, more: Partial<WaitingPhoto> = {}): WaitingPhoto => ({
  id,
  structure: 'tomato-wall',
  part: '',
  takenOn: '2027-03-06',
  note: '',
  person: '',
  pictures: { picture: new Blob(['large']), small: new Blob(['small']) },
  ...more,
});

/** A server, and a device of several tabs that reaches it or does not; what is full takes nothing. */
function house() {
  const server = { photos: new Map<string, Photo & { removed?: boolean }>(), online: true, most: Infinity, sent: 0 };
  const device = { photos: new Map<string, WaitingPhoto>(), changes: new Map<string, SaidOf>(), full: false };
  let names = 0;
  let hold: Promise<void> = Promise.resolve();
  const put = async <What>(map: Map<string, What>, id: string, what: What | null) => {
    await Promise.resolve();
    if (device.full) throw new Error('the store is full');
    if (what === null) map.delete(id);
    else map.set(id, what);
  };
  const outside = (): PhotoOutside => ({
    async list() {
      await hold;
      return server.online ? [...server.photos.values()].filter(({ removed }) => !removed) : null;
    },
    async send({ pictures: _pictures, ...one }) {
      await hold;
      if (!server.online) return { is: 'away' };
      server.sent++;
      if (!server.photos.has(one.id) && server.photos.size >= server.most) return { is: 'full', message: 'full' };
      if (!server.photos.has(one.id)) server.photos.set(one.id, { ...one, widthPx: 4, heightPx: 3 });
      return { is: 'kept' };
    },
    async change(id, change) {
      await hold;
      if (!server.online) return { is: 'away' };
      const there = server.photos.get(id);
      if (!there) return { is: 'refused', message: 'gone' };
      server.photos.set(id, { ...there, ...change });
      return { is: 'kept' };
    },
    stored: (): Promise<Stored> =>
      Promise.resolve({
        photos: [...device.photos.values()],
        changes: [...device.changes.values()],
      }),
    put: (id, waits) => put(device.photos, id, waits),
    putChange: (id, said) => put(device.changes, id, said),
    nextName: () => String(names++).padStart(6, '0'),
  });
  return {
    server,
    device,
    tab: () => new PhotoBook(outside()),
    /** The network says nothing until it is let go. */
    silence: () => {
      let go = () => undefined as void;
      hold = new Promise((done) => {
        go = done;
      });
      return () => go();
    },
  };
}
const seen = (book: PhotoBook) => book.get().photos.map(({ id, note, waits }) => [id, note, waits !== null]);

describe('photos on their way', () => {
  it('whatever is taken, said and taken away, by two tabs, with and without a network: in the end all are agreed, and nothing is lost', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(
          fc.record({
            tab: fc.nat(1),
            does: fc.constantFrom('add', 'note', 'remove', 'back', 'line'),
            at: fc.nat(3),
            awaits: fc.boolean(),
          }),
          { maxLength: 14 },
        ),
        async (acts) => {
          const { server, device, tab } = house();
          const tabs = [tab(), tab()];
          const meant = new Map<string, { note: string; removed: boolean }>();
          const all: Promise<unknown>[] = [];
          // Two tabs that say something else of one photo at once are two people: one after the other is what is promised.
          const owner = new Map<string, number>();
          for (const [i, { tab: which, does, at, awaits }] of acts.entries()) {
            const ids = [...meant.keys()].filter((id) => owner.get(id) === which);
            const id = ids[at % Math.max(1, ids.length)];
            const book = tabs[which] as PhotoBook;
            const say = (change: PhotoChange) => {
              if (!id) return;
              const was = meant.get(id) ?? { note: '', removed: false };
              meant.set(id, { note: change.note ?? was.note, removed: change.removed ?? was.removed });
              all.push(book.say(id, change));
            };
            if (does === 'line') server.online = !server.online;
            else if (does === 'add') {
              meant.set(`photo-${i}`, { note: '', removed: false });
              owner.set(`photo-${i}`, which);
              all.push(book.add(photo(`photo-${i}`)));
            } else if (does === 'note') say({ note: `note ${i}` });
            else say({ removed: does === 'remove' });
            if (awaits) await Promise.all(all);
          }
          await Promise.all(all);
          for (const [id] of meant) expect(device.photos.has(id) || server.photos.has(id), 'kept somewhere').toBe(true);
          server.online = true;
          for (const book of [...tabs, ...tabs]) await book.sync();
          for (const [id, { note, removed }] of meant)
            expect({ id, note: server.photos.get(id)?.note, removed: server.photos.get(id)?.removed ?? false }).toEqual(
              {
                id,
                note,
                removed,
              },
            );
          expect([device.photos.size, device.changes.size]).toEqual([0, 0]);
          const left = [...meant].filter(([, { removed }]) => !removed).map(([id, { note }]) => [id, note, false]);
          for (const book of [...tabs, tab()]) {
            await book.sync();
            expect(seen(book).toSorted()).toEqual(left.toSorted());
            expect(book.get()).toMatchObject({ waiting: 0, isKnown: true, refused: [] });
          }
        },
      ),
      { numRuns: 150 },
    );
  });

  it('a photo is shown and kept on the device at once, however long nobody answers; said of meanwhile, that goes after it', async () => {
    const { server, device, tab, silence } = house();
    const book = tab();
    const go = silence();
    const added = book.add(photo('bare-post'));
    await new Promise((done) => setTimeout(done));
    expect(seen(book)).toEqual([['bare-post', '', true]]);
    expect(device.photos.has('bare-post')).toBe(true);
    const said = book.say('bare-post', { note: 'before it was filled', part: 'post-1' });
    const other = book.add(photo('second'));
    go();
    await Promise.all([added, said, other]);
    await book.sync();
    expect(server.photos.get('bare-post')).toMatchObject({ note: 'before it was filled', part: 'post-1' });
    expect(server.photos.has('second')).toBe(true);
    expect(book.get().waiting).toBe(0);
  });

  it('what has no room says so and waits until there is some, what is said of others goes on; a device’s store that is full loses nothing while the tab is open', async () => {
    const { server, device, tab } = house();
    server.most = 1;
    device.full = true;
    const book = tab();
    server.online = false;
    await book.add(photo('one'));
    await book.add(photo('two'));
    expect(book.get()).toMatchObject({ waiting: 2 });
    server.online = true;
    await book.sync();
    expect([...server.photos.keys()]).toEqual(['one']);
    expect(book.get()).toMatchObject({ waiting: 1, refused: ['full'] });
    // Said of the one that waits, it waits with it; of the other, it is done, and makes room.
    await book.say('two', { note: 'the second' });
    expect(book.get()).toMatchObject({ waiting: 2, refused: ['full'] });
    server.most = 2;
    await book.say('one', { removed: true });
    await book.sync();
    expect(server.photos.get('two')).toMatchObject({ note: 'the second' });
    expect(server.photos.get('one')).toMatchObject({ removed: true });
    expect(book.get()).toMatchObject({ waiting: 0, refused: [] });
    // What never can be says why, and waits no more.
    server.photos.delete('two');
    await book.say('two', { note: 'gone' });
    expect(book.get()).toMatchObject({ waiting: 0, refused: ['gone'] });
    book.dismiss();
    expect(book.get().refused).toEqual([]);
  });
});

it('photos stand under their days, the newest first, none lost and none twice', () => {
  fc.assert(
    fc.property(fc.array(fc.record({ takenOn: fc.constantFrom('2027-03-06', '2026-12-31', '2027-10-01') })), (some) => {
      const days = byDay(some);
      expect(days.map(([day]) => day)).toEqual(
        [...new Set(some.map(({ takenOn }) => takenOn))].toSorted().toReversed(),
      );
      for (const [day, of] of days) expect(of).toEqual(some.filter(({ takenOn }) => takenOn === day));
    }),
  );
});
