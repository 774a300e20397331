import { stockOf } from '../../../catalogue/catalogue';
import { sleeveFor } from '../../../catalogue/rods';
import type { Rod } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { fillOf, squareRim } from '../../../design/shapes/fill';
import { lineOf } from '../../../design/shapes/line';
import { sampledThrough } from '../../../geometry/curve';
import { add, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { onGround, type Ground } from '../../../site/ground';
import { together, type Assembled } from '../../assemblies/assembly';
import type { BedSetting } from '../../setting';
import type { Hoop } from './hoop';
import { SLEEVE_MM, type HoopTunnelValues } from './knobs';

/** Ends of a cord: at a hitch, to a peg (from memory). mm. */
export const CORD_END_MM = inches(12);
/** The core of an 8″ block: about 5″ square and as deep as the block (from memory). mm. */
const CORE_MM = inches(5);
/** Where no length is named in the price book. mm. */
const USUAL_PIPE_MM = feet(16);

/** A hoop with its feet in the soil, in the plane of its place along the bed. */
export function standHoop(hoop: Hoop, rod: Rod, foot: Point, buriedMm: number, i: number): Bar {
  const [first, last] = [hoop.points[0], hoop.points.at(-1)].map((one) => [one?.[0] ?? 0, -buriedMm] as const);
  const chain = [first, ...hoop.points, last].map(([across = 0, up = 0] = [0, 0]): Point => add(foot, [0, across, up]));
  return barOf({
    id: `hoop-${i + 1}`,
    role: 'hoop',
    of: rod,
    from: chain[0] as Point,
    to: chain.at(-1) as Point,
    bent: sampledThrough(chain, 96),
    cutMm: hoop.lengthMm + 2 * buriedMm,
    buriedMm,
    stands: { aboveMm: hoop.heightMm, buriedMm, wantedMm: buriedMm, shortMm: 0, set: 'pushed' },
  });
}

/** A sleeve round each foot: in the soil, strapped to the side of the bed, or cast into the core of a block. */
export function setSleeves(v: HoopTunnelValues, setting: BedSetting, hoops: readonly Bar[]): Assembled {
  const pipe = sleeveFor(stockOf(setting.catalogue, v.rod, 'rod').diameterMm);
  const feet = hoops.flatMap((hoop, i) =>
    [hoop.from, hoop.to].map((foot, side) => {
      const name = `${i + 1}-${side === 0 ? 'front' : 'back'}`;
      const sleeve = barOf({
        id: `sleeve-${name}`,
        role: 'sleeve',
        of: pipe,
        buriedMm: v.feet === 'side' ? 0 : SLEEVE_MM,
        from: foot,
        to: add(foot, [0, 0, SLEEVE_MM]),
      });
      const core = fillOf({
        id: `core-${name}`,
        role: 'concrete',
        of: 'concrete-mix',
        cutMm: SLEEVE_MM,
        bottom: foot,
        rim: squareRim(CORE_MM / 2),
        litres: ((CORE_MM ** 2 - (Math.PI / 4) * pipe.diameterMm ** 2) * SLEEVE_MM) / 1e6,
      });
      const places = [add(foot, [0, 0, SLEEVE_MM / 2])];
      const inSleeve: Joint = {
        id: `foot-${name}`,
        kind: 'hoop in sleeve',
        ...(v.feet === 'side' ? {} : { by: 'through a hole' }),
        places,
        parts: [hoop.id, sleeve.id],
        fixings: v.feet === 'side' ? [{ stock: 'pipe-strap', count: 1 }] : [],
      };
      const cast: Joint = {
        id: `cast-${name}`,
        kind: 'sleeve in core',
        by: 'cast in',
        places,
        parts: [sleeve.id, core.id],
        fixings: [],
      };
      return v.feet === 'core'
        ? { parts: [sleeve, core], joints: [inSleeve, cast] }
        : { parts: [sleeve], joints: [inSleeve] };
    }),
  );
  return together(...feet);
}

/** A cord hitched round the crown of every hoop, or a pipe clamped under them. */
export function runRidge(
  v: HoopTunnelValues,
  setting: BedSetting,
  hoop: Hoop,
  rod: Rod,
  hoops: readonly Bar[],
  at: readonly number[],
  ground: Ground,
  y: number,
): Assembled | null {
  if (v.ridge === 'none') return null;
  const over = (x: number, up: number): Point => add(onGround(ground, x, y), [0, 0, up]);
  const end = at.at(-1) ?? 0;
  if (v.ridge === 'cord') {
    const cord = lineOf({
      id: 'ridge-cord',
      role: 'ridge cord',
      of: stockOf(setting.catalogue, 'twine-synthetic', 'cord'),
      path: at.map((x) => over(x, hoop.heightMm)),
      cutMm: end + at.length * CORD_END_MM,
    });
    return {
      parts: [cord],
      joints: hoops.map((bar, i) => ({
        id: `hitch-${i + 1}`,
        kind: 'cord round hoop',
        by: 'tied',
        places: [cord.path[i] as Point],
        parts: [cord.id, bar.id],
        fixings: [],
      })),
    };
  }
  const longest = setting.sizesOf(rod.id).at(-1) ?? USUAL_PIPE_MM;
  // Pieces meet under a hoop, where both are clamped.
  const breaks = [0];
  for (const [i, x] of at.entries()) {
    const next = at[i + 1];
    if (next !== undefined && next - (breaks.at(-1) ?? 0) > longest && x > (breaks.at(-1) ?? 0)) breaks.push(x);
  }
  const stretches = breaks.map((from, i) => [from, breaks[i + 1] ?? end] as const);
  const pieces = stretches.map(([from, to], i) =>
    barOf({
      id: `ridge-${i + 1}`,
      role: 'ridge',
      of: rod,
      cutMm: Math.max(1, to - from),
      from: over(from, hoop.heightMm - rod.diameterMm),
      to: over(to, hoop.heightMm - rod.diameterMm),
      wide: [0, 1, 0],
    }),
  );
  return {
    parts: pieces,
    joints: hoops.map((bar, i) => {
      const x = at[i] ?? 0;
      const held = pieces.filter((_one, n) => x >= (stretches[n]?.[0] ?? 0) - 1 && x <= (stretches[n]?.[1] ?? 0) + 1);
      return {
        id: `clamp-${i + 1}`,
        kind: 'hoop to ridge',
        places: [over(x, hoop.heightMm - rod.diameterMm / 2)],
        parts: [bar.id, ...held.map((one) => one.id)],
        fixings: [{ stock: 'pipe-clamp', count: Math.max(1, held.length) }],
      };
    }),
  };
}
