import { stockOf } from '../../../catalogue/catalogue';
import { timberId, TREATMENTS } from '../../../catalogue/timber';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { lineOf } from '../../../design/shapes/line';
import { add, minus, pathLength, scale, unit, type Point } from '../../../geometry/space';
import { pilotFor } from '../../../joinery/set-fixings';
import { inches } from '../../../quantity/length';
import { wayAlong } from '../../../site/ground';
import { together, type Assembled } from '../../assemblies/assembly';
import { cornerBrace } from '../../assemblies/brace';
import { halvedFrame, type HalvedFrame, type Stuff } from '../../assemblies/halved-frame';
import { driveStake } from '../../assemblies/set-post';
import { screwThrough } from '../../rules/fixings';
import { onLeaf, upLeaf, type PropLeaf } from '../../rules/leaves';
import { isOffered, type BedSetting } from '../../setting';
import type { WovenFrameValues } from './knobs';
import { furrow, nailsAlong } from './weave-path';

/** A turn about each nail, and both ends of a thread (from memory). mm. */
const TURN_MM = 12;
/** Half of a nail is left standing for the thread, more where it would come out (from memory). mm. */
function nailProud(setting: BedSetting, wood: Stuff): number {
  const long = stockOf(setting.catalogue, 'nail-round', 'piece').lengthMm;
  return long - Math.min(long / 2, wood.thickMm - 2);
}
/** Of a thread beyond its last nail, to tie (from memory). mm. */
export const END_MM = inches(6);
/** A stake holds this much of a frame's side (from memory). mm. */
const STAKE_UP_MM = inches(18);

/** One frame on its leaf: sides halved at the corners, braces across them, nails, and the thread both ways. */
export function placeFrame(
  v: WovenFrameValues,
  wood: Stuff,
  leaf: PropLeaf,
  fromMm: number,
  name: string,
  setting: BedSetting,
): Assembled & { sides: readonly [Bar, Bar] } {
  const half = wood.wideMm / 2;
  const up = upLeaf(leaf);
  const at = (along: number, high: number, out = 0): Point => onLeaf(leaf, fromMm + along, high, out);
  const outwards = minus(at(0, 0, 1), at(0, 0));
  const inwards = scale(outwards, -1);
  const frame = halvedFrame({
    plane: { at, right: wayAlong(leaf.ground), up, inwards },
    of: wood,
    wideMm: v.width,
    highMm: v.height,
    ids: {
      uprights: [`side-${name}-near`, `side-${name}-far`],
      levels: [`side-${name}-foot`, `side-${name}-head`],
    },
    roles: { upright: 'frame side', level: 'frame side' },
    keeps: 'levels',
    kind: 'corner halved',
    screws: 2,
    setting,
  });
  const upright = nailsAlong(v.height, wood.wideMm, v.interval, v.nailing).atMm;
  const level = nailsAlong(v.width, wood.wideMm, v.interval, v.nailing).atMm;
  // Thin stock splits at a nail without (common practice, no source).
  const pilotMm = pilotFor(
    stockOf(setting.catalogue, 'nail-round', 'piece').thickMm ?? 0,
    stockOf(setting.catalogue, wood.id, 'timber').treatment === 'durable',
  );
  const nailed = (bar: Bar, atMm: readonly number[]): Bar => ({
    ...bar,
    holes: atMm.map((one) => ({ atMm: one, diameterMm: pilotMm })),
  });
  const uprights = frame.uprights.map((bar) => nailed(bar, upright)) as [Bar, Bar];
  const levels = frame.levels.map((bar) => nailed(bar, level)) as [Bar, Bar];
  const proud = scale(outwards, wood.thickMm / 2 + nailProud(setting, wood));
  const nails = [...uprights, ...levels].map((bar): Joint => {
    const way = unit(minus(bar.to, bar.from));
    const places = bar.holes.map((hole) => add(bar.from, scale(way, hole.atMm)));
    const heads = places.map((place) => add(place, proud));
    return {
      id: `nails-${bar.id}`,
      kind: 'nail in frame',
      places,
      parts: [bar.id],
      fixings: [
        {
          stock: 'nail-round',
          count: bar.holes.length,
          drive: { through: null, into: bar.id, way: inwards, drilled: true, places: heads },
        },
      ],
    };
  });
  const threads = [furrow(level, half, v.height - half, true), furrow(upright, half, v.width - half, false)].map(
    (way, i) => {
      const path = way.map(([along, high]) => at(along, high, wood.thickMm / 2 + 3));
      return lineOf({
        id: `thread-${name}-${i + 1}`,
        role: 'thread',
        of: { id: `twine-${v.thread}`, diameterMm: 2 },
        path,
        cutMm: pathLength(path) + path.length * TURN_MM + 2 * END_MM,
      });
    },
  );
  const onNails = threads.map((thread, i): Joint => ({
    id: `${thread.id}-on`,
    kind: 'thread on nails',
    by: 'tied',
    places: thread.path.slice(0, 2),
    parts: [thread.id, ...(i === 0 ? levels : uprights).map((bar) => bar.id)],
    fixings: [],
  }));
  return {
    sides: uprights,
    ...together(
      { parts: [...uprights, ...levels], joints: frame.joints },
      braceCorners(v, wood, frame, name, setting),
      { joints: nails },
      { parts: threads, joints: onNails },
    ),
  };
}

/** Braces across the corners, on the backs of the sides, flush with their outsides; none where there is no room. */
function braceCorners(
  v: WovenFrameValues,
  wood: Stuff,
  { plane, uprights, levels }: HalvedFrame,
  name: string,
  setting: BedSetting,
): Assembled | null {
  const leg = Math.min(v.brace, (Math.min(v.width, v.height) - 4 * wood.wideMm) / 3);
  if (leg < inches(2)) return null;
  const row = unit(minus(plane.at(1000, 0), plane.at(0, 0)));
  const inward = minus(plane.at(0, 0, wood.thickMm / 2), plane.at(0, 0));
  const screw = screwThrough(setting, wood.thickMm, wood.thickMm);
  const made = levels.flatMap((cross, n) =>
    uprights.map((side, m) => {
      const brace = cornerBrace({
        id: `brace-${name}-${m === 0 ? 'near' : 'far'}-${n === 0 ? 'foot' : 'head'}`,
        of: wood,
        corner: plane.at(m === 0 ? 0 : v.width, n === 0 ? 0 : v.height, -wood.thickMm),
        a: m === 0 ? row : scale(row, -1),
        b: n === 0 ? plane.up : scale(plane.up, -1),
        legMm: leg + 2 * wood.wideMm,
      });
      const lap = scale(unit(minus(brace.to, brace.from)), (wood.wideMm / 2) * Math.SQRT2);
      const joint: Joint = {
        id: `${brace.id}-screws`,
        kind: 'brace to frame',
        places: [add(add(brace.from, lap), inward), add(minus(brace.to, lap), inward)],
        parts: [brace.id, side.id, cross.id],
        fixings: [side, cross].map(({ id: into }) => ({
          stock: screw,
          count: 2,
          drive: { through: brace.id, into, way: scale(plane.inwards, -1) },
        })),
      };
      return { brace, joint };
    }),
  );
  return { parts: made.map(({ brace }) => brace), joints: made.map(({ joint }) => joint) };
}

/** Two stakes behind the sides of a single frame, of light square stock. */
export function driveStakes(
  v: WovenFrameValues,
  wood: Stuff,
  leaf: PropLeaf,
  index: number,
  sides: readonly Bar[],
  setting: BedSetting,
): Assembled {
  const sold = (['2x2', '45x45'] as const).flatMap((section) =>
    TREATMENTS.map((treatment) => timberId(section, treatment)),
  );
  const stock = sold.find((id) => isOffered(setting, id)) ?? timberId('2x2', 'untreated');
  const of = stockOf(setting.catalogue, stock, 'timber');
  const aboveMm = Math.min(STAKE_UP_MM, v.height / 2);
  const screw = screwThrough(setting, wood.thickMm, of.thickMm);
  const made = sides.map((side, n) => {
    const along = index * v.width + (n === 0 ? wood.wideMm / 2 : v.width - wood.wideMm / 2);
    const stake = driveStake({
      id: `stake-${index + 1}-${n + 1}`,
      foot: onLeaf(leaf, along, 0, -(wood.thickMm + of.thickMm) / 2),
      aboveMm,
      depthMm: v.stakes,
      of,
      set: 'driven',
      up: upLeaf(leaf),
      wide: wayAlong(leaf.ground),
      setting,
    });
    const joint: Joint = {
      id: `${stake.id}-screws`,
      kind: 'stake to frame',
      places: [0.2, 0.5, 0.8].map((share) => onLeaf(leaf, along, share * aboveMm, -wood.thickMm / 2)),
      parts: [stake.id, side.id],
      fixings: [
        {
          stock: screw,
          count: 3,
          drive: {
            through: side.id,
            into: stake.id,
            way: minus(onLeaf(leaf, 0, 0, 0), onLeaf(leaf, 0, 0, 1)),
          },
        },
      ],
    };
    return { stake, joint };
  });
  return { parts: made.map(({ stake }) => stake), joints: made.map(({ joint }) => joint) };
}
