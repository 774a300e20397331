import type { Sheeting, Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { scale } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { onRun } from '../../assemblies/courses';
import type { BedSetting } from '../../setting';
import { boardSides, type Between } from './boards';
import { at, flat, rimOf, type Stood } from './stood';

/** The first screw of a sheet is so far from its edge (from memory). mm. */
const FROM_EDGE_MM = inches(2);
/** Less than this between two posts is closed by the rails alone (from memory). mm. */
const LEAST_BAY_MM = inches(1);

/**
 * Rails at the foot and at the rim on the outside of posts, corrugated sheet upright between the posts against them: the
 * soil presses it onto the rails.
 */
export function sheetedSides(
  s: Stood,
  o: { rail: Timber; post: Timber; sheet: Sheeting; longestMm: number; setting: BedSetting },
): Assembled & { between: readonly Between[] } {
  const { rail, sheet } = o;
  const rim = rimOf(s);
  const ups = [s.baseMm + rail.wideMm / 2, rim - rail.wideMm / 2];
  const frame = boardSides(s, { ...o, role: 'rail', board: rail, ups });
  const hung = frame.bays
    .filter(({ fromMm, toMm }) => toMm - fromMm >= LEAST_BAY_MM)
    .flatMap(({ run, fromMm, toMm }, bay) => {
      const count = Math.ceil((toMm - fromMm) / sheet.coversMm - 1e-6);
      const eachMm = (toMm - fromMm) / count;
      return Array.from({ length: count }, (_, n) => {
        const middle = fromMm + (n + 0.5) * eachMm;
        const spot = onRun(run, middle, s.thickMm + sheet.thickMm / 2);
        const bar: Bar = barOf({
          id: `sheet-${bay + 1}-${n + 1}`,
          role: 'sheet',
          // What it covers: the next lies on the rest.
          of: { id: sheet.id, wideMm: eachMm, thickMm: sheet.thickMm },
          from: at(spot, s.baseMm),
          to: at(spot, rim),
          wide: flat(run.way),
        });
        const aside = Math.max(eachMm / 4, eachMm / 2 - FROM_EDGE_MM);
        const joints = frame.laid
          .filter((one) => one.side === run.side && one.fromMm <= middle && one.toMm >= middle)
          .map(({ bar: into }): Joint => {
            const places = [-aside, aside].map((by) =>
              at(onRun(run, middle + by, s.thickMm + sheet.steelMm), into.from[2]),
            );
            return {
              id: `${bar.id}-${into.id}`,
              kind: 'sheet to rail',
              places,
              parts: [bar.id, into.id],
              fixings: [
                {
                  stock: 'screw-roofing-25',
                  count: places.length,
                  // In a valley, where the sheet lies on the rail.
                  drive: { through: bar.id, into: into.id, way: scale(flat(run.inwards), -1), places },
                },
              ],
            };
          });
        return { bar, joints };
      });
    });
  return {
    // What is drawn first lies behind.
    parts: [...hung.map(({ bar }) => bar), ...frame.parts],
    joints: [...frame.joints, ...hung.flatMap(({ joints }) => joints)],
    between: frame.between,
  };
}
