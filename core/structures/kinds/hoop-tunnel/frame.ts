import { sleeveFor } from '../../../catalogue/rods';
import { stockOf } from '../../../catalogue/catalogue';
import type { Rod } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Fill } from '../../../design/shapes/fill';
import type { Line } from '../../../design/shapes/line';
import type { Part } from '../../../design/shapes/shapes';
import { sampledThrough } from '../../../geometry/curve';
import { add, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { onGround, type Ground } from '../../../site/ground';
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
  const chain = [
    [hoop.points[0]?.[0] ?? 0, -buriedMm] as const,
    ...hoop.points,
    [hoop.points.at(-1)?.[0] ?? 0, -buriedMm] as const,
  ].map(([across, up]): Point => add(foot, [0, across, up]));
  const curve = sampledThrough(chain, 96);
  return barOf({
    id: `hoop-${i + 1}`,
    role: 'hoop',
    of: rod,
    from: chain[0] as Point,
    to: chain.at(-1) as Point,
    bent: curve,
    cutMm: hoop.lengthMm + 2 * buriedMm,
    buriedMm,
  });
}

/** A sleeve round each foot: in the soil, strapped to the side of the bed, or cast into the core of a block. */
export function setSleeves(
  v: HoopTunnelValues,
  setting: BedSetting,
  hoops: readonly Bar[],
): { parts: Part[]; joints: Joint[] } {
  const pipe = sleeveFor(stockOf(setting.catalogue, v.rod, 'rod').diameterMm);
  const made = hoops.flatMap((hoop, i) =>
    [hoop.from, hoop.to].map((foot, side) => {
      const name = `${i + 1}-${side === 0 ? 'front' : 'back'}`;
      const top: Point = add(foot, [0, 0, SLEEVE_MM]);
      const sleeve: Bar = barOf({
        id: `sleeve-${name}`,
        role: 'sleeve',
        of: pipe,
        cutMm: SLEEVE_MM,
        buriedMm: v.feet === 'side' ? 0 : SLEEVE_MM,
        from: foot,
        to: top,
      });
      const middle: Point = add(foot, [0, 0, SLEEVE_MM / 2]);
      const inSleeve: Joint = {
        id: `foot-${name}`,
        kind: 'hoop in sleeve',
        places: [middle],
        parts: [hoop.id, sleeve.id],
        fixings: v.feet === 'side' ? [{ stock: 'pipe-strap', count: 1 }] : [],
      };
      const half = CORE_MM / 2;
      const core: Fill = {
        shape: 'fill',
        id: `core-${name}`,
        role: 'concrete',
        stock: 'concrete-mix',
        cutMm: SLEEVE_MM,
        bottom: foot,
        rim: {
          outline: [
            [-half, -half],
            [half, -half],
            [half, half],
            [-half, half],
          ],
        },
        crownMm: 0,
        litres: ((CORE_MM ** 2 - (Math.PI / 4) * pipe.diameterMm ** 2) * SLEEVE_MM) / 1e6,
      };
      const cast: Joint = {
        id: `cast-${name}`,
        kind: 'sleeve in core',
        places: [middle],
        parts: [sleeve.id, core.id],
        fixings: [],
      };
      return v.feet === 'core'
        ? { parts: [sleeve, core], joints: [inSleeve, cast] }
        : { parts: [sleeve], joints: [inSleeve] };
    }),
  );
  return { parts: made.flatMap((one) => one.parts), joints: made.flatMap((one) => one.joints) };
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
): { parts: Part[]; joints: Joint[] } | null {
  if (v.ridge === 'none') return null;
  const under = v.ridge === 'pipe' ? hoop.heightMm - rod.diameterMm : hoop.heightMm;
  const crown = (x: number): Point => add(onGround(ground, x, y), [0, 0, under]);
  if (v.ridge === 'cord') {
    const cord: Line = {
      shape: 'line',
      id: 'ridge-cord',
      role: 'ridge cord',
      stock: 'twine-synthetic',
      path: at.map(crown),
      cutMm: (at.at(-1) ?? 0) + at.length * CORD_END_MM,
      diameterMm: stockOf(setting.catalogue, 'twine-synthetic', 'cord').diameterMm,
    };
    return {
      parts: [cord],
      joints: hoops.map((bar, i) => ({
        id: `hitch-${i + 1}`,
        kind: 'cord round hoop',
        places: [crown(at[i] ?? 0)],
        parts: [cord.id, bar.id],
        fixings: [],
      })),
    };
  }
  const longest = setting.sizesOf(rod.id).at(-1) ?? USUAL_PIPE_MM;
  const end = at.at(-1) ?? 0;
  // Pieces meet under a hoop, where both are clamped.
  const breaks = [0];
  for (const [i, x] of at.entries()) {
    const next = at[i + 1];
    if (next !== undefined && next - (breaks.at(-1) ?? 0) > longest && x > (breaks.at(-1) ?? 0)) breaks.push(x);
  }
  const pieces = breaks.map((from, i): Bar => {
    const to = breaks[i + 1] ?? end;
    return barOf({
      id: `ridge-${i + 1}`,
      role: 'ridge',
      of: rod,
      cutMm: Math.max(1, to - from),
      from: crown(from),
      to: crown(to),
      wide: [0, 1, 0],
    });
  });
  return {
    parts: pieces,
    joints: hoops.map((bar, i): Joint => {
      const x = at[i] ?? 0;
      const held = pieces.filter((_one, n) => x >= (breaks[n] ?? 0) - 1 && x <= (breaks[n + 1] ?? end) + 1);
      return {
        id: `clamp-${i + 1}`,
        kind: 'hoop to ridge',
        places: [add(onGround(ground, x, y), [0, 0, hoop.heightMm - rod.diameterMm / 2])],
        parts: [bar.id, ...held.map((one) => one.id)],
        fixings: [{ stock: 'pipe-clamp', count: Math.max(1, held.length) }],
      };
    }),
  };
}
