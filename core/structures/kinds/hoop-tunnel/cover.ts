import { stockOf } from '../../../catalogue/catalogue';
import type { Rod } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { axisOf, type Bar } from '../../../design/shapes/bar';
import { lineOf } from '../../../design/shapes/line';
import { onSheet, type Sheet } from '../../../design/shapes/sheet';
import { lengthOf, pointAt } from '../../../geometry/curve';
import { add, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { onGround, type Ground } from '../../../site/ground';
import type { Assembled } from '../../assemblies/assembly';
import { layStrips, midCover } from '../../assemblies/cover-strips';
import type { BedSetting } from '../../setting';
import { CORD_END_MM } from './frame';
import type { Hoop } from './hoop';
import type { HoopTunnelValues } from './knobs';

/** Past the end hoops a cover is gathered to a peg: as long as the hoop is high, and a foot to tie (from memory). mm. */
const GATHER_MM = feet(1);
/** The peg stands so far out, in heights of the hoop (from memory). */
export const PEG_OUT = 0.8;
/** A tie at each gathered end (from memory). mm. */
const TIE_MM = inches(36);

/** Strips of cover along the tunnel, side by side over the hoops, from tuck to tuck; each cut as long as the tunnel with both its gathers. */
export function layCover(
  v: HoopTunnelValues,
  setting: BedSetting,
  hoop: Hoop,
  rod: Rod,
  ground: Ground,
  y: number,
  builtMm: number,
): Sheet[] {
  const roll = stockOf(setting.catalogue, v.cover, 'mesh roll');
  const out = rod.diameterMm / 2;
  const hangs = setting.place.bed.heightMm > 0;
  const first = hoop.points[0] as readonly [number, number];
  const flap = (side: -1 | 1): readonly [number, number] =>
    hangs
      ? [side * -first[0] + side * out, -Math.min(v.tuck, setting.place.bed.heightMm)]
      : [side * (-first[0] + v.tuck), 0];
  const section = [
    ...(v.tuck > 0 ? [flap(-1)] : []),
    ...hoop.points.map(([across, up]) => {
      const long = Math.hypot(across, up) || 1;
      return [across * (1 + out / long), up * (1 + out / long)] as const;
    }),
    ...(v.tuck > 0 ? [flap(1)] : []),
  ];
  const strips = layStrips({ section, roll, ground, y, builtMm, cutMm: builtMm + 2 * (hoop.heightMm + GATHER_MM) });
  return strips.map((one) => ({ ...one, gathers: endsOf(one, hoop, ground, y, builtMm) }));
}

/** Past its end hoops a cover runs down to a peg. */
function endsOf(strip: Sheet, hoop: Hoop, ground: Ground, y: number, builtMm: number): Point[][] {
  return [0, builtMm].flatMap((end) => {
    const peg = onGround(ground, end + (end > 0 ? 1 : -1) * hoop.heightMm * PEG_OUT, y);
    return strip.uprightsMm.map((across) => [onSheet(strip, across, end), peg]);
  });
}

/** The cover on a hoop: clipped where clips hold it, else lying on it. */
export function onHoop(v: HoopTunnelValues, hoop: Bar, covers: readonly Sheet[], atMm: number, clips: number): Joint {
  const curve = axisOf(hoop);
  const above = lengthOf(curve) - 2 * hoop.buriedMm;
  const places = Array.from({ length: clips }, (_, n) => pointAt(curve, hoop.buriedMm + (above * (n + 0.5)) / clips));
  return {
    id: `on-${hoop.id}`,
    kind: 'cover on hoop',
    ...(v.held === 'clips' ? {} : { by: 'bearing' }),
    places: [...places, ...covers.map((one) => midCover(one, atMm))],
    parts: [hoop.id, ...covers.map((one) => one.id)],
    fixings: v.held === 'clips' ? [{ stock: 'hoop-clip', count: clips }] : [],
  };
}

/** A cord over the cover in the middle of each bay, to a peg on both sides. */
export function cordOver(
  setting: BedSetting,
  cover: Sheet,
  hoop: Hoop,
  at: readonly number[],
  ground: Ground,
  y: number,
): Assembled {
  const twine = stockOf(setting.catalogue, 'twine-synthetic', 'cord');
  const made = at.slice(1).map((to, i) => {
    const middle = ((at[i] ?? 0) + to) / 2;
    const foot = onGround(ground, middle, y);
    const cord = lineOf({
      id: `hold-down-${i + 1}`,
      role: 'hold-down',
      of: twine,
      path: hoop.points.map(([across, up]): Point => add(foot, [0, across * 1.04, up * 1.02 + 6])),
      cutMm: hoop.lengthMm + 2 * CORD_END_MM,
    });
    const joint: Joint = {
      id: `pegs-${i + 1}`,
      kind: 'hold-down pegged',
      places: [cord.path[0] as Point, cord.path.at(-1) as Point, midCover(cover, middle)],
      parts: [cord.id, cover.id],
      fixings: [{ stock: 'ground-peg', count: 2 }],
    };
    return { cord, joint };
  });
  return { parts: made.map((one) => one.cord), joints: made.map((one) => one.joint) };
}

/** Each end drawn together and tied to a peg. */
export const gathered = (covers: readonly Sheet[], builtMm: number): Joint[] =>
  [0, builtMm].map((x, i) => ({
    id: `gather-${i + 1}`,
    kind: 'end gathered',
    places: covers.map((one) => midCover(one, x)),
    parts: covers.map((one) => one.id),
    fixings: [
      { stock: 'ground-peg', count: 1 },
      { stock: 'twine-synthetic', count: 1, eachMm: TIE_MM },
    ],
  }));
