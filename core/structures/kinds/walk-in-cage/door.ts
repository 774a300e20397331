import { stockOf } from '../../../catalogue/catalogue';
import { flatBase, sheetOf, threads } from '../../../design/shapes/sheet';
import { add, ALONG, type Point } from '../../../geometry/space';
import { together, type Assembled } from '../../assemblies/assembly';
import { frameLeaf, hangLeaf, hingesFor, meshOnLeaf, type Leaf } from '../../assemblies/hung-leaf';
import type { SetPost } from '../../assemblies/set-post';
import { stapledOn, staplesAlong } from '../../assemblies/staples';
import type { BedSetting } from '../../setting';
import { DOOR_FREE_MM, DOOR_UNDER_MM, type Cage } from './frame';
import type { WalkInCageValues } from './knobs';
import { STAPLE_EVERY_MM } from './nets';

/** Threads of the net that are drawn each way. */
const DOOR_THREADS = 6;

/** The leaf in its gateway: as deep as a rail is thick, its outer face in the plane of the posts’. */
export function leafIn(cage: Cage, v: WalkInCageValues): Leaf {
  const { door, rail, sides } = cage;
  const middle = (door.fromMm + door.toMm) / 2;
  const wideMm = door.toMm - door.fromMm - 2 * DOOR_FREE_MM;
  return {
    middle: sides.front.at(middle, 0, -rail.thickMm / 2),
    wideMm,
    highMm: door.highMm,
    footMm: DOOR_UNDER_MM,
    hingeSide: v.hinged === 'corner' ? -1 : 1,
    swing: -1,
    hinges: hingesFor(wideMm, door.highMm),
    of: rail,
  };
}

/** A framed door with net on its face, and the stiff mesh over that as far as it goes; hung on one post, latched to the other. */
export function doorOf(cage: Cage, v: WalkInCageValues, setting: BedSetting): Assembled & { leaf: Leaf } {
  const leaf = leafIn(cage, v);
  const framed = frameLeaf(leaf, setting);
  const { plane } = framed.frame;
  const { wideMm, thickMm } = leaf.of;
  const sheet = sheetOf({
    id: 'door-net',
    role: 'door net',
    of: stockOf(setting.catalogue, v.net, 'mesh roll'),
    base: flatBase(plane.at(0, 0, thickMm / 2), ALONG, leaf.wideMm),
    heightMm: leaf.highMm,
    uprightsMm: threads(leaf.wideMm, DOOR_THREADS),
    levelsMm: threads(leaf.highMm, DOOR_THREADS),
  });
  const face: Point = [0, -thickMm / 2, 0];
  const staples = [...framed.stiles, ...framed.frame.levels].flatMap((into) =>
    staplesAlong(sheet, {
      into,
      from: add(into.from, face),
      to: add(into.to, face),
      way: plane.inwards,
      everyMm: STAPLE_EVERY_MM,
      clearMm: wideMm * 1.5,
    }),
  );
  const [first, second] = cage.sides.front.posts as [SetPost, SetPost];
  const [hinge, latch] = leaf.hingeSide < 0 ? [first, second] : [second, first];
  return {
    leaf,
    ...together(
      framed.made,
      { parts: [sheet], joints: [stapledOn([sheet], 'net to door', staples)] },
      v.low !== 'none' && meshOnLeaf(framed, v.low, setting, { id: 'mesh', role: 'door mesh' }),
      hangLeaf(framed, { hinge, latch, freeMm: DOOR_FREE_MM }),
    ),
  };
}
