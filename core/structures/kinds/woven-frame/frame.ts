import { stockOf } from '../../../catalogue/catalogue';
import { timberId, TREATMENTS } from '../../../catalogue/timber';
import type { Joint, Standing } from '../../../design/design';
import type { EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import type { Part } from '../../../design/shapes/shapes';
import { add, ALONG, minus, pathLength, scale, unit, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { cornerBrace } from '../../rules/brace';
import { screwThrough } from '../../rules/fixings';
import { onLeaf, upLeaf, type Leaf } from '../../rules/leaves';
import { isOffered, type BedSetting } from '../../setting';
import { furrow, nailsAlong } from './weave-path';
import type { WovenFrameValues } from './knobs';

/** A turn about each nail, and both ends of a thread (from memory). mm. */
const TURN_MM = 12;
/** A pilot for a 1½″ round-headed nail near the edge of thin stock (from memory). mm. */
const NAIL_MM = 2;
/** Half of a nail is left standing for the thread, more where it would come out (from memory). mm. */
function nailProud(setting: BedSetting, wood: Wood): number {
  const long = stockOf(setting.catalogue, 'nail-round', 'piece').lengthMm;
  return long - Math.min(long / 2, wood.thickMm - 2);
}
/** Of a thread beyond its last nail, to tie (from memory). mm. */
export const END_MM = inches(6);
/** A stake holds this much of a frame's side (from memory). mm. */
const STAKE_UP_MM = inches(18);

/** What a frame is made of. mm. */
export interface Wood {
  id: string;
  wideMm: number;
  thickMm: number;
}

/** One frame on its leaf: sides halved at the corners, braces across them, nails, and the thread both ways. */
export function placeFrame(
  v: WovenFrameValues,
  wood: Wood,
  leaf: Leaf,
  fromMm: number,
  name: string,
  setting: BedSetting,
): { parts: Part[]; joints: Joint[]; sides: Bar[] } {
  // Uprights lose their fronts, what lies across its back: the thickness of the two points opposite ways.
  const notch: EndCut = { cut: 'notch', longMm: wood.wideMm, deepMm: wood.thickMm / 2, off: -1 };
  const half = wood.wideMm / 2;
  const up = upLeaf(leaf);
  const at = (along: number, high: number, out = 0): Point => onLeaf(leaf, fromMm + along, high, out);
  const row = unit(minus(at(1000, 0), at(0, 0)));
  const upright = nailsAlong(v.height, wood.wideMm, v.interval, v.nailing).atMm;
  const level = nailsAlong(v.width, wood.wideMm, v.interval, v.nailing).atMm;
  const member = (id: string, from: Point, to: Point, wide: Point, cutMm: number, places: readonly number[]): Bar =>
    barOf({
      id,
      role: 'frame side',
      of: wood,
      from,
      to,
      wide,
      cutMm,
      ends: [notch, notch],
      holes: places.map((atMm) => ({ atMm, diameterMm: NAIL_MM })),
    });
  const left = member(`side-${name}-near`, at(half, 0), at(half, v.height), ALONG, v.height, upright);
  const right = member(
    `side-${name}-far`,
    at(v.width - half, 0),
    at(v.width - half, v.height),
    ALONG,
    v.height,
    upright,
  );
  const foot = member(`side-${name}-foot`, at(0, half), at(v.width, half), up, v.width, level);
  const head = member(`side-${name}-head`, at(0, v.height - half), at(v.width, v.height - half), up, v.width, level);
  const joints: Joint[] = (
    [
      [left, foot],
      [left, head],
      [right, foot],
      [right, head],
    ] as const
  ).map(([side, cross], n): Joint => ({
    id: `corner-${name}-${n + 1}`,
    kind: 'corner halved',
    places: [at(side === left ? half : v.width - half, cross === foot ? half : v.height - half)],
    parts: [side.id, cross.id],
    fixings: [
      {
        stock: screwThrough(setting, wood.thickMm / 2, wood.thickMm / 2),
        count: 2,
        drive: { through: cross.id, into: side.id, way: minus(at(0, 0), at(0, 0, 1)) },
      },
    ],
  }));
  const parts: Part[] = [left, right, foot, head];
  const leg = Math.min(v.brace, (Math.min(v.width, v.height) - 4 * wood.wideMm) / 3);
  if (leg >= inches(2)) {
    // On the backs of the sides, flush with their outsides.
    const back = -wood.thickMm;
    const fromOutside = leg + 2 * wood.wideMm;
    const inward = minus(at(0, 0, wood.thickMm / 2), at(0, 0));
    const down: Point = [-up[0], -up[1], -up[2]];
    const away: Point = [-row[0], -row[1], -row[2]];
    for (const [side, cross, along, high, a, b] of [
      [left, foot, 0, 0, row, up],
      [right, foot, v.width, 0, away, up],
      [left, head, 0, v.height, row, down],
      [right, head, v.width, v.height, away, down],
    ] as const) {
      const brace = cornerBrace({
        id: `brace-${name}-${side === left ? 'near' : 'far'}-${cross === foot ? 'foot' : 'head'}`,
        role: 'brace',
        stock: wood.id,
        corner: at(along, high, back),
        a,
        b,
        legMm: fromOutside,
        wideMm: wood.wideMm,
        thickMm: wood.thickMm,
      });
      const lap = scale(unit(minus(brace.to, brace.from)), (wood.wideMm / 2) * Math.SQRT2);
      parts.push(brace);
      joints.push({
        id: `${brace.id}-screws`,
        kind: 'brace to frame',
        places: [add(add(brace.from, lap), inward), add(minus(brace.to, lap), inward)],
        parts: [brace.id, side.id, cross.id],
        fixings: [side, cross].map((into) => ({
          stock: screwThrough(setting, wood.thickMm, wood.thickMm),
          count: 2,
          drive: { through: brace.id, into: into.id, way: minus(at(0, 0, 1), at(0, 0)) },
        })),
      });
    }
  }
  for (const [bar, count] of [
    [left, upright.length],
    [right, upright.length],
    [foot, level.length],
    [head, level.length],
  ] as const)
    joints.push({
      id: `nails-${bar.id}`,
      kind: 'nail in frame',
      places: bar.holes.map((hole) => add(bar.from, scale(unit(minus(bar.to, bar.from)), hole.atMm))),
      parts: [bar.id],
      fixings: [
        {
          stock: 'nail-round',
          count,
          drive: {
            through: null,
            into: bar.id,
            way: minus(at(0, 0), at(0, 0, 1)),
            places: bar.holes.map((hole) =>
              add(
                add(bar.from, scale(unit(minus(bar.to, bar.from)), hole.atMm)),
                minus(at(0, 0, wood.thickMm / 2 + nailProud(setting, wood)), at(0, 0)),
              ),
            ),
          },
        },
      ],
    });
  const proud = wood.thickMm / 2 + 3;
  const threads = [furrow(level, half, v.height - half, true), furrow(upright, half, v.width - half, false)].map(
    (way, i): Line => {
      const path = way.map(([along, high]) => at(along, high, proud));
      return {
        shape: 'line',
        id: `thread-${name}-${i + 1}`,
        role: 'thread',
        stock: `twine-${v.thread}`,
        diameterMm: 2,
        path,
        cutMm: pathLength(path) + path.length * TURN_MM + 2 * END_MM,
      };
    },
  );
  parts.push(...threads);
  for (const thread of threads)
    joints.push({
      id: `${thread.id}-on`,
      kind: 'thread on nails',
      places: [thread.path[0] as Point, thread.path[1] as Point],
      parts: [thread.id, ...(thread === threads[0] ? [foot.id, head.id] : [left.id, right.id])],
      fixings: [],
    });
  return { parts, joints, sides: [left, right] };
}

/** Two stakes behind the sides of a single frame, of light square stock. */
export function driveStakes(
  v: WovenFrameValues,
  wood: Wood,
  leaf: Leaf,
  index: number,
  sides: readonly Bar[],
  setting: BedSetting,
): { parts: Bar[]; joints: Joint[]; posts: Standing[] } {
  const section =
    (['2x2', '45x45'] as const).find((id) =>
      TREATMENTS.some((treatment) => isOffered(setting, timberId(id, treatment))),
    ) ?? '2x2';
  const treatment = TREATMENTS.find((one) => isOffered(setting, timberId(section, one))) ?? 'untreated';
  const stake = stockOf(setting.catalogue, timberId(section, treatment), 'timber');
  const above = Math.min(STAKE_UP_MM, v.height / 2);
  const parts = [wood.wideMm / 2, v.width - wood.wideMm / 2].map((along, n): Bar => {
    const foot = onLeaf(leaf, index * v.width + along, 0, -(wood.thickMm + stake.thickMm) / 2);
    return barOf({
      id: `stake-${index + 1}-${n + 1}`,
      role: 'stake',
      of: stake,
      from: [foot[0], foot[1], foot[2] - v.stakes],
      to: [foot[0], foot[1], foot[2] + above],
      cutMm: above + v.stakes,
      buriedMm: v.stakes,
    });
  });
  return {
    parts,
    joints: parts.map((part, n) => ({
      id: `${part.id}-screws`,
      kind: 'stake to frame',
      places: [0.2, 0.5, 0.8].map((share) =>
        onLeaf(
          leaf,
          index * v.width + (n === 0 ? wood.wideMm / 2 : v.width - wood.wideMm / 2),
          share * above,
          -wood.thickMm / 2,
        ),
      ),
      parts: [part.id, (sides[n] as Bar).id],
      fixings: [
        {
          stock: screwThrough(setting, wood.thickMm, stake.thickMm),
          count: 3,
          drive: {
            through: (sides[n] as Bar).id,
            into: part.id,
            way: minus(onLeaf(leaf, 0, 0, 0), onLeaf(leaf, 0, 0, 1)),
          },
        },
      ],
    })),
    posts: parts.map((part) => ({
      id: part.id,
      aboveMm: above,
      buriedMm: v.stakes,
      wantedMm: v.stakes,
      shortMm: Math.max(0, above + v.stakes - (setting.sizesOf(stake.id).at(-1) ?? Infinity)),
      set: 'driven',
    })),
  };
}
