import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cropBook, cropIn, findCrop } from './book';
import { cropNonsense } from './crop-nonsense';
import { counted } from './counted';
import type { Crop, Years } from './crop';
import { CROPS } from './table';

const anyCrop = fc.constantFrom(...CROPS);
const fieldsOf = (crop: Crop) => cropNonsense(crop).map(({ field }) => field);

describe('a garden’s crops', () => {
  it('are the table, the gardener’s own in the place of those of the same name and after the rest', () => {
    fc.assert(
      fc.property(fc.uniqueArray(anyCrop, { maxLength: 6, selector: ({ id }) => id }), (some) => {
        const own = some.map((crop, i): Crop => ({
          ...crop,
          ...(i % 2 ? { id: `own-${crop.id}` } : {}),
          name: `Own ${i}`,
        }));
        const book = cropBook(own);
        expect(book).toHaveLength(CROPS.length + own.filter(({ id }) => id.startsWith('own-')).length);
        expect(new Set(book.map(({ id }) => id)).size).toBe(book.length);
        expect(book.slice(0, CROPS.length).map(({ id }) => id)).toEqual(CROPS.map(({ id }) => id));
        for (const crop of own) expect(cropIn(own, crop.id)).toBe(crop);
      }),
    );
    expect(findCrop([], 'no such crop')).toBeUndefined();
    expect(() => cropIn([], 'no such crop')).toThrow('No crop is called "no such crop"');
  });

  it('are seventy and more, with what every garden grows among them, and perennials a year of their own', () => {
    expect(CROPS.length).toBeGreaterThanOrEqual(70);
    const asked =
      'potato garlic leek shallot spinach broccoli cauliflower sprouts kohlrabi turnip pak-choi fennel sweetcorn bush-courgette dwarf-pea parsnip celery parsley basil mint rocket chilli asparagus rhubarb blueberry blackcurrant redcurrant gooseberry loganberry apple pear plum cherry peach clematis honeysuckle jasmine climbing-rose rambling-rose passionfruit nasturtium dahlia gladiolus sunflower kale wisteria';
    expect(asked.split(' ').filter((id) => !findCrop([], id))).toEqual([]);
    for (const crop of CROPS) expect(crop.years !== undefined, crop.id).toBe(crop.seasons > 1);
    expect(fieldsOf({ ...cropIn([], 'tomato'), seasons: 3 })).toEqual(['years']);
  });

  it('of the table all make sense', () => {
    for (const crop of CROPS) expect(fieldsOf(crop), crop.id).toEqual([]);
  });
});

/** Each with a change that makes no sense of it, and the same change held back to where it does. */
const NONSENSE: readonly [field: string, wrong: (crop: Crop) => Partial<Crop>, right: (crop: Crop) => Partial<Crop>][] =
  [
    [
      'supportToMm',
      (crop) => ({ supportToMm: crop.heightMm + 1 }),
      (crop) => ({ supportToMm: Math.max(crop.heightMm, crop.supportFromMm + 1) }),
    ],
    ['supportFromMm', (crop) => ({ supportFromMm: crop.heightMm + 1 }), () => ({})],
    [
      'supportToMm',
      (crop) => ({ supportToMm: crop.supportFromMm }),
      (crop) => ({ supportToMm: crop.supportFromMm + 1 }),
    ],
    ['gapMm/least', ({ gapMm: { most } }) => ({ gapMm: { least: most + 1, most } }), () => ({})],
    [
      'gapMm/least',
      (crop) => ({ gapMm: { least: crop.supportFromMm + 1, most: crop.supportFromMm + 1 } }),
      (crop) => ({ gapMm: { least: crop.supportFromMm, most: crop.supportFromMm } }),
    ],
    [
      'daysToCrop/least',
      ({ daysToCrop: { most } }) => ({ daysToCrop: { least: most + 1, most } }),
      ({ daysToCrop: { most } }) => ({ daysToCrop: { least: most, most } }),
    ],
    [
      'sow/from',
      ({ sow: { to } }) => ({ sow: { from: to + 1, to } }),
      ({ sow: { to } }) => ({ sow: { from: to, to } }),
    ],
    ['seasons', () => ({ seasons: 1, years: cropIn([], 'apple').years as Years }), () => ({ seasons: 2 })],
    [
      'years/flowersWeek',
      () => ({ seasons: 2, years: { ...(cropIn([], 'apple').years as Years), budsWeek: 0, flowersWeek: -1 } }),
      () => ({ seasons: 2, years: { ...(cropIn([], 'apple').years as Years), budsWeek: 0, flowersWeek: 0 } }),
    ],
    ['fruitKg', (crop) => ({ fruitKg: crop.wetKg + 0.001 }), (crop) => ({ fruitKg: Math.min(crop.wetKg, 0.9) })],
  ];

it('what makes no sense in a crop is named by its field, with both figures; at the limit it still makes sense', () => {
  fc.assert(
    fc.property(anyCrop, fc.constantFrom(...NONSENSE), (crop, [field, wrong, right]) => {
      fc.pre(crop.habit !== 'none' && crop.heightMm > crop.supportFromMm);
      const told = cropNonsense({ ...crop, ...wrong(crop) });
      expect(told.map((one) => one.field)).toContain(field);
      for (const one of told) expect(one.message).toMatch(/\d|missing|given|sling/);
      expect(fieldsOf({ ...crop, ...right(crop) })).not.toContain(field);
    }),
  );
});

it('what climbs has holds and what does not has none; heavy fruit on tendrils wants a sling', () => {
  const [pea, lettuce, melon] = ['pea', 'lettuce', 'melon'].map((id) => cropIn([], id)) as [Crop, Crop, Crop];
  expect(fieldsOf({ ...pea, grips: null })).toEqual(['grips']);
  expect(fieldsOf({ ...lettuce, grips: pea.grips })).toEqual(['grips']);
  expect(fieldsOf({ ...melon, fruitKg: 0.91, slung: 'never' })).toEqual(['slung']);
  expect(fieldsOf({ ...melon, fruitKg: 0.9, slung: 'never' })).toEqual([]);
});

it('counts plants as a gardener does, of the table and of one’s own', () => {
  const said = (id: string, count: number) => counted(CROPS.find((crop) => crop.id === id) as Crop, count);
  expect([
    said('tomato', 14),
    said('tomato', 1),
    said('raspberry', 6),
    said('squash', 3),
    said('pole-bean', 40),
    said('garlic', 20),
    said('chilli', 2),
    said('sprouts', 1),
  ]).toEqual([
    '14 tomatoes',
    '1 tomato',
    '6 raspberries',
    '3 winter squashes',
    '40 pole beans',
    '20 garlic plants',
    '2 chillies',
    '1 sprout plant',
  ]);
  expect(counted({ id: 'own', name: 'Lemon cucumber' }, 2)).toBe('2 lemon cucumbers');
});
