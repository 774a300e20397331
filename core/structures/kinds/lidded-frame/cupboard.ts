import type { Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { add, dot, minus, scale, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import type { BoardBox, Sides } from '../../assemblies/box-of-boards';
import { meshOver, panelOf, staples, type Plane } from '../../assemblies/covered-panel';
import { hingesAlong, lidsOf } from '../../assemblies/hinged-lid';
import { stapledOn } from '../../assemblies/staples';
import { screwThrough } from '../../rules/fixings';
import type { BedSetting } from '../../setting';
import { layersOf, type LiddedFrameValues } from './knobs';

/** Mesh goes so far down between the posts and the inner faces of the boards (from memory). mm. */
const TUCK_MM = inches(2);
/** A door keeps so far from the rim below it. mm. */
const UNDER_MM = inches(0.25);

/** Over a box whose posts go up: a roof, fixed mesh behind and at both ends, doors across the front. */
export function cupboardOf(
  box: BoardBox,
  v: LiddedFrameValues,
  board: Timber,
  strip: Timber,
  sides: Sides,
  setting: BedSetting,
): Assembled {
  const t = board.thickMm;
  const [inLong, inWide] = [box.longMm - 2 * t, box.wideMm - 2 * t];
  const topMm = box.highMm + v.above;
  // As long as the boards, so that it ends clear of the screws into the end posts.
  const roofPlane: Plane = { ...box, wideMm: inWide };
  const roof = panelOf(
    roofPlane,
    {
      name: 'roof',
      role: 'roof strip',
      fromMm: 0,
      longMm: box.longMm,
      upMm: topMm,
      strip,
      layers: layersOf(v, setting),
    },
    setting,
  );
  const down = scale(box.normal, -1);
  const screw = screwThrough(setting, strip.thickMm, box.highMm);
  const roofJoints = sides.posts.map((post): Joint => {
    const rail = roof.rails[post.id.startsWith('post-front') ? 0 : 1];
    return {
      id: `roof-${post.id}`,
      kind: 'roof to post',
      places: [post.to],
      parts: [rail.id, post.id],
      fixings: [{ stock: screw, count: 1, drive: { through: rail.id, into: post.id, way: down } }],
    };
  });
  const fixed = [backOf(box, t, inLong, inWide), ...endsOf(box, t, inWide)].flatMap(({ name, plane, longMm }) =>
    fixedMesh(name, { ...plane, wideMm: v.above + TUCK_MM }, longMm, box, v, strip, sides, setting),
  );
  const doors = doorsOf(box, v, t, strip, sides, setting);
  return {
    parts: [...roof.parts, ...fixed.flatMap((one) => one.parts), ...doors.flatMap((one) => one.parts)],
    joints: [
      ...roof.joints,
      ...roofJoints,
      ...fixed.flatMap((one) => one.joints),
      ...doors.flatMap((one) => one.joints),
    ],
  };
}

/** Upright planes: across them is up, from the middle of what stands over the rim and what is tucked under it. */
const upright =
  (box: BoardBox, v: Pick<LiddedFrameValues, 'above'>, place: (along: number, up: number, out: number) => Point) =>
  (along: number, across: number, out: number): Point =>
    place(along, box.highMm - TUCK_MM + (v.above + TUCK_MM) / 2 + across, out);

interface Face {
  name: string;
  plane: Omit<Plane, 'at'> & { place: (along: number, up: number, out: number) => Point };
  longMm: number;
}

function backOf(box: BoardBox, t: number, inLong: number, inWide: number): Face {
  return {
    name: 'back',
    plane: {
      place: (along, up, out) => box.at(t + along, inWide / 2 + out, up),
      way: box.way,
      side: box.normal,
      normal: box.side,
      wideMm: 0,
    },
    longMm: inLong,
  };
}

const endsOf = (box: BoardBox, t: number, inWide: number): Face[] =>
  [
    { name: 'left', x: t, out: -1 },
    { name: 'right', x: box.longMm - t, out: 1 },
  ].map(({ name, x, out }): Face => ({
    name,
    plane: {
      place: (along, up, o) => box.at(x + out * o, along - inWide / 2, up),
      way: box.side,
      side: box.normal,
      normal: scale(box.way, out),
      wideMm: 0,
    },
    longMm: inWide,
  }));

/** Mesh (and a net) that stays, stapled to the outer faces of the posts it passes. */
function fixedMesh(
  name: string,
  face: Face['plane'],
  longMm: number,
  box: BoardBox,
  v: LiddedFrameValues,
  strip: Timber,
  sides: Sides,
  setting: BedSetting,
): Assembled[] {
  const plane: Plane = { ...face, at: upright(box, v, face.place) };
  const into = scale(face.normal, -1);
  const out = scale(face.normal, strip.thickMm / 2);
  const rim = scale(box.normal, box.highMm);
  return layersOf(v, setting).map(({ role, roll }) => {
    const sheets = meshOver(plane, {
      id: `${name}-${role}`,
      role: `fixed ${role}`,
      roll,
      fromMm: 0,
      longMm,
      up: 0,
      // Two strips meet on a post.
      lapMm: 0,
    });
    // A net’s staples stand beside those of the mesh.
    const aside = role === 'net' ? scale(face.way, strip.thickMm / 4) : ([0, 0, 0] as const);
    return {
      parts: sheets,
      joints: sheets.map((sheet) =>
        stapledOn(
          [sheet],
          role === 'net' ? 'net to post' : 'mesh to post',
          sides.posts.flatMap((post) =>
            staples(sheet, post, add(add(add(post.from, rim), out), aside), add(add(post.to, out), aside), into),
          ),
        ),
      ),
    };
  });
}

/** Doors side by side on the front faces of the posts, each hinged on the post at its left and hooked to the one at its right. */
function doorsOf(
  box: BoardBox,
  v: LiddedFrameValues,
  t: number,
  strip: Timber,
  sides: Sides,
  setting: BedSetting,
): Assembled[] {
  const fronts = sides.posts.filter((one) => one.id.startsWith('post-front'));
  const alongOf = (post: Bar): number => dot(minus(post.from, box.at(0, 0, 0)), box.way);
  const doors = lidsOf(v);
  const every = (fronts.length - 1) / doors;
  const edges = Array.from({ length: doors + 1 }, (_, i) =>
    i === 0 ? t : i === doors ? box.longMm - t : alongOf(fronts[i * every] as Bar),
  );
  const highMm = v.above + strip.thickMm - UNDER_MM;
  const middle = box.highMm + UNDER_MM + highMm / 2;
  const plane: Plane = {
    at: (along, across, out) => box.at(along, -(box.wideMm / 2 - t) - out, middle + across),
    way: box.way,
    side: box.normal,
    normal: scale(box.side, -1),
    wideMm: highMm,
  };
  return Array.from({ length: doors }, (_, i) => {
    const [left, right] = [edges[i] ?? 0, edges[i + 1] ?? 0];
    const [fromMm, toMm] = [left + (i === 0 ? 0 : v.gap / 2), right - (i === doors - 1 ? 0 : v.gap / 2)];
    const name = `door-${i + 1}`;
    const panel = panelOf(
      plane,
      { name, role: 'door strip', fromMm, longMm: toMm - fromMm, upMm: 0, strip, layers: layersOf(v, setting) },
      setting,
    );
    const [first, last] = [panel.bars[0] as Bar, panel.bars.at(-1) as Bar];
    const [hung, held] = [fronts[i * every] as Bar, fronts[(i + 1) * every] as Bar];
    // On the stretch of the post that the door lies on.
    const near = fromMm + strip.thickMm / 8;
    const far = toMm - strip.thickMm / 8;
    // Between the long strips, over the top of the posts no hinge finds wood.
    const low = strip.wideMm;
    const room = v.above - UNDER_MM - 2 * low;
    const ups = hingesAlong(Math.max(1, room)).map((up) => low + up - highMm / 2);
    const hinged: Joint = {
      id: `${name}-hinged`,
      kind: 'door hinged',
      places: ups.map((up) => plane.at(near, up, 0)),
      parts: [first.id, hung.id],
      fixings: [
        {
          stock: 'butt-hinge',
          count: ups.length,
          plates: ups.map((up) => [plane.at(near, up, strip.thickMm * 0.7), plane.at(near, up, -strip.thickMm * 0.7)]),
        },
      ],
    };
    const hooked: Joint = {
      id: `${name}-hooked`,
      kind: 'door hooked',
      places: [plane.at(far, 0, 0)],
      parts: [last.id, held.id],
      fixings: [{ stock: 'hook-eye', count: 1 }],
    };
    return { parts: panel.parts, joints: [...panel.joints, hinged, hooked] };
  });
}
