import type { MeshRoll } from '../../../catalogue/stock';
import { sheetOf, type Sheet } from '../../../design/shapes/sheet';
import { shapeOf, type Part } from '../../../design/shapes/shapes';
import { line, pointAt } from '../../../geometry/curve';
import { clipped, type Pair } from '../../../geometry/polygon';
import { add, scale, type Point } from '../../../geometry/space';
import { notchOf } from '../../../site/bed';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { cornersOf, type Built } from './outline';
import { at } from './stood';

/** Strips of a floor lie over each other by so much, so that nothing finds a way between (from memory). mm. */
const LAP_MM = inches(4);

/** A strip of ground this narrow lies under the sides themselves (from memory). mm. */
const UNDER_SIDES_MM = inches(1);

/** A rectangle of ground: its lowest and highest corner. mm. */
type Patch = readonly [Pair, Pair];

/** The ground of a bed in rectangles that lap, from its near end and from its middle across; what a notch leaves is an arm on either side that it has, and what is behind it. mm. */
export function patchesOf({ lengthMm, widthMm, outline }: Built): Patch[] {
  const half = widthMm / 2;
  const notch = notchOf({ lengthMm, widthMm, outline });
  if (!notch)
    return [
      [
        [0, -half],
        [lengthMm, half],
      ],
    ];
  const arms: Patch[] = [
    [0, notch.fromMm],
    [notch.toMm, lengthMm],
  ].flatMap(([from = 0, to = 0]): Patch[] =>
    to - from < 1
      ? []
      : [
          [
            [from, -half],
            [to, half],
          ],
        ],
  );
  const lap = Math.min(LAP_MM, notch.fromMm);
  // What is left beside a notch that goes nearly through lies under the sides.
  if (widthMm - notch.deepMm < UNDER_SIDES_MM) return arms;
  return [
    ...arms,
    [
      [notch.fromMm - lap, -half + notch.deepMm],
      [Math.min(lengthMm, notch.toMm + lap), half],
    ],
  ];
}

/** What of an outline lies in a strip, told along the strip and across it from its first corner. mm. */
function pieceOf(outline: readonly Pair[], from: Pair, along: boolean, longMm: number, wideMm: number): Pair[] {
  const local = outline.map(([x, y]): Pair => (along ? [x - from[0], y - from[1]] : [y - from[1], x - from[0]]));
  // Turned over, it goes round the other way.
  const round = along ? local : local.toReversed();
  return clipped(clipped(round, [0, 0], [longMm, 0]), [longMm, wideMm], [0, wideMm]);
}

/** Strips of a roll over a rectangle, the longer way, each over the last; of a polygon cut to it. */
function stripsOver(
  [[x0, y0], [x1, y1]]: Patch,
  roll: MeshRoll,
  id: string,
  upMm: number,
  cut: readonly Pair[] | null,
): Sheet[] {
  const along = x1 - x0 >= y1 - y0;
  const short = along ? y1 - y0 : x1 - x0;
  const count = Math.max(1, Math.ceil((short - LAP_MM) / (roll.heightMm - LAP_MM) - 1e-6));
  const wide = (short + (count - 1) * LAP_MM) / count;
  return Array.from({ length: count }, (_, n) => {
    const off = n * (wide - LAP_MM);
    const [from, to]: [Pair, Pair] = along
      ? [
          [x0, y0 + off],
          [x1, y0 + off],
        ]
      : [
          [x0 + off, y0],
          [x0 + off, y1],
        ];
    const outline = cut && pieceOf(cut, from, along, along ? x1 - x0 : y1 - y0, wide);
    return sheetOf({
      id: `${id}-${n + 1}`,
      role: 'floor',
      of: roll,
      base: line(at(from, upMm), at(to, upMm)),
      up: along ? [0, 1, 0] : [1, 0, 0],
      heightMm: wide,
      ...(outline ? { outline } : {}),
    });
  });
}

/** Mesh or cloth on the ground under all of a bed, held down by the sides that stand on it. */
export function floorUnder(built: Built, roll: MeshRoll, baseMm: number, sides: readonly Part[]): Assembled {
  const cut = built.outline.shape === 'polygon' ? cornersOf(built) : null;
  const strips = patchesOf(built).flatMap((patch, i) => stripsOver(patch, roll, `floor-${i + 1}`, baseMm, cut));
  const walls = sides.filter((part) => shapeOf(part).nature === 'member');
  const joints = strips.map((strip) => {
    const [from, to] = [pointAt(strip.base, 0), pointAt(strip.base, strip.cutMm)];
    const far = scale(strip.up, strip.heightMm);
    const spots: Point[] = [from, to, add(from, far), add(to, far)].flatMap((spot, i, all) => {
      const next = all[[1, 3, 0, 2][i] as number] as Point;
      return [0, 0.25, 0.5, 0.75].map((share) => add(scale(spot, 1 - share), scale(next, share)));
    });
    const nearest = walls
      .flatMap((part) => spots.map((spot) => ({ part, spot, off: shapeOf(part).distanceTo(part, spot) })))
      .reduce((best, one) => (one.off < best.off - 1e-6 ? one : best));
    return {
      id: `${strip.id}-under`,
      kind: 'floor under the sides',
      by: 'bearing' as const,
      places: [nearest.spot],
      parts: [strip.id, nearest.part.id],
      fixings: [],
    };
  });
  return { parts: strips, joints };
}
