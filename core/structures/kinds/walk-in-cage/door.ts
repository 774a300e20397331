import { stockOf } from '../../../catalogue/catalogue';
import { flatBase, sheetOf, threads } from '../../../design/shapes/sheet';
import { add, ALONG, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { together, type Assembled } from '../../assemblies/assembly';
import { frameLeaf, hangLeaf, hingesFor, meshOnLeaf, type HungLeaf } from '../../assemblies/hung-leaf';
import type { SetPost } from '../../assemblies/set-post';
import { stapledOn, staplesAlong } from '../../assemblies/staples';
import type { BedSetting } from '../../setting';
import { atSide, DOOR_FREE_MM, DOOR_UNDER_MM, type Cage } from './frame';
import type { WalkInCageValues } from './knobs';
import { STAPLE_EVERY_MM } from './nets';

/** The net of a door goes so far past the leaf on both sides (from memory). mm. */
const FLAP_MM = inches(2);
/** Threads of the net that are drawn each way. */
const DOOR_THREADS = 6;

/** The leaf in its gateway: as deep as a rail is thick, its outer face in the plane of the posts’; on a slope free of the soil at the higher side and of the rail over it at the lower. */
export function leafIn(cage: Cage, v: WalkInCageValues): HungLeaf {
  const { door, rail, sides } = cage;
  const middle = (door.fromMm + door.toMm) / 2;
  const wideMm = door.clearMm - 2 * DOOR_FREE_MM;
  const highMm = door.highMm - door.riseMm;
  return {
    middle: atSide(sides.front, middle, 0, -rail.thickMm / 2),
    wideMm,
    highMm,
    footMm: DOOR_UNDER_MM + door.riseMm / 2,
    hingeSide: v.hinged === 'corner' ? -1 : 1,
    swing: -1,
    hinges: hingesFor(wideMm, highMm),
    of: rail,
  };
}

/** A framed door with net on its face, and the stiff mesh over that as far as it goes; hung on one post, latched to the other. */
export function doorOf(cage: Cage, v: WalkInCageValues, setting: BedSetting): Assembled & { leaf: HungLeaf } {
  const leaf = leafIn(cage, v);
  const framed = frameLeaf(leaf, setting);
  const { plane } = framed.frame;
  const { wideMm, thickMm } = leaf.of;
  // Past the leaf on the posts, up to the rail over it and down to the soil on the lower side: nothing slips by beside it.
  const net = { wideMm: leaf.wideMm + 2 * FLAP_MM, footMm: DOOR_UNDER_MM + cage.door.riseMm };
  const highMm = net.footMm + leaf.highMm + DOOR_FREE_MM + cage.door.riseMm;
  const sheet = sheetOf({
    id: 'door-net',
    role: 'door net',
    of: stockOf(setting.catalogue, v.net, 'mesh roll'),
    base: flatBase(plane.at(-FLAP_MM, -net.footMm, thickMm / 2), ALONG, net.wideMm),
    heightMm: highMm,
    uprightsMm: threads(net.wideMm, DOOR_THREADS),
    levelsMm: threads(highMm, DOOR_THREADS),
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
      hangLeaf(framed, { freeMm: DOOR_FREE_MM, posts: { hinge, latch } }),
    ),
  };
}
