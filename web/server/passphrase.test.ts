import { scryptSync } from 'node:crypto';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { placeWithin } from './guarded';
import { faultOf, hashOf, isPassphrase, isTicket, newKey, ticketOf, TICKET_MS } from './passphrase';
import { waitMs, type Try } from './tries';

const CHEAP = { N: 16, r: 8, p: 1 };

describe('a passphrase', () => {
  it('is known again however its accents are typed, and no other one is; what is kept tells nothing of it', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.string({ unit: 'grapheme', minLength: 1, maxLength: 60 }),
        fc.string(),
        async (one, other) => {
          const kept = await hashOf(one, CHEAP);
          expect(await isPassphrase(one.normalize('NFD'), kept)).toBe(true);
          if (one.normalize('NFKC') !== other.normalize('NFKC')) expect(await isPassphrase(other, kept)).toBe(false);
          // The same one is kept otherwise each time.
          expect(await hashOf(one, CHEAP)).not.toBe(kept);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('is kept as RFC 7914 derives it', async () => {
    // Third vector of its section 12: N = 16384, r = 8, p = 1.
    const key = Buffer.from('7023bdcb3afd7348461c06cd81fd38ebfda8fbba904f8e3ea9b543f6545da1f2', 'hex');
    const kept = `scrypt$16384$8$1$${Buffer.from('SodiumChloride').toString('base64url')}$${key.toString('base64url')}`;
    expect(await isPassphrase('pleaseletmein', kept)).toBe(true);
    expect(await isPassphrase('pleaseletmeIn', kept)).toBe(false);
    const [, N, r, p, salt = '', made = ''] = (await hashOf('four words to remember')).split('$');
    expect([Number(N), Number(r), Number(p)]).toEqual([131072, 8, 1]);
    const again = scryptSync('four words to remember', Buffer.from(salt, 'base64url'), 32, {
      N: 131072,
      r: 8,
      p: 1,
      maxmem: 2 ** 28,
    });
    expect(made).toBe(again.toString('base64url'));
    for (const nothing of ['', 'plain$x', 'scrypt$16$8$1$$']) expect(await isPassphrase('', nothing)).toBe(false);
  });

  it('is long enough to be worth anything', () => {
    expect(faultOf('beans on the wall')).toBeNull();
    expect(faultOf('eleven sign')).toBe('It has 11 signs; 12 are the least.');
    expect(faultOf('🌱'.repeat(3) + 'abcdefghi')).toBeNull();
    expect(faultOf('x'.repeat(129))).toMatch(/129 signs; 128/);
    expect(faultOf('abababababababab')).toMatch(/fewer than five/);
  });
});

describe('a ticket', () => {
  const NOW = Date.UTC(2027, 4, 1);
  it('lets in whoever was given it, for thirty days, until the key is another', () => {
    const key = newKey();
    const ticket = ticketOf('household', NOW, key);
    for (const [at, inside] of [
      [NOW, true],
      [NOW + TICKET_MS - 1, true],
      [NOW + TICKET_MS, false],
      [NOW - 1, false],
    ] as const)
      expect(isTicket(ticket, at, key)).toBe(inside);
    expect(isTicket(ticket, NOW, newKey())).toBe(false);
  });

  it('with any sign of it changed, left out or put in is none', () => {
    const key = newKey();
    const ticket = ticketOf('household', NOW, key);
    fc.assert(
      fc.property(fc.nat(ticket.length - 1), fc.nat(2), fc.string({ minLength: 1, maxLength: 2 }), (at, gone, put) => {
        const other = ticket.slice(0, at) + put + ticket.slice(at + gone);
        fc.pre(other !== ticket);
        // The last sign of 43 carries four bits of the signature: another that decodes alike is the same ticket.
        const decoded = (one: string) => Buffer.from(one.split('.')[2] ?? '', 'base64url').toString('hex');
        fc.pre(decoded(other) !== decoded(ticket) || other.split('.')[1] !== ticket.split('.')[1]);
        expect(isTicket(other, NOW, key)).toBe(false);
      }),
    );
    expect(isTicket('', NOW, key)).toBe(false);
  });
});

describe('tries in vain', () => {
  it('are ten an hour from one address and a hundred from all', () => {
    const from = (who: string, many: number): Try[] =>
      Array.from({ length: many }, (_, i) => ({ from: who, atMs: many - 1 - i }));
    expect(waitMs(from('a', 9), 'a', 10)).toBe(0);
    expect(waitMs(from('a', 10), 'a', 10)).toBe(3_600_000 - 10);
    expect(waitMs(from('a', 10), 'b', 10)).toBe(0);
    // An hour after the first of them one more may be tried.
    expect(waitMs(from('a', 10), 'a', 3_600_000)).toBe(0);
    const many = Array.from({ length: 100 }, (_, i) => ({ from: `from ${i}`, atMs: 0 }));
    expect(waitMs(many, 'new', 1)).toBe(3_600_000 - 1);
    expect(waitMs(many.slice(1), 'new', 1)).toBe(0);
  });
});

it('one goes on only to places of this program', () => {
  for (const to of ['/', '/g/ferry-house', '/g/x/s/y?view=plan#a']) expect(placeWithin(to)).toBe(to);
  for (const to of [
    null,
    undefined,
    '',
    'g',
    '//elsewhere.example',
    '/\\elsewhere.example',
    'https://elsewhere.example',
    '/\n/x',
    'javascript:x',
  ])
    expect(placeWithin(to), String(to)).toBe('/');
});
