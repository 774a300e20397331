import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { bareUnitOf, formatInches, formatLength, formatMillimetres, MM_PER_SIXTEENTH, parseLength } from './length';
import { formatArea, formatMass, formatVolume, tellVolume, formatLoad, fromLoad, toLoad } from './measure';
import { formatMoney, money, parseMinor, plainMoney } from './money';

const mm = (text: string, bare: Parameters<typeof parseLength>[1] = 'in') => {
  const read = parseLength(text, bare);
  return read.ok ? read.mm : read.fault.code;
};

describe('lengths as people write them', () => {
  it('a number without a unit is known as one, however it is written, and nothing else is', () => {
    const isBare = (text: string) => {
      const read = parseLength(text, 'in');
      return read.ok && read.isBare;
    };
    for (const text of ['8', '8.5', '1 1/2', '½', '3/16']) expect(isBare(text), text).toBe(true);
    for (const text of ["8'", "7' 9", '8 in', '2 m', '8 x', '']) expect(isBare(text), text).toBe(false);
  });

  // 1 in = 25.4 mm exactly: NIST SP 811, appendix B.8.
  it.each([
    [`7' 9 1/2"`, 2374.9],
    ['7ft 9.5in', 2374.9],
    ['93 1/2"', 2374.9],
    ['93.5', 2374.9],
    ['7′9½″', 2374.9],
    ['1 1/2 in', 38.1],
    ['2.38 m', 2380],
    ['238cm', 2380],
    ['2380 mm', 2380],
    ['2,38 m', 2380],
    [`24'`, 7315.2],
    [`7'-9 1/2"`, 2374.9],
    [`7' 9`, 2362.2],
    ['3/16"', 4.7625],
    ['1 yd', 914.4],
    ['2 m 38 cm', 2380],
    [`9''`, 228.6],
  ])('reads %s', (text, expected) => expect(mm(text)).toBe(expected));

  it.each([
    ['', 'empty'],
    ['seven', 'unreadable'],
    ['7 furlongs', 'unknown-unit'],
    ['-3 in', 'negative'],
    ['1/0 in', 'divided-by-zero'],
    [`7' 20 mm`, 'two-systems'],
    [`9" 7'`, 'out-of-order'],
    ['1,200 mm', 'thousands-comma'],
    ['7 8', 'unreadable'],
  ])('says why "%s" cannot be read', (text, code) => expect(mm(text)).toBe(code));

  it('takes a bare number in the garden’s own unit', () =>
    expect([mm('2380', bareUnitOf('metric')), mm('93.5', bareUnitOf('imperial'))]).toEqual([2380, 2374.9]));
});

describe('lengths as a tape shows them', () => {
  it('rounds with carry and reduces', () => {
    expect(formatInches(95.99 * 25.4)).toBe('8′');
    expect(formatInches(23.99 * 25.4)).toBe('2′');
    expect(formatInches(9.5 * 25.4)).toBe('9½″');
    expect(formatInches(2362.2)).toBe('7′ 9″');
    expect(formatInches(93.1875 * 25.4)).toBe('7′ 9 3/16″');
    expect(formatInches(0)).toBe('0″');
  });

  it('prints what it reads back, for every sixteenth and every millimetre of a 100 m tape', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 63_000 }), (sixteenths) => {
        const length = sixteenths * MM_PER_SIXTEENTH;
        const text = formatInches(length);
        expect(mm(text)).toBeCloseTo(length, 5);
        expect(text).not.toMatch(/ 12″|16\/16/);
      }),
      { numRuns: cases(2000) },
    );
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 100_000 }), (whole) => {
        expect(mm(formatMillimetres(whole), 'mm')).toBe(whole);
      }),
    );
  });

  it('is off by no more than half a sixteenth, or half a millimetre', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 100_000, noNaN: true }), (length) => {
        expect(Math.abs((mm(formatLength(length, 'imperial')) as number) - length)).toBeLessThanOrEqual(
          MM_PER_SIXTEENTH / 2 + 1e-6,
        );
        expect(Math.abs((mm(formatLength(length, 'metric'), 'mm') as number) - length)).toBeLessThanOrEqual(0.5);
      }),
    );
  });
});

describe('other measures', () => {
  it('prints areas, volumes and masses in either system', () => {
    // 1 ft² = 92 903.04 mm², 1 yd³ = 27 ft³ = 764.554 857 984 L, 1 lb = 0.453 592 37 kg: NIST SP 811, appendix B.8.
    expect(formatArea(72 * 92_903.04, 'imperial', 'en')).toBe('72 ft²');
    expect(formatVolume(764_554_857.984, 'yd³', 'en')).toBe('1 yd³');
    expect(formatVolume(764_554_857.984, 'L', 'en')).toBe('765 L');
    // NIST Handbook 44, appendix C: a US liquid quart is 946.352946 cm³.
    expect([tellVolume(946_353, 'imperial', 'en'), tellVolume(946_353, 'metric', 'en')]).toEqual(['1 qt', '0.946 L']);
    expect(formatMass(0.45359237 * 20, 'imperial', 'en')).toBe('20 lb');
    // A pound is sixteen ounces (NIST Handbook 44, appendix C).
    expect([formatMass(0.45359237 / 2, 'imperial', 'en'), formatMass(0.4, 'metric', 'en')]).toEqual(['8 oz', '400 g']);
  });

  it('keeps money whole in its minor units, whatever the currency’s digits', () => {
    expect(formatMoney(money(123456, 'EUR'), 'de-DE')).toBe('1.234,56\u00a0€');
    expect([
      parseMinor('12,5', 'EUR'),
      parseMinor('12.505', 'EUR'),
      parseMinor('1250', 'JPY'),
      parseMinor('12.5', 'JPY'),
      parseMinor('', 'EUR'),
    ]).toEqual([1250, null, 1250, null, null]);
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e9 }), fc.constantFrom('EUR', 'USD', 'JPY', 'BHD'), (minor, currency) => {
        expect(parseMinor(plainMoney(money(minor, currency)), currency)).toBe(minor);
      }),
    );
  });
});

it('a load goes to pounds on a square foot and back by NIST SP 811 factors: 1 lbf/ft² is 4.882428 kgf/m²', () => {
  expect(toLoad(4.882428, 'imperial')).toBeCloseTo(1, 6);
  expect(formatLoad(292.946, 'imperial', 'en')).toBe('60 lb/ft²');
  for (let load = 0; load <= 400; load++) expect(Math.round(toLoad(fromLoad(load, 'imperial'), 'imperial'))).toBe(load);
});
