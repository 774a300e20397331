import { stockOf } from '../../../catalogue/catalogue';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { cornerOf, type Sheet } from '../../../design/shapes/sheet';
import { add, scale, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { together, type Assembled } from '../../assemblies/assembly';
import { meshOver } from '../../assemblies/covered-panel';
import { railsOver } from '../../assemblies/rails';
import type { SetPost } from '../../assemblies/set-post';
import { stringUp } from '../../assemblies/strings-up';
import { evenly, screwThrough, washered } from '../../rules/fixings';
import { piecesOverPosts } from '../../rules/over-posts';
import type { WaySetting } from '../../rules/over-way';
import { lastingTimber } from '../../rules/timber-knobs';
import type { Grid } from './frame';
import type { ArborValues } from './knobs';
import { stapledWire } from './wires';

/** The top slat, or what is there instead, ends so far under the beam (from memory). mm. */
const UNDER_BEAM_MM = inches(4);
/** Mesh hangs on slats no farther apart, a screw and a washer so often along them (from memory). mm. */
const MESH_SLATS_MM = inches(36);
export const SIDE_WASHERS_MM = inches(16);
/** Washers sit so far in from the edge of a strip of mesh, and from the end of a slat (from memory). mm. */
const IN_MM = inches(1.5);
/** No slat of a mesh lies lower over the path (from memory). mm. */
const LOWEST_MM = inches(6);

/** The middles of the slats or wires over the path, from under the beams down as long as there is room. mm. */
function levelsOf(v: ArborValues, underMm: number, wideMm: number): number[] {
  const top = underMm - UNDER_BEAM_MM - wideMm / 2;
  if (v.sides === 'mesh') {
    // Clear of the ends of posts that stand on shoes or plates.
    const low = Math.min(Math.max(v.slatFrom, LOWEST_MM), top - 2 * wideMm);
    const spaces = Math.max(1, Math.ceil((top - low) / MESH_SLATS_MM - 1e-6));
    return Array.from({ length: spaces + 1 }, (_, i) => low + ((top - low) * i) / spaces);
  }
  const count = Math.max(1, Math.floor((top - v.slatFrom) / v.slatEvery + 1e-6) + 1);
  return Array.from({ length: count }, (_, i) => top - i * v.slatEvery).reverse();
}

/** One side of an arbor: its posts, and a place on their outer faces, so far along, up and out. mm. */
interface Side {
  id: 'front' | 'back';
  posts: readonly SetPost[];
  out: Point;
  at: (alongMm: number, upMm: number, outMm: number) => Point;
}

const sidesOf = (g: Grid, posts: readonly SetPost[]): Side[] =>
  ([-1, 1] as const).map((side) => ({
    id: side < 0 ? 'front' : 'back',
    posts: posts.filter((post) => Math.sign(post.to[1]) === side),
    out: [0, side, 0],
    at: (along, up, out) => [along, side * ((g.acrossMm[1] ?? 0) + g.postMm / 2 + out), up],
  }));

/** What both sides are closed with, and where its levels are. */
export interface Sides extends Assembled {
  upsMm: readonly number[];
}

/** Slats, a lattice, mesh on slats or wires on the outsides of both lines of posts. */
export function closeSides(v: ArborValues, setting: WaySetting, g: Grid, posts: readonly SetPost[]): Sides | null {
  if (v.sides === 'open') return null;
  const lath = stockOf(setting.catalogue, lastingTimber(setting, v.slatOf), 'timber');
  const upsMm = levelsOf(v, g.underMm, v.sides === 'wires' ? 0 : lath.wideMm);
  const made = sidesOf(g, posts).map((side): Assembled => {
    if (v.sides === 'wires') return wiresAlong(v, setting, g, side, upsMm);
    const slats = slatsAlong(v, setting, g, side, upsMm);
    return together(
      slats,
      v.sides === 'lattice' && lathsUp(v, setting, g, side, slats.bars),
      v.sides === 'mesh' && meshAlong(v, setting, side, slats.bars),
      v.sides === 'slats' && v.strings > 0 && stringsUp(v, setting, side, slats.bars),
    );
  });
  return { ...together(...made), upsMm };
}

/** Slats flat on the posts; what is longer than is sold is broken over a post. */
function slatsAlong(
  v: ArborValues,
  setting: WaySetting,
  g: Grid,
  side: Side,
  upsMm: readonly number[],
): Assembled & { bars: Bar[] } {
  const rail = stockOf(setting.catalogue, lastingTimber(setting, v.slatOf), 'timber');
  const pieces = piecesOverPosts(g.alongMm, g.postMm, setting.sizesOf(rail.id).at(-1) ?? Infinity);
  const laid = upsMm.map((up, i) =>
    railsOver({
      pieces,
      rail,
      posts: side.posts,
      postsAtMm: g.alongMm,
      postMm: g.postMm,
      at: (along, out) => side.at(along, up, out),
      id: (n) => `slat-${side.id}-${i + 1}${pieces.length > 1 ? `-${n + 1}` : ''}`,
      role: 'slat',
      inwards: scale(side.out, -1),
      insetMm: pieces.length > 1 ? g.postMm / 4 : 0,
      setting,
    }),
  );
  const bars = laid.flatMap(({ rails }) => rails.map(({ bar }) => bar));
  return { bars, parts: bars, joints: laid.flatMap(({ joints }) => joints) };
}

/** Upright laths over the slats, as far apart as those, in equal spaces between each two posts. */
function lathsUp(v: ArborValues, setting: WaySetting, g: Grid, side: Side, slats: readonly Bar[]): Assembled {
  const lath = stockOf(setting.catalogue, lastingTimber(setting, v.slatOf), 'timber');
  const screw = screwThrough(setting, lath.thickMm, lath.thickMm);
  const ups = slats.map(({ from }) => from[2]);
  const [low, high] = [Math.min(...ups) - lath.wideMm / 2, Math.max(...ups) + lath.wideMm / 2];
  const alongs = g.alongMm.slice(1).flatMap((to, i) => {
    const from = (g.alongMm[i] as number) + g.postMm / 2;
    const clear = to - g.postMm / 2 - from;
    const spaces = Math.max(1, Math.round(clear / v.slatEvery));
    const most = Math.floor(clear / (2 * lath.wideMm));
    const count = Math.min(most, spaces - 1);
    return Array.from({ length: Math.max(0, count) }, (_, n) => from + (clear * (n + 1)) / (count + 1));
  });
  const made = alongs.map((along, n) => {
    const bar = barOf({
      id: `lath-${side.id}-${n + 1}`,
      role: 'side lath',
      of: lath,
      from: side.at(along, low, lath.thickMm * 1.5),
      to: side.at(along, high, lath.thickMm * 1.5),
      wide: [1, 0, 0],
    });
    const joints = slats
      .filter(({ from, to }) => from[0] - 1 < along && along < to[0] + 1)
      .map((slat): Joint => ({
        id: `${bar.id}-${slat.id}`,
        kind: 'lath on slat',
        places: [side.at(along, slat.from[2], lath.thickMm)],
        parts: [bar.id, slat.id],
        fixings: [{ stock: screw, count: 1, drive: { through: bar.id, into: slat.id, way: scale(side.out, -1) } }],
      }));
    return { bar, joints };
  });
  return { parts: made.map(({ bar }) => bar), joints: made.flatMap(({ joints }) => joints) };
}

/** How far along the way a sheet goes: along its base, or where it stands, across that. mm. */
const endOf = (sheet: Sheet): number => cornerOf(sheet)[0] + (sheet.up[2] > 0.5 ? sheet.cutMm : sheet.heightMm);

/** Mesh over the slats, from the lowest to the top one: in one run, or in strips that stand where its roll is too low or too short. */
function meshAlong(v: ArborValues, setting: WaySetting, side: Side, slats: readonly Bar[]): Assembled {
  const roll = stockOf(setting.catalogue, v.sideMesh, 'mesh roll');
  const [first] = slats as [Bar];
  const ups = slats.map(({ from }) => from[2]);
  const [low, high] = [Math.min(...ups) - first.wideMm / 2, Math.max(...ups) + first.wideMm / 2];
  const sheets = meshOver(
    {
      at: (along, across, out) => side.at(along, (low + high) / 2 + across, first.thickMm + roll.wireMm / 2 + out),
      way: [1, 0, 0],
      side: UP,
      normal: side.out,
      wideMm: high - low,
    },
    {
      id: `mesh-${side.id}`,
      role: 'side mesh',
      roll,
      fromMm: 0,
      longMm: v.long,
      up: 0,
      turnedMm: 0,
      longestMm: setting.sizesOf(roll.id).at(-1) ?? Infinity,
    },
  );
  return {
    parts: sheets,
    joints: sheets.flatMap((sheet) =>
      slats.flatMap((slat): Joint[] => {
        const lift = scale(side.out, slat.thickMm / 2);
        const from = Math.max(slat.from[0], cornerOf(sheet)[0]) + IN_MM;
        const to = Math.min(slat.to[0], endOf(sheet)) - IN_MM;
        if (to - from < IN_MM) return [];
        const at = (along: number): Point => add([along, slat.from[1], slat.from[2]], lift);
        const places = evenly(at(from), at(to), SIDE_WASHERS_MM);
        return [
          {
            id: `${sheet.id}-${slat.id}`,
            kind: 'mesh on slat',
            places,
            parts: [sheet.id, slat.id],
            fixings: washered(sheet.id, slat, scale(side.out, -1), places, setting),
          },
        ];
      }),
    ),
  };
}

/** Level wires along the posts, made fast at both ends, a staple over each on every other. */
function wiresAlong(v: ArborValues, setting: WaySetting, g: Grid, side: Side, upsMm: readonly number[]): Assembled {
  const of = stockOf(setting.catalogue, 'line-wire', 'cord');
  const made = upsMm.map((up, i) =>
    stapledWire({
      id: `wire-${side.id}-${i + 1}`,
      role: 'side wire',
      kind: 'wire on post',
      of,
      on: side.posts.map((post, n) => ({ id: post.id, at: side.at(g.alongMm[n] as number, up, 0) })),
      out: side.out,
    }),
  );
  return { parts: made.map(({ wire }) => wire), joints: made.flatMap(({ joints }) => joints) };
}

/** Strings up a side, in equal gaps along the way. */
function stringsUp(v: ArborValues, setting: WaySetting, side: Side, slats: readonly Bar[]): Assembled {
  const of = stockOf(setting.catalogue, `twine-${v.twine}`, 'cord');
  const made = Array.from({ length: v.strings }, (_, n) => {
    const along = (v.long * (n + 1)) / (v.strings + 1);
    return stringUp({
      id: `string-${side.id}-${n + 1}`,
      of,
      rungs: slats
        .filter(({ from, to }) => from[0] - 1 < along && along < to[0] + 1)
        .map((slat) => ({ ...slat, at: side.at(along, slat.from[2], slat.thickMm) })),
    });
  });
  return { parts: made.map(({ string }) => string), joints: made.map(({ joint }) => joint) };
}
