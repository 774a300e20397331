import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mergeTicks, standing, TickBook, tickOf, type Tick, type TickOutside } from './ticks';

const anyTick: fc.Arbitrary<Tick> = fc.record({
  about: fc.constantFrom('bought', 'cut', 'built'),
  what: fc.constantFrom('post', 'panel', 'step'),
  person: fc.constantFrom('', 'Odile', 'Bram'),
  done: fc.boolean(),
  note: fc.constantFrom('', 'the longer one'),
  paidMinor: fc.option(fc.integer({ min: 0, max: 9999 })),
  at: fc.integer({ min: 0, max: 9 }).map((second) => `2026-05-0${second + 1}T09:00:00.000Z`),
});
const anyTicks = fc.array(anyTick, { maxLength: 12 });

/** A server, and devices that reach it or do not. */
function house() {
  let stored: readonly Tick[] = [];
  let clock = 0;
  const device = () => {
    let kept: readonly Tick[] = [];
    const outside: TickOutside & { online: boolean } = {
      online: true,
      exchange(mine) {
        if (!outside.online) return Promise.resolve(null);
        stored = mergeTicks(stored, mine);
        return Promise.resolve(stored);
      },
      keep: (unsent) => void (kept = unsent),
      kept: () => kept,
      now: () => new Date(Date.UTC(2026, 4, 1, 9, 0, clock++)).toISOString(),
    };
    return outside;
  };
  return { device, stored: () => stored };
}
const isDone = (book: TickBook, what: string) => tickOf(book.get().ticks, 'bought', what)?.done;

describe('ticks', () => {
  it('merge alike in any order and however often they come, and none of the newest is lost', () => {
    fc.assert(
      fc.property(anyTicks, anyTicks, anyTicks, (a, b, c) => {
        const all = mergeTicks(a, b, c);
        expect(mergeTicks(c, mergeTicks(b, a), a)).toEqual(all);
        expect(mergeTicks(all, all)).toEqual(all);
        for (const tick of [...a, ...b, ...c])
          expect((tickOf(standing(all), tick.about, tick.what) as Tick).at >= tick.at).toBe(true);
      }),
    );
  });

  it('a long list that was ticked off without a signal is sent in portions a page may still send as it is left, and all of it', async () => {
    const { device, stored } = house();
    const phone = device();
    const portions: number[] = [];
    const exchange = phone.exchange.bind(phone);
    phone.online = false;
    const book = new TickBook(phone, []);
    for (let i = 0; i < 250; i++) book.mark('cut', `piece ${i}`, 'Odile', { done: true, note: 'x'.repeat(200) });
    // Every try without a signal comes to its end.
    await new Promise((over) => setTimeout(over));
    phone.online = true;
    phone.exchange = (mine) => {
      portions.push(new TextEncoder().encode(JSON.stringify({ ticks: mine })).length);
      return exchange(mine);
    };
    await book.sync();
    expect([stored().length, book.get().waiting]).toEqual([250, 0]);
    // What the Fetch standard lets a request with keepalive carry: 64 KiB (Fetch, 4.6 "HTTP-network-or-cache fetch").
    expect(Math.max(...portions)).toBeLessThan(65_536);
  });

  it('are there after a reload, though there was no signal in the shop, and on the other device when there is', async () => {
    const { device, stored } = house();
    const [phone, desk] = [device(), device()];
    phone.online = false;
    new TickBook(phone, []).mark('bought', 'post', 'Odile', { done: true, note: 'eight feet instead', paidMinor: 880 });
    const again = new TickBook(phone, []);
    expect([isDone(again, 'post'), again.get().waiting, stored()]).toEqual([true, 1, []]);
    phone.online = true;
    await again.sync();
    expect(again.get().waiting).toBe(0);
    const other = new TickBook(desk, []);
    await other.sync();
    expect(tickOf(other.get().ticks, 'bought', 'post')).toMatchObject({
      done: true,
      person: 'Odile',
      note: 'eight feet instead',
      paidMinor: 880,
    });
  });

  it('what was said last stands, whoever said it, and what is left out stays as it was', async () => {
    const { device } = house();
    const [odile, bram] = [new TickBook(device(), []), new TickBook(device(), [])];
    odile.mark('bought', 'panel', 'Odile', { done: true, paidMinor: 3480 });
    await odile.sync();
    await bram.sync();
    bram.mark('bought', 'panel', 'Bram', { done: false });
    await bram.sync();
    await odile.sync();
    expect(tickOf(odile.get().ticks, 'bought', 'panel')).toMatchObject({
      done: false,
      person: 'Bram',
      paidMinor: 3480,
    });
  });
});
