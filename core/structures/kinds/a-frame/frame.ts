import { stockOf } from '../../../catalogue/catalogue';
import type { MeshRoll, Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { SQUARE, type EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { lineOf } from '../../../design/shapes/line';
import { flatBase, sheetOf, threads } from '../../../design/shapes/sheet';
import { scale, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { type Ground, wayAlong } from '../../../site/ground';
import { together, type Assembled } from '../../assemblies/assembly';
import { hingedAtTop, peggedFeet } from '../../assemblies/folding-pair';
import type { Values } from '../../knob';
import { evenly, eyeIn, screwThrough } from '../../rules/fixings';
import { onLeaf, outOfLeaf, upLeaf, type PropLeaf } from '../../rules/leaves';
import type { BedSetting } from '../../setting';
import { BETWEEN_MM, TETHER, type A_FRAME_KNOBS } from './knobs';
import { slatsUp } from './slats';

export type AFrameValues = Values<typeof A_FRAME_KNOBS>;

/** How high the tether hangs; what it needs to be made fast (from memory). mm. */
export const TETHER_UP_MM = inches(18);
export const TETHER_END_MM = inches(4);
/** Cross rails of a meshed leaf, and how far apart its staples are (from memory). */
export const CROSS_RAILS = 3;
export const STAPLE_EVERY_MM = inches(6);
/** The first and the last of them stand this far in (from memory). mm. */
const EDGE_IN_MM = inches(0.75);

/** What all frames of a row have in common. */
export interface AFrames {
  v: AFrameValues;
  ground: Ground;
  y: number;
  leanRad: number;
  stile: Timber;
  slat: Timber;
  setting: BedSetting;
}

/** One leaf of a frame: its place, and its two stiles. */
interface LeafSide {
  name: string;
  leaf: PropLeaf;
  /** Where its stiles stand along the row, and where it begins. mm. */
  atMm: readonly [number, number];
  fromMm: number;
  stiles: readonly [Bar, Bar];
  out: Point;
}

/** One frame: two leaves, slatted or meshed, hinged at the head, tethered low down, pegged where that is wanted. */
export function placeFrame(f: AFrames, index: number): Assembled {
  const { v } = f;
  const name = index + 1;
  const sides = ([-1, 1] as const).map((side) => sideOf(f, index, side)) as [LeafSide, LeafSide];
  const [front, back] = sides;
  const stiles = sides.flatMap((one) => one.stiles);
  return together(
    ...sides.flatMap((one) => [
      { parts: one.stiles },
      slatted(f, one),
      v.infill === 'mesh' && meshed(f, one, stockOf(f.setting.catalogue, 'mesh-fine', 'mesh roll')),
    ]),
    { joints: [hingedAtTop({ id: `hinge-${name}`, kind: 'leaf to leaf', front, back })] },
    tethered(f, name, sides),
    v.pegs === 'yes' && { joints: peggedFeet(stiles) },
  );
}

/** The stiles of one leaf, their feet cut level. */
function sideOf(f: AFrames, index: number, side: -1 | 1): LeafSide {
  const { v, stile } = f;
  const name = `${index + 1}${side < 0 ? 'front' : 'back'}`;
  const fromMm = index * (v.width + BETWEEN_MM);
  const leaf: PropLeaf = { ground: f.ground, y: f.y, side, spreadMm: v.spread, leanRad: f.leanRad };
  const atMm = [fromMm + stile.wideMm / 2, fromMm + v.width - stile.wideMm / 2] as const;
  // The thickness of a stile points along axis × wide: the foot is cut level, an angle of the lean.
  const foot: EndCut = f.leanRad < 0.005 ? SQUARE[0] : { cut: 'angle', angleRad: side * f.leanRad };
  const stiles = atMm.map((at, n) =>
    barOf({
      id: `stile-${name}-${n + 1}`,
      role: 'stile',
      of: stile,
      from: onLeaf(leaf, at, 0, 0),
      to: onLeaf(leaf, at, v.leaf, 0),
      wide: wayAlong(f.ground),
      ends: [foot, SQUARE[1]],
    }),
  ) as [Bar, Bar];
  return { name, leaf, atMm, fromMm, stiles, out: outOfLeaf(leaf) };
}

/** Slats flat on the outer face of both stiles, two screws to each; of a meshed leaf three, over the mesh. */
function slatted({ v, stile, slat, setting }: AFrames, { name, leaf, atMm, fromMm, stiles, out }: LeafSide): Assembled {
  const outMm = (stile.thickMm + slat.thickMm) / 2;
  const ups =
    v.infill === 'slats'
      ? slatsUp(v.leaf, slat.wideMm, v.gauge)
      : threads(v.leaf - slat.wideMm, CROSS_RAILS - 1).map((up) => slat.wideMm / 2 + up);
  const slats = ups.map((up, n) =>
    barOf({
      id: `slat-${name}-${n + 1}`,
      role: 'slat',
      of: slat,
      from: onLeaf(leaf, fromMm, up, outMm),
      to: onLeaf(leaf, fromMm + v.width, up, outMm),
      wide: upLeaf(leaf),
    }),
  );
  const stock = screwThrough(setting, slat.thickMm, stile.thickMm);
  const joints = slats.map(({ id: through }, n): Joint => ({
    id: `${through}-screws`,
    kind: 'slat to stile',
    places: atMm.map((at) => onLeaf(leaf, at, ups[n] as number, stile.thickMm / 2)),
    parts: [through, ...stiles.map((one) => one.id)],
    fixings: stiles.map(({ id: into }) => ({ stock, count: 2, drive: { through, into, way: scale(out, -1) } })),
  }));
  return { parts: slats, joints };
}

/** A narrower strip of net is not worth its staples (from memory). mm. */
const LEAST_STRIP_MM = inches(4);

/** Strips of net up the outer face of a leaf, stapled down both stiles. */
function meshed(
  { v, ground, stile }: AFrames,
  { name, leaf, atMm, fromMm, stiles, out }: LeafSide,
  net: MeshRoll,
): Assembled {
  const face = stile.thickMm / 2;
  const row = wayAlong(ground);
  const strips = Array.from({ length: Math.ceil((v.leaf - 1) / net.heightMm) }, (_, n) => {
    // The last laps over the one below it where less than a strip is left to cover.
    const low = Math.max(0, Math.min(n * net.heightMm, v.leaf - LEAST_STRIP_MM));
    const heightMm = Math.min(net.heightMm, v.leaf - low);
    const mesh = sheetOf({
      id: `mesh-${name}-${n + 1}`,
      role: 'mesh',
      of: net,
      base: flatBase(onLeaf(leaf, fromMm, low, face), row, v.width),
      up: upLeaf(leaf),
      heightMm,
      levelsMm: threads(heightMm, Math.floor(heightMm / net.openingMm)),
    });
    const joint: Joint = {
      id: `${mesh.id}-staples`,
      kind: 'mesh to leaf',
      places: atMm.flatMap((at) => [0.05, 0.5, 0.95].map((share) => onLeaf(leaf, at, low + share * heightMm, face))),
      parts: [mesh.id, ...stiles.map((one) => one.id)],
      fixings: stiles.map(({ id: into }, side) => {
        const at = atMm[side] as number;
        const places = evenly(
          onLeaf(leaf, at, low + EDGE_IN_MM, face),
          onLeaf(leaf, at, low + heightMm - EDGE_IN_MM, face),
          STAPLE_EVERY_MM,
        );
        return {
          stock: 'staple-fence',
          count: places.length,
          drive: { through: mesh.id, into, way: scale(out, -1), places },
        };
      }),
    };
    return { mesh, joint };
  });
  return { parts: strips.map(({ mesh }) => mesh), joints: strips.map(({ joint }) => joint) };
}

/** A tether across each end of a frame, from eye to eye on the inner faces of its stiles. */
function tethered({ v, stile }: AFrames, name: number, sides: readonly LeafSide[]): Assembled {
  const made = [0, 1].map((n) => {
    const path = sides.map(({ leaf, atMm }) => onLeaf(leaf, atMm[n] as number, TETHER_UP_MM, 0));
    const [from, to] = path as [Point, Point];
    const tether = lineOf({
      id: `tether-${name}-${n + 1}`,
      role: 'chain',
      of: { id: TETHER[v.tether], diameterMm: 3 },
      path,
      cutMm: Math.abs(to[1] - from[1]) + 2 * TETHER_END_MM,
    });
    const joint: Joint = {
      id: `${tether.id}-eyes`,
      kind: 'tether to leaf',
      places: path,
      parts: [tether.id, ...sides.map(({ stiles }) => (stiles[n] as Bar).id)],
      fixings: sides.map(({ leaf, atMm, stiles, out }) =>
        eyeIn((stiles[n] as Bar).id, out, onLeaf(leaf, atMm[n] as number, TETHER_UP_MM, -stile.thickMm / 2)),
      ),
    };
    return { tether, joint };
  });
  return { parts: made.map(({ tether }) => tether), joints: made.map(({ joint }) => joint) };
}
