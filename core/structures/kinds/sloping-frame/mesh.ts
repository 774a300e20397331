import { stockOf } from '../../../catalogue/catalogue';
import type { Joint, Station } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { flatBase, sheetOf } from '../../../design/shapes/sheet';
import { chainThrough, line, type Curve } from '../../../geometry/curve';
import { add, minus, reach, scale, unit } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import type { Plane } from '../../assemblies/sloping-sheet';
import { evenly, washered } from '../../rules/fixings';
import type { BedSetting } from '../../setting';
import type { SlopingFrameValues } from './knobs';

/** Washers along a lath (from memory). mm. */
export const WASHER_EVERY_MM = inches(16);

/** Mesh over the laths, a screw and a washer every so often along each. */
export function meshOn(
  plane: Plane,
  o: {
    v: SlopingFrameValues;
    laths: readonly Bar[];
    lath: { wideMm: number; thickMm: number };
    of: { wideMm: number };
    meshMm: number;
    setting: BedSetting;
  },
): Assembled {
  const roll = stockOf(o.setting.catalogue, o.v.mesh, 'mesh roll');
  const outMm = o.of.wideMm / 2 + o.lath.thickMm;
  const sheet = sheetOf({
    id: 'mesh',
    role: 'mesh',
    of: roll,
    base: flatBase(plane.at(0, 0, outMm + roll.wireMm / 2), plane.along, o.v.rowLength),
    up: plane.up,
    heightMm: o.meshMm,
  });
  return {
    parts: [sheet],
    joints: o.laths.map((lath): Joint => {
      const axis = unit(minus(lath.to, lath.from));
      const inMm = Math.min(inches(1), reach(lath.from, lath.to) / 8);
      const lift = scale(plane.out, o.lath.thickMm / 2);
      const places = evenly(
        add(add(lath.from, scale(axis, inMm)), lift),
        add(add(lath.to, scale(axis, -inMm)), lift),
        WASHER_EVERY_MM,
      );
      return {
        id: `mesh-${lath.id}`,
        kind: 'mesh to lath',
        places,
        parts: [sheet.id, lath.id],
        fixings: washered(sheet.id, lath, scale(plane.out, -1), places, o.setting),
      };
    }),
  };
}

/** A stem that grows up to the lower edge of the mesh and lies on it from there. mm. */
export function stemOver(plane: Plane, { at, alongMm, growsMm }: Station, overMm: number): Curve {
  const edge = plane.at(alongMm, plane.pastMm, overMm);
  const left = growsMm - reach(at, edge);
  return left <= 0 ? line(at, add(at, [0, 0, growsMm])) : chainThrough([at, edge, add(edge, scale(plane.up, left))]);
}
