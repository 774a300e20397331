import { stockOf } from '../../../catalogue/catalogue';
import type { Joint } from '../../../design/design';
import type { Part } from '../../../design/shapes/shapes';
import { flatBase, type Sheet } from '../../../design/shapes/sheet';
import { add, ALONG, UP, type Point } from '../../../geometry/space';

import { stapledOn, staplesAlong } from '../../rules/staples';
import { frameLeaf, hangLeaf, hingesFor, meshOn, type Leaf } from '../../rules/gate-leaf';
import type { BedSetting } from '../../setting';
import { DOOR_FREE_MM, DOOR_UNDER_MM, type Cage } from './frame';
import type { WalkInCageValues } from './knobs';
import { STAPLE_EVERY_MM } from './nets';

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
    stock: rail.id,
    railWideMm: rail.wideMm,
    railThickMm: rail.thickMm,
  };
}

/** A framed door with net on its face, and the stiff mesh over that as far as it goes; hung on one post, latched to the other. */
export function doorOf(
  cage: Cage,
  v: WalkInCageValues,
  setting: BedSetting,
): { parts: Part[]; joints: Joint[]; leaf: Leaf } {
  const leaf = leafIn(cage, v);
  const frame = frameLeaf(leaf, setting);
  const net = stockOf(setting.catalogue, v.net, 'mesh roll');
  const face = -leaf.railThickMm / 2;
  const at = (right: number, up: number): Point => add(leaf.middle, [right, face, leaf.footMm + up]);
  const few = (longMm: number): number[] => Array.from({ length: 7 }, (_, n) => (longMm * n) / 6);
  const sheet: Sheet = {
    shape: 'sheet',
    id: 'door-net',
    role: 'door net',
    stock: net.id,
    base: flatBase(at(-leaf.wideMm / 2, 0), ALONG, leaf.wideMm),
    up: UP,
    cutMm: leaf.wideMm,
    heightMm: leaf.highMm,
    uprightsMm: few(leaf.wideMm),
    levelsMm: few(leaf.highMm),
    wireMm: net.wireMm,
    meshes: 0,
  };
  const staples = [...frame.stiles, ...frame.rails].flatMap((into) =>
    staplesAlong(sheet, {
      into,
      from: add(into.from, [0, face, 0]),
      to: add(into.to, [0, face, 0]),
      way: [0, 1, 0],
      everyMm: STAPLE_EVERY_MM,
      clearMm: leaf.railWideMm * 1.5,
    }),
  );
  const low = v.low === 'none' ? null : meshOn(leaf, v.low, setting, [...frame.stiles, ...frame.rails.slice(0, 1)]);
  const posts = cage.sides.front.posts;
  const hung = hangLeaf(leaf, frame.stiles).map((joint): Joint => {
    const onHinges = joint.kind === 'hung';
    const first = onHinges === leaf.hingeSide < 0;
    const post = posts[first ? 0 : 1] as (typeof posts)[number];
    const x = (first ? -1 : 1) * (leaf.wideMm / 2 + DOOR_FREE_MM);
    return {
      ...joint,
      // As high on the post as on the leaf.
      places: [...joint.places, ...joint.places.map(([, y, z]): Point => [leaf.middle[0] + x, y, z])],
      parts: [...joint.parts, post.id],
    };
  });
  return {
    leaf,
    parts: [...frame.parts, sheet, ...(low?.parts.map((one) => ({ ...one, role: 'door mesh' })) ?? [])],
    joints: [...frame.joints, stapledOn([sheet], 'net to door', staples), ...(low?.joints ?? []), ...hung],
  };
}
