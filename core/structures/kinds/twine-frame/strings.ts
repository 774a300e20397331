import type { Assembled } from '../../assemblies/assembly';
import { stockOf } from '../../../catalogue/catalogue';
import type { Joint, Station } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { lineOf } from '../../../design/shapes/line';
import { sheetOf, flatBase, type Sheet } from '../../../design/shapes/sheet';
import { add, ALONG, reach, scale, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { eyeIn, screwThrough } from '../../rules/fixings';
import { footAt } from '../../rules/lie';
import { stringLength } from '../../rules/string-length';
import { beamOver, beamUp, onBeam, PILOT_MM, TWINE_HOLE_MM, type TwineFrame, type LaidBeam } from './frame';

/** Strings are looped round the stem this high; eyes sit this far in from the end of a cross arm (from memory). mm. */
const LOOP_MM = inches(2);
export const EYE_IN_MM = inches(1);
/** Staples up a post, as shares of the height of the cloth (from memory). */
const SKIRT_UP = [0.05, 0.35, 0.65, 0.95];

/** Where plants stand along the row, once for all rows that share a place. By a tape on the soil, mm. */
export const placesAlong = (stations: readonly Station[]): number[] =>
  [...new Set(stations.map((station) => station.alongMm))].sort((a, b) => a - b);

/** Cross arms lie flat on the beam, one over each place along the row. */
export function placeArms(
  f: TwineFrame,
  eyes: readonly number[],
  beams: readonly LaidBeam[],
): { parts: Bar[]; joints: Joint[] } {
  // From a ripped board the arms are bought beside it, of the section a frame is otherwise made of.
  const stock = f.wood.board
    ? stockOf(f.setting.catalogue, `timber-${f.v.section}-${f.v.treatment}`, 'timber')
    : { id: f.wood.stock, wideMm: f.wood.postWideMm, thickMm: f.wood.thickMm };
  const hole = { diameterMm: f.v.hang === 'eye' ? PILOT_MM : TWINE_HOLE_MM };
  const parts = eyes.map((eye, i): Bar => {
    const [x, , z] = onBeam(f, eye, -stock.thickMm / 2);
    return barOf({
      id: `arm-${i + 1}`,
      role: 'cross arm',
      of: stock,
      from: [x, f.y - f.v.armLength / 2, z],
      to: [x, f.y + f.v.armLength / 2, z],
      wide: f.lie.level ? ALONG : [Math.cos(f.slope), 0, Math.sin(f.slope)],
      cutMm: f.v.armLength,
      holes: [
        { atMm: EYE_IN_MM, ...hole },
        { atMm: f.v.armLength - EYE_IN_MM, ...hole },
      ],
    });
  });
  return {
    parts,
    joints: parts.map((arm, i) => ({
      id: `on-${arm.id}`,
      kind: 'arm to beam',
      places: [onBeam(f, eyes[i] as number, 0)],
      parts: [arm.id, beamOver(beams, eyes[i] as number).id],
      fixings: [
        {
          stock: screwThrough(f.setting, stock.thickMm, f.wood.beamWideMm),
          count: 2,
          drive: { through: arm.id, into: beamOver(beams, eyes[i] as number).id, way: scale(beamUp(f), -1) },
        },
      ],
    })),
  };
}

export function placeStrings(
  f: TwineFrame,
  stations: readonly Station[],
  eyes: readonly number[],
  beams: readonly LaidBeam[],
  arms: readonly Bar[],
): Assembled {
  const along = placesAlong(stations);
  const made = stations.map((station, i) => {
    const place = along.indexOf(station.alongMm);
    const eye = eyes[place] as number;
    const onArm = f.v.rows > 1 && station.at[1] !== f.y;
    const member = onArm ? (arms[place] as Bar) : beamOver(beams, eye);
    const under = onBeam(f, eye, onArm ? 0 : f.wood.beamWideMm);
    const top: Point = [under[0], station.at[1], under[2]];
    const loop = add(station.at, [0, 0, LOOP_MM]);
    const string = lineOf({
      id: `string-${i + 1}`,
      role: 'string',
      of: { id: `twine-${f.v.twine}`, diameterMm: 3 },
      path: [top, loop],
      cutMm: stringLength({
        dropMm: reach(top, loop),
        wrapsPercent: f.v.wraps,
        knotsMm: f.v.knots,
        slackMm: f.v.slack,
        throughMm: f.v.hang === 'hole' ? (onArm ? f.wood.thickMm : f.wood.beamWideMm) : 0,
      }),
    });
    const joint: Joint = {
      id: `eye-${i + 1}`,
      kind: onArm ? 'string to arm' : 'string to beam',
      by: f.v.hang === 'hole' ? 'through a hole' : 'tied',
      places: [top],
      parts: [string.id, member.id],
      fixings: f.v.hang === 'eye' ? [eyeIn(member.id, UP, top)] : [],
    };
    return { string, joint };
  });
  return { parts: made.map(({ string }) => string), joints: made.map(({ joint }) => joint) };
}

/** Cloth along the back of the posts, from the soil up, stapled to each. */
export function placeSkirt(f: TwineFrame, posts: readonly Bar[]): Assembled {
  const cloth = stockOf(f.setting.catalogue, 'skirt-cloth', 'mesh roll');
  const y = f.y + f.wood.thickMm / 2 + 1;
  const foot = footAt(f.lie, 0, y);
  const along: Point = [Math.cos(f.slope), 0, Math.sin(f.slope)];
  const skirt: Sheet = sheetOf({
    id: 'skirt-1',
    role: 'wind skirt',
    of: cloth,
    base: flatBase(foot, along, f.v.rowLength),
    heightMm: cloth.heightMm,
    uprightsMm: [0, f.v.rowLength],
    levelsMm: [0, cloth.heightMm],
  });
  const skirtPlaces = (post: Bar): Point[] =>
    SKIRT_UP.map((share): Point => [post.to[0], y, post.from[2] + post.buriedMm + share * cloth.heightMm]);
  return {
    parts: [skirt],
    joints: posts.map((post) => ({
      id: `skirt-${post.id}`,
      kind: 'skirt to post',
      places: skirtPlaces(post),
      parts: [skirt.id, post.id],
      fixings: [
        {
          stock: 'staple-fence',
          count: SKIRT_UP.length,
          drive: { through: skirt.id, into: post.id, way: [0, -1, 0], places: skirtPlaces(post) },
        },
      ],
    })),
  };
}
