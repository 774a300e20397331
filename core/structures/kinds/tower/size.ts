import { stockOf } from '../../../catalogue/catalogue';
import type { Stack } from '../../../checks/tower-stands';
import { chain } from '../../../design/chain';
import { placed, type Fixing, type Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Block } from '../../../design/shapes/block';
import { fillOf, squareRim } from '../../../design/shapes/fill';
import { add, unit, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { takesPosts } from '../../../site/underfoot';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import type { Sizing } from '../../kind';
import type { Values } from '../../knob';
import { plantsBought } from '../../rules/potting';
import { FROM_ABOVE, fromEnd, fromFront } from '../../rules/row-views';
import { plantEach } from '../../rules/stations';
import { ACROSS_MM, CUPS, rodAbove, stackOf, TIER_MM, tierLitres, type SpotSetting, type TOWER_KNOBS } from './knobs';

export type TowerValues = Values<typeof TOWER_KNOBS>;

/** From the rod to the middle of a cup (from memory). mm. */
const CUP_OUT_MM = inches(4);
/** Soil drawn beside it. mm. */
const BESIDE_MM = 500;

/** What its own checks and mends ask for. */
export interface TowerFacts {
  places: number;
  litresEach: number;
  /** One tower as the wind finds it, and what it weighs before it is watered. kg. */
  stack: Stack;
  dryKg: number;
}

/** Tiers that nobody stands in, beside the first. */
const sparePots = (first: Pick<ReturnType<typeof tierOf>, 'heart' | 'pot'>, count: number): Joint => ({
  id: 'spare-pots',
  kind: 'pots to spare',
  by: 'bearing',
  places: [first.heart],
  parts: [first.pot.id],
  fixings: [{ stock: 'tower-tier', count }],
});

/** A tier on its rod, filled and planted. */
const onItsRod = (
  { pot, mix, stem, heart }: ReturnType<typeof tierOf> & { stem: Bar },
  fixings: readonly Fixing[],
): Assembled => ({
  parts: [mix, pot],
  joints: [
    {
      id: `on-${pot.id}`,
      kind: 'tier planted',
      by: 'through a hole',
      places: [[heart[0], heart[1], Math.min(heart[2], stem.to[2] - 1)]],
      parts: [pot.id, mix.id, stem.id],
      fixings,
    },
  ],
});

/** Sizes the towers: tiers of three cups threaded on a driven rod, filled and planted; plants come in bundles, pots with spares. */
export function sizeTower(v: TowerValues, setting: SpotSetting): Sizing<TowerFacts> {
  const rod = stockOf(setting.catalogue, v.rod, 'rod');
  const builtMm = (v.towers - 1) * v.apart + ACROSS_MM;
  const middles = Array.from({ length: v.towers }, (_, i) => ACROSS_MM / 2 + i * v.apart);
  const above = rodAbove(v.tiers);
  // On paving or a floor it stands on its end, and only keeps the tiers in line.
  const deepMm = takesPosts(setting.place.underfoot) ? v.depth : 0;
  const shortMm = Math.max(0, above + deepMm - (setting.sizesOf(rod.id).at(-1) ?? Infinity));
  const rods = middles.map((x, i) =>
    barOf({
      id: `rod-${i + 1}`,
      role: 'rod',
      of: rod,
      buriedMm: deepMm,
      from: [x, 0, -deepMm],
      to: [x, 0, above],
      ...(deepMm > 0
        ? { stands: { aboveMm: above, buriedMm: deepMm, wantedMm: deepMm, shortMm, set: 'pushed' as const } }
        : {}),
    }),
  );
  const tiers = rods.flatMap((stem, i) =>
    Array.from({ length: v.tiers }, (_, n) => ({ stem, ...tierOf(middles[i] as number, n, `${i + 1}-${n + 1}`) })),
  );
  // Every cup is a place; the lowest are planted first.
  const stations = plantEach(
    setting.planted,
    tiers.flatMap(({ cups }) => cups),
    'pocket',
  );
  const pots = v.tiers * v.towers;
  const spare = Math.ceil((pots * v.spare) / 100);
  const [first] = tiers as [(typeof tiers)[number]];
  const highMm = v.tiers * TIER_MM;
  const soil = [
    [-BESIDE_MM, 0],
    [builtMm + BESIDE_MM, 0],
  ] as const;
  return {
    design: placed({
      ...together(
        { parts: rods },
        ...tiers.map((tier, n) =>
          onItsRod(tier, plantsBought(v.plants, setting, stations.slice(n * CUPS, (n + 1) * CUPS))),
        ),
        spare > 0 && { joints: [sparePots(first, spare)] },
      ),
      stations,
      ground: { lengthMm: builtMm, riseMm: 0 },
      builtMm,
      views: [
        fromFront('From the front', soil),
        FROM_ABOVE,
        // Tiers stand over each other, not behind.
        {
          ...fromEnd('From the end', [
            [-BESIDE_MM, 0],
            [BESIDE_MM, 0],
          ]),
          nearest: false,
        },
      ],
      roomFor: CUPS * pots,
      reasons: {
        rod: deepMm > 0 ? fact('count.rod', { depth: { mm: deepMm } }) : fact('count.rod-floor'),
        tier: fact('count.tiers', { tiers: v.tiers, plants: CUPS * pots }),
        mix: fact('count.mix'),
        'tier planted': fact('count.plants', { cups: CUPS, plants: stations.length }),
        'pots to spare': fact('count.spare', { percent: v.spare }),
      },
      marks: [
        chain('elevation', 'z', 'heights', deepMm > 0 ? [-deepMm, 0, highMm] : [0, highMm]),
        chain('elevation', 'x', 'in all', [0, builtMm]),
        v.towers > 1 && chain('plan', 'x', 'middles', middles),
        chain('end', 'x', 'across', [-ACROSS_MM / 2, ACROSS_MM / 2]),
        chain('end', 'z', 'top', [0, highMm]),
      ],
      handles: [
        deepMm > 0 && {
          knob: 'depth',
          view: 'elevation',
          at: [middles[0] ?? 0, 0, -deepMm],
          axis: 'up',
          perMm: -1,
        },
        v.towers > 1 && { knob: 'apart', view: 'elevation', at: [middles[1] ?? 0, 0, highMm / 2], axis: 'right' },
      ],
    }),
    facts: {
      places: CUPS * pots,
      litresEach: tierLitres() / CUPS,
      stack: stackOf(v.tiers, v.depth, setting, v.rod),
      dryKg: (tierLitres() * v.tiers) / stockOf(setting.catalogue, 'potting-mix', 'bagged').litresPerKg,
    },
  };
}

/** One tier on its rod: the pot, what it is filled with, its middle, and its cups. */
function tierOf(x: number, n: number, name: string) {
  const half = ACROSS_MM / 2;
  // Every other tier is turned, so that its cups stand between those below.
  const turn = n % 2 === 0 ? 0 : Math.PI / 4;
  const along: Point = [Math.cos(turn), Math.sin(turn), 0];
  const aside: Point = [-Math.sin(turn), Math.cos(turn), 0];
  const pot: Block = {
    shape: 'block',
    id: `tier-${name}`,
    role: 'tier',
    stock: 'tower-tier',
    cutMm: ACROSS_MM,
    wideMm: ACROSS_MM,
    highMm: TIER_MM,
    buriedMm: 0,
    corner: [x - half * (along[0] + aside[0]), -half * (along[1] + aside[1]), n * TIER_MM],
    along,
    up: UP,
  };
  // In the middle of its pot, as high as that is.
  const mix = fillOf({
    id: `mix-${name}`,
    role: 'mix',
    of: 'potting-mix',
    cutMm: TIER_MM,
    bottom: [x, 0, n * TIER_MM],
    rim: squareRim(Math.sqrt((tierLitres() * 1e6) / TIER_MM) / 2),
    litres: tierLitres(),
  });
  const cups = Array.from({ length: CUPS }, (_, cup) => {
    const way = turn + (cup * 2 * Math.PI) / CUPS;
    const out: Point = [Math.cos(way), Math.sin(way), 0];
    const at: Point = [x + CUP_OUT_MM * out[0], CUP_OUT_MM * out[1], (n + 1) * TIER_MM];
    // Up and over the rim.
    return { at, alongMm: at[0], up: unit(add(out, UP)) };
  });
  return { pot, mix, heart: [x, 0, (n + 0.5) * TIER_MM] as const, cups };
}
