import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import type { Design } from '../design/design';
import { coverOf, membersOf } from '../design/on-plot';
import { bedOnPlot, isOnFloor, notchOf } from '../site/bed';
import { onPlan } from '../site/plot';
import type { Frame } from '../site/frame';
import { distanceToOutline } from '../geometry/polygon';
import { bedsNamed, bedsOf, footholdOf, hostNamed, pathOf } from '../site/stands/stands';
import { anyPlan, first } from '../structures/any-plan.fixture';
import { BED_SIDES } from '../structures/bed-sides';
import { kindOf, KINDS } from '../structures/registry';
import { SOIL } from '../site/underfoot';
import { whereaboutsIn } from './clashes';
import { overNotch } from './over-notch';
import { bedAsBuilt } from './setting-of';
import { computeGarden } from './compute';

describe.each(KINDS)('where $id is', (kind) => {
  it('is told by its stand: the beds and the run it names are those it is sized for', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { setting, structure } = first(plan);
        const { beds, own, gap, underfoot } = footholdOf(setting.place);
        expect(bedsOf(setting.place).map(({ id }) => id)).toEqual(bedsNamed(structure.stand));
        if (own) expect(beds).toEqual([own]);
        expect(gap?.host ?? null).toBe(
          plan.structures.find(({ id }) => id === hostNamed(structure.stand))?.name ?? null,
        );
        // Soil, paving or a deck is said of exactly what no bed and no other structure is under, and of a bed on a floor.
        expect(underfoot !== null).toBe((beds.length === 0 && gap === null) || (own !== null && isOnFloor(own)));
        if (pathOf(structure.stand)) expect(underfoot).not.toBeNull();
      }),
      { numRuns: 15 },
    );
  });
});

// A row that leaves its bed or its way, and a cage that is walked round in, are found from their own side alone.
describe.each(KINDS.filter(({ stands }) => stands.some((on) => on === 'path' || on === 'spot')))('$id', (kind) => {
  it('is where it is looked for before it is sized, so that nothing it could meet is passed over', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { sized, frame, structure } = first(plan);
        fc.pre(bedsNamed(structure.stand).length === 0);
        const pieces = whereaboutsIn(plan)(structure);
        for (const spot of coverOf(sized.design, frame).flat())
          expect(Math.min(...pieces.map((piece) => distanceToOutline(spot, piece))), kind.id).toBeLessThan(1);
      }),
      { numRuns: 25 },
    );
  });
});

describe('the sides of a bed', () => {
  const sides = (id: string, bed: string) => ({
    id,
    kind: 'raised-bed',
    name: id,
    stand: { on: 'bed' as const, bed },
    plantings: [],
    knobs: {},
  });
  const clashing = (structures: (typeof DEMO_PLAN)['structures']): string[] =>
    computeGarden({ ...DEMO_PLAN, structures })
      .structures.filter(({ verdicts }) => verdicts.some(({ told }) => told.code === 'clash.other'))
      .map(({ structure }) => structure.id);
  const standing = DEMO_PLAN.structures.filter(({ stand }) => stand.on === 'bed' || stand.on === 'beds');

  it('are of kinds that are known before any is fetched', () => {
    expect([...BED_SIDES]).toEqual(KINDS.filter(({ purpose }) => purpose === 'bed').map(({ id }) => id));
  });

  it('are in the way of nothing that stands in it, over it or beside its way, nor that of them', () => {
    const before = clashing(standing);
    const beds = [...new Set(standing.flatMap(({ stand }) => bedsNamed(stand)))];
    const own = standing.filter(({ kind }) => kind !== 'raised-bed');
    expect(clashing([...own, ...beds.map((bed, i) => sides(`sides-${i}`, bed))])).toEqual(before);
  });

  it('of a keyhole let an arbor stand over its notch, its posts in the soil beside it, as wide as the way in; not on them', () => {
    const bed = DEMO_PLAN.beds.find(({ outline }) => outline.shape === 'keyhole');
    const over = bed && overNotch(bed, 'imperial');
    if (!bed || !over) throw new Error('the demo has no keyhole');
    const arbor = { id: 'arbor', kind: 'arbor', name: 'Arbor', plantings: [], ...over };
    for (const make of ['boards', 'metal', 'timbers', 'logs', 'blocks']) {
      const own = { ...sides('one', bed.id), knobs: { make } };
      const built = bedAsBuilt(kindOf, { ...DEMO_PLAN, structures: [own] }, bed);
      expect(clashing([own, { ...arbor, ...overNotch(built, 'imperial') }]), make).toEqual([]);
    }
    const [made] = computeGarden({ ...DEMO_PLAN, structures: [arbor] }).structures;
    const notch = bed.outline as Extract<typeof bed.outline, { shape: 'keyhole' }>;
    expect(Number(made?.sized.knobs['inside']?.value)).toBeGreaterThan(notch.notchLongMm);
    expect(made?.verdicts.filter(({ level }) => level === 'fail' || level === 'warn')).toEqual([]);
    // Every post stands in the bed, and the way between them is the notch.
    for (const post of membersOf(made?.sized.design as Design, made?.frame as Frame, true))
      for (const spot of post) expect(distanceToOutline(spot, bedOnPlot(bed))).toBeLessThan(1);
    const narrow = { ...arbor, knobs: { ...arbor.knobs, inside: notch.notchLongMm } };
    expect(clashing([sides('one', bed.id), narrow])).toEqual(['one', 'arbor']);
    expect(overNotch({ ...bed, outline: { shape: 'rectangle' } }, 'imperial')).toBeNull();
  });

  it('stand round what is in them: a pot in the notch of a keyhole, or in its soil, is in nobody’s way, on its wall it is', () => {
    const bed = DEMO_PLAN.beds.find(({ outline }) => outline.shape === 'keyhole');
    const notch = bed && notchOf(bed);
    if (!bed || !notch) throw new Error('the demo has no keyhole');
    const potAt = (across: number): string[] => {
      const [xMm, yMm] = onPlan(bed, 0, across);
      const pot = {
        id: 'pot',
        kind: 'tower',
        name: 'Pot',
        plantings: [],
        knobs: {},
        stand: { on: 'spot' as const, at: { xMm, yMm, turnDeg: 0 }, underfoot: SOIL },
      };
      return clashing([sides('one', bed.id), pot]);
    };
    const back = -bed.widthMm / 2 + notch.deepMm;
    expect(potAt(back - notch.deepMm / 2)).toEqual([]);
    expect(potAt((back + bed.widthMm / 2) / 2)).toEqual([]);
    expect(potAt(back)).toEqual(['one', 'pot']);
  });

  it('are in the way of other sides of the same bed, and of what comes over from another', () => {
    expect(clashing([sides('one', 'long-bed'), sides('two', 'long-bed')])).toEqual(['one', 'two']);
    const pushed: (typeof DEMO_PLAN)['structures'] = [
      sides('one', 'yard-bed'),
      {
        id: 'fence',
        kind: 'garden-fence',
        name: 'Fence',
        plantings: [],
        knobs: {},
        stand: {
          on: 'path',
          spots: [
            { xMm: 1000, yMm: 8600, groundMm: 0 },
            { xMm: 5000, yMm: 8600, groundMm: 0 },
          ],
          closed: false,
          inside: 'left',
          underfoot: SOIL,
        },
      },
    ];
    expect(clashing(pushed)).toEqual(['one', 'fence']);
  });
});
