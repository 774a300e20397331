import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { isUrgent } from '../checks/check';
import { CROPS } from '../crops/table';
import { DEMO_PLAN } from '../demo/garden';
import { computeStructure } from '../plan/compute';
import { computeAs } from '../plan/compute-as';
import type { Plan, StructurePlan } from '../plan/plan';
import { feet, inches } from '../quantity/length';
import type { BedOutline } from '../site/bed';
import { onPlan, VISITORS, type Feature, type Visitor } from '../site/plot';
import { SOILS, WINDS } from '../site/soil';
import type { Stand } from '../site/stands/stands';
import { SOIL } from '../site/underfoot';

import { pairwise, type Row } from './pairwise.fixture';
import { kindOf, KINDS } from './registry';

/** Three at a time, everybody once; and nobody. */
const VISITS: readonly (readonly Visitor[])[] = [
  [],
  ...VISITORS.flatMap((_one, i) => (i % 3 === 0 ? [VISITORS.slice(i, i + 3)] : [])),
];

const OUTLINES: readonly BedOutline[] = [
  { shape: 'rectangle' },
  { shape: 'round' },
  { shape: 'keyhole', notchLongMm: 600, notchDeepMm: 500 },
  { shape: 'corner', notchLongMm: 600, notchDeepMm: 500 },
];

/** All that a plan of one structure can be told before a knob is touched: what it is and carries, where it stands, who shops and who visits. */
const CHOICES = {
  // What stands already is as it is: nothing of it is suggested.
  stand: KINDS.filter(({ isThere }) => !isThere).flatMap((kind) =>
    kind.stands.flatMap((on) => (on === 'path' || on === 'run' ? [] : [{ kind: kind.id, on }])),
  ),
  what: CROPS.flatMap((crop) => crop.trainings.map((training) => ({ crop, training }))),
  visits: VISITS,
  market: ['imperial', 'metric'] as const,
  lengthMm: [feet(4), feet(8), feet(12), feet(24), feet(48), 1800, 2400, 5000],
  widthMm: [feet(1), feet(2), feet(3), feet(4), 900, 1200],
  raised: [
    { heightMm: 0, fill: 'loose' as const },
    ...[inches(11), inches(20)].flatMap((heightMm) =>
      (['loose', 'settled'] as const).map((fill) => ({ heightMm, fill })),
    ),
  ],
  outline: OUTLINES,
  standFrom: ['both sides', 'front only'] as const,
  slope: [0, 0.04],
  soil: SOILS,
  wind: WINDS,
};

/** What climbs or is tied, on what holds it up; strings hold no bushes; no kind carries what is trained flat; and a bed is as large as its notch or its curve wants. */
function together({ stand, what, outline, standFrom, lengthMm, widthMm }: Partial<Row<typeof CHOICES>>): boolean {
  const notched = outline?.shape === 'keyhole' || outline?.shape === 'corner';
  if (notched && ((widthMm ?? Infinity) < 900 || (lengthMm ?? Infinity) < feet(8))) return false;
  if (outline?.shape === 'round' && (widthMm ?? Infinity) < feet(2)) return false;
  // What leans over a bed is picked from both its sides, and two leaves want room between them.
  const leaning = stand && { 'a-frame': feet(3), tepee: feet(2) }[stand.kind];
  if (leaning && (standFrom === 'front only' || (widthMm ?? Infinity) < leaning)) return false;
  if (stand?.kind === 'a-frame' && notched) return false;
  if (!stand || !what || kindOf(stand.kind).purpose !== 'support') return true;
  if (what.crop.habit === 'none' || what.training.onWires) return false;
  return what.crop.habit !== 'bush' || stand.kind !== 'twine-frame';
}

function planOf(row: Row<typeof CHOICES>, count: number): Plan {
  const { lengthMm, widthMm, outline, standFrom, slope, soil, wind, raised } = row;
  const bed = {
    ...(DEMO_PLAN.beds[0] as Plan['beds'][number]),
    ...raised,
    id: 'b',
    lengthMm,
    widthMm,
    outline,
    standFrom,
    soil,
    wind,
    xMm: 30_000,
    yMm: 30_000,
    turnDeg: 0,
    riseMm: lengthMm * slope,
  };
  const stands = {
    bed: { on: 'bed', bed: 'b' },
    beds: { on: 'beds', beds: ['b', 'c'] },
    spot: { on: 'spot', at: { xMm: 10_000, yMm: 10_000, turnDeg: 0 }, underfoot: SOIL },
  } as const satisfies Partial<Record<Stand['on'], Stand>>;
  const planter = kindOf(row.stand.kind).purpose === 'planter';
  const planted = row.stand.on === 'spot' && !planter ? [] : ['p'];
  return {
    ...DEMO_PLAN,
    garden: { ...DEMO_PLAN.garden, market: row.market },
    site: { ...DEMO_PLAN.site, widthMm: 60_000, depthMm: 60_000, visitors: row.visits, soil, wind },
    beds: [bed, { ...bed, id: 'c', yMm: bed.yMm + widthMm + 1200 }],
    // What hangs on a wall has one.
    features: 'wallOf' in kindOf(row.stand.kind).knobs ? [wallBehindIt(bed)] : [],
    shed: [],
    plantings: planted.map((id) => ({
      id,
      year: DEMO_PLAN.garden.year,
      bed: planter ? 's' : 'b',
      crop: row.what.crop.id,
      training: row.what.training.id,
      count,
    })),
    structures: [
      {
        id: 's',
        kind: row.stand.kind,
        name: 'New',
        stand: stands[row.stand.on],
        plantings: planted,
        knobs: {},
      },
    ],
  };
}

/** A wall along all of the back of a bed. */
function wallBehindIt(bed: Plan['beds'][number]): Feature {
  const widthMm = 200;
  const [xMm, yMm] = onPlan(bed, 0, (bed.widthMm + widthMm) / 2);
  return {
    id: 'w',
    kind: 'wall',
    name: 'Wall',
    xMm,
    yMm,
    turnDeg: bed.turnDeg,
    lengthMm: bed.lengthMm + 1000,
    widthMm,
    heightMm: 2400,
    keepClearMm: 0,
  };
}

const said = ({ stand, what, ...rest }: Row<typeof CHOICES>, count: number): string =>
  `${stand.kind} on ${stand.on}, ${count} ${what.crop.id} ${what.training.id} ${JSON.stringify(rest)}`;

describe('a whole plan, as it is suggested', () => {
  it('passes or carries its mend, fails nothing in open ground, and can all be bought: every two of crop, stand, bed, soil, wind, market and visitors together', () => {
    for (let round = 0; round < Math.max(1, cases(1)); round++) {
      const rows = pairwise(CHOICES, together, (fc.readConfigureGlobal().seed ?? Date.now()) + round);
      const suited = new Map<string, number>();
      const wrong: string[] = [];
      const tried = (row: Row<typeof CHOICES>): void => {
        const alone = planOf(row, 1);
        const bare = computeAs(kindOf, alone, alone.structures[0] as StructurePlan);
        if (bare.verdicts.some((verdict) => verdict.unfit)) return;
        // As many plants as there is room for: that nobody can have more is no fault of the suggestion.
        const { stations, roomFor } = bare.sized.design;
        const long = row.lengthMm / row.what.training.spacingMm;
        const count = roomFor ?? Math.max(1, Math.floor(Math.min(stations.length, long)));
        const plan = planOf(row, count);
        const built = plan.structures[0] as StructurePlan;
        const { verdicts: found, cost } = computeAs(kindOf, plan, built);
        if (found.some((verdict) => verdict.unfit)) return;
        // Mends are tried where one is wanted.
        const { verdicts } = found.some(isUrgent) ? computeStructure(plan, built) : { verdicts: [] };
        suited.set(row.stand.kind, (suited.get(row.stand.kind) ?? 0) + 1);
        for (const { level, told, mend } of verdicts) {
          if ((level === 'warn' || level === 'fail') && !mend) wrong.push(`${told.code}, no mend: ${said(row, count)}`);
          // In open ground nothing fails; in a high bed of loose fill no post on sale may be long enough.
          else if (level === 'fail' && row.raised.heightMm === 0) wrong.push(`${told.code} fails: ${said(row, count)}`);
        }
        if (!cost.complete) wrong.push(`not all on sale: ${said(row, count)}`);
      };
      rows.forEach(tried);
      // What is for a few crops only met few of them: those are tried with it in the first beds.
      const isFor = (stand: (typeof CHOICES.stand)[number]) =>
        CHOICES.what.filter((what) => {
          const plan = planOf({ ...(rows[0] as (typeof rows)[number]), stand, what }, 1);
          const { verdicts } = computeAs(kindOf, plan, plan.structures[0] as StructurePlan);
          return verdicts.every(({ unfit }) => !unfit);
        });
      for (const stand of CHOICES.stand) {
        if ((suited.get(stand.kind) ?? 0) > 5) continue;
        for (const what of isFor(stand))
          for (const row of rows.slice(0, 3)) if (together({ ...row, stand, what })) tried({ ...row, stand, what });
        expect([stand.kind, (suited.get(stand.kind) ?? 0) > 0]).toEqual([stand.kind, true]);
      }
      expect(wrong).toEqual([]);
    }
  }, 300_000);

  it('is tried with every two of its choices that go together', () => {
    fc.assert(
      fc.property(
        fc.record({
          a: fc.integer({ min: 1, max: 7 }),
          b: fc.integer({ min: 1, max: 5 }),
          c: fc.integer({ min: 1, max: 4 }),
        }),
        fc.integer(),
        (sizes, seed) => {
          const of = (n: number) => Array.from({ length: n }, (_one, i) => i);
          const choices = { a: of(sizes.a), b: of(sizes.b), c: of(sizes.c) };
          const together = ({ a, b }: { a?: number; b?: number }) =>
            a === undefined || b === undefined || (a + b) % 3 !== 1;
          const rows = pairwise(choices, together, seed);
          const met = (x: 'a' | 'b' | 'c', m: number, y: 'a' | 'b' | 'c', n: number) =>
            rows.some((row) => row[x] === m && row[y] === n);
          expect(rows.every(together)).toBe(true);
          for (const a of choices.a) for (const b of choices.b) expect(met('a', a, 'b', b)).toBe(together({ a, b }));
          for (const c of choices.c)
            for (const a of choices.a) expect(met('a', a, 'c', c)).toBe(choices.b.some((b) => together({ a, b })));
        },
      ),
      { numRuns: cases(30) },
    );
  });
});
