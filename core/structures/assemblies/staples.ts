import type { Fixing, Joint } from '../../design/design';
import type { Bar } from '../../design/shapes/bar';
import { shapeOf } from '../../design/shapes/shapes';
import type { Sheet } from '../../design/shapes/sheet';
import { add, minus, scale, unit, type Point } from '../../geometry/space';
import { evenly } from '../rules/fixings';

/** Staples along what of a timber's face a sheet lies on, from one point of it to another, clear of both; none where it does not. mm. */
export function staplesAlong(
  sheet: Sheet,
  o: { into: Bar; from: Point; to: Point; way: Point; everyMm: number; clearMm: number },
): Fixing[] {
  const clear = scale(unit(minus(o.to, o.from)), o.clearMm);
  const places = evenly(add(o.from, clear), minus(o.to, clear), o.everyMm).filter(
    (place) => shapeOf(sheet).distanceTo(sheet, place) < 1,
  );
  return places.length === 0
    ? []
    : [
        {
          stock: 'staple-fence',
          count: places.length,
          drive: { through: null, into: o.into.id, way: o.way, places, byEye: true },
        },
      ];
}

/** Sheets that lie on each other, with the staples that hold them. */
export const stapledOn = (sheets: readonly Sheet[], kind: string, fixings: readonly Fixing[]): Joint => ({
  id: `${sheets[0]?.id ?? ''}-stapled`,
  kind,
  places: fixings.flatMap((one) => one.drive?.places ?? []),
  parts: [...sheets.map((one) => one.id), ...fixings.flatMap((one) => one.drive?.into ?? [])],
  fixings,
});
