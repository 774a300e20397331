import fc from 'fast-check';
import { CROPS } from '../crops/table';
import { DEMO_PLAN } from '../demo/garden';
import { computeStructure } from '../plan/compute';
import { computeAs } from '../plan/compute-as';
import type { Plan } from '../plan/plan';
import { FILLS, STANDING, type BedOutline } from '../site/bed';
import { onPlan, VISITORS, type Feature } from '../site/plot';
import { SOILS, WINDS } from '../site/soil';
import { SIDES } from '../site/path';
import type { Stand } from '../site/stands/stands';
import { SOIL, type Underfoot } from '../site/underfoot';
import type { Knob, Knobs } from './knob';
import { kindOf, KINDS } from './registry';
import type { StructureKind } from './kind';

/** Any value a knob admits; the limits themselves come up often. */
function anyValue(knob: Knob): fc.Arbitrary<number | string> {
  if (knob.type === 'choice') return fc.constantFrom(...knob.choices.map((choice) => choice.id));
  if (knob.type === 'count') return fc.integer({ min: knob.min, max: knob.max });
  return fc.oneof(fc.constantFrom(knob.min, knob.max), fc.double({ min: knob.min, max: knob.max, noNaN: true }));
}
/** Any settings of a kind: each knob set by hand or left to follow its suggestion. */
export const anySettings = (knobs: Knobs) =>
  fc.record(Object.fromEntries(Object.entries(knobs).map(([name, knob]) => [name, anyValue(knob)])), {
    requiredKeys: [],
  }) as fc.Arbitrary<Record<string, number | string>>;

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyUnderfoot: fc.Arbitrary<Underfoot> = fc.oneof(
  fc.constant(SOIL),
  fc.constant({ is: 'paving' as const }),
  fc.record({
    is: fc.constantFrom('decking' as const, 'balcony' as const),
    bearsKgM2: fc.option(fc.integer({ min: 50, max: 1000 })),
    answeredBy: fc.constantFrom('', 'The landlord'),
  }),
);

const anyBed = fc
  .record({
    lengthMm: mm(800, 20_000),
    widthMm: mm(150, 3000),
    heightMm: fc.constantFrom(0, 0, 280, 900),
    fill: fc.constantFrom(...FILLS),
    outline: fc.constantFrom<BedOutline>(
      { shape: 'rectangle' },
      { shape: 'round' },
      { shape: 'polygon', corners: 6 },
      { shape: 'keyhole', notchLongMm: 600, notchDeepMm: 500 },
      { shape: 'corner', notchLongMm: 900, notchDeepMm: 400 },
    ),
    standFrom: fc.constantFrom(...STANDING),
    slope: fc.constantFrom(0, 0, 0.02, -0.05, 0.15),
    xMm: fc.integer({ min: 0, max: 15_000 }),
    yMm: fc.integer({ min: 0, max: 15_000 }),
    turnDeg: fc.constantFrom(0, 30, 90),
    grew: fc.constant([]),
    soil: fc.constantFrom(...SOILS),
    wind: fc.constantFrom(...WINDS),
    // Few lie on a floor.
    underfoot: fc.oneof({ weight: 7, arbitrary: fc.constant(SOIL) }, { weight: 1, arbitrary: anyUnderfoot }),
  })
  .map(({ slope, underfoot, ...bed }) => ({
    ...bed,
    name: 'Bed',
    note: '',
    riseMm: bed.lengthMm * slope,
    ...(underfoot.is === 'soil' ? {} : { underfoot }),
  }));
const anyPlantings = fc.array(fc.record({ crop: fc.constantFrom(...CROPS), count: fc.integer({ min: 1, max: 30 }) }), {
  maxLength: 3,
});

/** Corners that wander, far enough from each other for the door, with soil that rises and falls. */
const anyPath = fc
  .record({
    x: fc.integer({ min: 0, max: 15_000 }),
    legs: fc.array(fc.record({ turn: mm(-2.4, 2.4), long: mm(400, 9000), rise: mm(-0.2, 0.2) }), {
      minLength: 1,
      maxLength: 5,
    }),
    closed: fc.boolean(),
    inside: fc.constantFrom(...SIDES),
    underfoot: anyUnderfoot,
  })
  .map(({ x, legs, closed, inside, underfoot }) => {
    let [at, way] = [{ xMm: x, yMm: 4000, groundMm: 0 }, 0];
    const spots = [at];
    for (const leg of legs) {
      way += leg.turn;
      at = {
        xMm: at.xMm + leg.long * Math.cos(way),
        yMm: at.yMm + leg.long * Math.sin(way),
        groundMm: at.groundMm + Math.round(leg.rise * leg.long),
      };
      spots.push(at);
    }
    const [first, last] = [spots[0], spots.at(-1)];
    const apart = Math.hypot((first?.xMm ?? 0) - (last?.xMm ?? 0), (first?.yMm ?? 0) - (last?.yMm ?? 0));
    return { on: 'path' as const, spots, closed: closed && spots.length > 2 && apart > 400, inside, underfoot };
  });

/** Two beds beside each other, mostly; sometimes overlapping, past each other or askew. */
const besideMm = fc.oneof(mm(500, 2500), mm(-800, 6000));
const anyStand = (kind: StructureKind): fc.Arbitrary<Stand> =>
  fc.oneof(
    ...kind.stands.map((on): fc.Arbitrary<Stand> => {
      if (on === 'bed') return fc.constant({ on, bed: 'bed' });
      if (on === 'beds') return fc.constant({ on, beds: ['bed', 'other'] });
      if (on === 'path') return anyPath;
      if (on === 'run') return mm(0, 12_000).map((atMm) => ({ on, of: 'host', atMm }));
      return fc
        .record({ xMm: mm(0, 9000), yMm: mm(0, 9000), turnDeg: mm(-180, 180) })
        .chain((at) => anyUnderfoot.map((underfoot) => ({ on, at, underfoot })));
    }),
  );

/** Of a kind that stands in a run, the run; of one that others stand in, up to three of them. */
const HOST = KINDS.find((kind) => kind.hosts) as StructureKind;
const GUEST = KINDS.find((kind) => kind.stands.includes('run')) as StructureKind;
function anyTied(kind: StructureKind): fc.Arbitrary<Plan['structures']> {
  const one = { plantings: [] as string[], name: 'Tied' };
  if (kind.stands.includes('run'))
    return fc
      .record({ stand: anyPath, knobs: anySettings(HOST.knobs) })
      .map((host) => [{ ...one, ...host, id: 'host', kind: HOST.id }]);
  if (!kind.hosts) return fc.constant([]);
  return fc.array(fc.record({ atMm: mm(0, 12_000), knobs: anySettings(GUEST.knobs) }), { maxLength: 3 }).map((guests) =>
    guests.map(({ atMm, knobs }, i) => ({
      ...one,
      id: `g${i}`,
      kind: GUEST.id,
      stand: { on: 'run' as const, of: 's', atMm },
      knobs,
    })),
  );
}

/** Behind the bed of what hangs on a wall: mostly one that is near and long enough; too far, too low or askew now and then. */
const anyWall = (kind: StructureKind) =>
  'wallOf' in kind.knobs
    ? fc.record({
        kind: fc.constantFrom('wall' as const, 'fence' as const, 'house' as const),
        off: fc.oneof(mm(0, 500), mm(-300, 900)),
        askew: fc.constantFrom(0, 0, 0, 0.3, 5, 180),
        along: mm(-1500, 1500),
        longer: fc.oneof(mm(0, 3000), mm(-3000, 0)),
        highMm: mm(800, 4000),
      })
    : fc.constant(null);
type AnyWall = ReturnType<typeof anyWall> extends fc.Arbitrary<infer W> ? W : never;
function wallsAt(
  bed: { xMm: number; yMm: number; turnDeg: number; lengthMm: number; widthMm: number },
  wall: AnyWall,
): Feature[] {
  if (!wall) return [];
  const widthMm = 200;
  const [xMm, yMm] = onPlan(bed, wall.along, (bed.widthMm + widthMm) / 2 + wall.off);
  const lengthMm = Math.max(500, bed.lengthMm + wall.longer);
  return [
    {
      id: 'w',
      name: 'W',
      kind: wall.kind,
      xMm,
      yMm,
      turnDeg: bed.turnDeg + wall.askew,
      lengthMm,
      widthMm,
      heightMm: wall.highMm,
      keepClearMm: 0,
    },
  ];
}

export const anyPlan = (kind: StructureKind): fc.Arbitrary<Plan> =>
  fc
    .record({
      knobs: anySettings(kind.knobs),
      bed: anyBed,
      other: fc.record({ bed: anyBed, beside: besideMm, along: mm(-2000, 2000), askew: fc.constantFrom(0, 0, 8, 90) }),
      plantings: anyPlantings,
      stand: anyStand(kind),
      market: fc.constantFrom('imperial' as const, 'metric' as const),
      visitors: fc.subarray([...VISITORS]),
      others: anyTied(kind),
      wall: anyWall(kind),
    })
    .map(({ knobs, bed, other, plantings, stand, market, visitors, others, wall }) => {
      const [xMm, yMm] = onPlan(bed, other.along, (bed.widthMm + other.bed.widthMm) / 2 + other.beside);
      const planter = kind.purpose === 'planter';
      const carries = stand.on === 'bed' || stand.on === 'beds' || planter ? plantings : [];
      return {
        ...DEMO_PLAN,
        garden: { ...DEMO_PLAN.garden, market },
        site: { ...DEMO_PLAN.site, visitors },
        features: [...DEMO_PLAN.features, ...wallsAt(bed, wall)],
        beds: [
          { ...bed, id: 'bed' },
          { ...other.bed, id: 'other', name: 'Other', xMm, yMm, turnDeg: bed.turnDeg + other.askew },
        ],
        plantings: carries.map(({ crop, count }, i) => ({
          id: `p${i}`,
          bed: planter ? 's' : 'bed',
          crop: crop.id,
          training: crop.trainings[i % crop.trainings.length]?.id ?? '',
          count,
          year: DEMO_PLAN.garden.year,
        })),
        structures: [
          { id: 's', kind: kind.id, name: 'S', stand, plantings: carries.map((_one, i) => `p${i}`), knobs },
          ...others,
        ],
      };
    });

/** What is computed of its first structure; and with its mends tried, which is as much work again for each. */
export const first = (plan: Plan) => computeAs(kindOf, plan, plan.structures[0] as Plan['structures'][number]);
export const firstMended = (plan: Plan) => computeStructure(plan, plan.structures[0] as Plan['structures'][number]);
