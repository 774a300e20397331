import fc from 'fast-check';
import Joi from 'joi';
import { describe, expect, it } from 'vitest';
import { cropIn } from '../crops/book';
import { DEMO_PLAN } from '../demo/garden';
import { CROP_SCHEMA } from './crop-schemas';
import { atTheDoor, limitsOf } from './door';
import { BED_SCHEMA, FEATURE_SCHEMA, GARDEN_SCHEMA, SITE_SCHEMA } from './place-schemas';

/** Documents of every schema with limits, and where in them a number stands that has some. */
const NUMBERS: readonly (readonly [schema: Joi.ObjectSchema, document: object, path: string])[] = [
  ...['lengthMm', 'widthMm', 'heightMm', 'riseMm', 'turnDeg'].map(
    (path) => [BED_SCHEMA, DEMO_PLAN.beds[0] as object, path] as const,
  ),
  ...['heightMm', 'supportToMm', 'gapMm.least', 'daysToCrop.most', 'wetKg', 'sow.from'].map(
    (path) => [CROP_SCHEMA, cropIn([], 'pea'), path] as const,
  ),
  ...['widthMm', 'gustMs', 'frostDepthMm', 'armMm', 'latitudeDeg'].map(
    (path) => [SITE_SCHEMA, DEMO_PLAN.site, path] as const,
  ),
  ...['keepClearMm', 'heightMm'].map((path) => [FEATURE_SCHEMA, DEMO_PLAN.features[0] as object, path] as const),
  [GARDEN_SCHEMA, DEMO_PLAN.garden, 'reachMm'],
];

/** The document with another value at a path. */
function changed(document: object, path: string, value: unknown): object {
  const [head = '', ...rest] = path.split('.');
  const inner = (document as Record<string, object>)[head];
  return { ...document, [head]: rest.length === 0 ? value : changed(inner as object, rest.join('.'), value) };
}

describe('at the door', () => {
  it('a number passes from its least to its most, both included, and beyond is refused by path, value and limit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...NUMBERS),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0.01, max: 1e4, noNaN: true }),
        ([schema, document, path], share, past) => {
          const { min, max } = limitsOf(schema, path);
          for (const within of [min, max, min + share * (max - min)])
            expect(atTheDoor(schema, changed(document, path, within)), `${path} ${within}`).toMatchObject({ ok: true });
          for (const [value, says] of [
            [min - past, `is ${min - past}; the least is ${min}`],
            [max + past, `is ${max + past}; the most is ${max}`],
          ] as const)
            expect(atTheDoor(schema, changed(document, path, value))).toEqual({
              ok: false,
              faults: [{ path: `/${path.replaceAll('.', '/')}`, message: says }],
            });
        },
      ),
    );
  });

  it('nothing is taken for what it is not, and every fault is told at once', () => {
    const bed = DEMO_PLAN.beds[0] as object;
    for (const [path, value, says] of [
      ['lengthMm', '3000', 'is "3000", which is not a number'],
      ['lengthMm', NaN, 'is "NaN", which is not a number'],
      ['lengthMm', Infinity, 'is not a finite number'],
      ['name', '', 'is empty'],
      ['name', 'x'.repeat(81), 'is longer than 80 letters'],
      ['soil', 'moon dust', 'is "moon dust"; it must be one of'],
      ['id', 'a b', 'is "a b"; use letters, digits, - and _ only'],
      ['grew', 'peas', 'must be a list'],
      ['outline', 7, 'must be an object'],
    ] as const) {
      const read = atTheDoor(BED_SCHEMA, changed(bed, path, value));
      expect(read.ok ? [] : read.faults.map(({ path: at }) => at)).toContain(`/${path}`);
      expect(read.ok ? '' : read.faults.map(({ message }) => message).join()).toContain(says);
    }
    const worse = atTheDoor(BED_SCHEMA, { ...bed, lengthMm: 1, widthMm: 1, colour: 'blue' });
    expect(worse.ok ? 0 : worse.faults.length).toBe(3);
  });

  it('repeats of a value what helps: the beginning of a long text, that a list or an object is one', () => {
    const told = (field: string, value: unknown): string => {
      const read = atTheDoor(field === 'lengthMm' ? BED_SCHEMA : GARDEN_SCHEMA, {
        ...(field === 'lengthMm' ? DEMO_PLAN.beds[0] : DEMO_PLAN.garden),
        [field]: value,
      });
      return read.ok ? 'taken' : (read.faults[0]?.message ?? '');
    };
    expect(told('lengthMm', { a: 1 })).toBe('is an object, which is not a number');
    expect(told('lengthMm', [1, 2])).toBe('is a list, which is not a number');
    expect(told('market', {})).toMatch(/^is an object; it must be one of/);
    expect(told('locale', `${'$&'.repeat(2000)}`)).toMatch(/^is "(\$&){30}…"; /);
    expect(told('locale', 'xx-')).toMatch(/^is "xx-"; /);
  });

  it('limits are asked only of what has them', () => {
    expect(() => limitsOf(BED_SCHEMA, 'soil')).toThrow('"soil" has no');
    expect(() => limitsOf(Joi.object({ a: Joi.number().min(0) }), 'a')).toThrow('"a" has no max');
  });
});
