import type { Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { ofShape, shapeOf, type Part } from '../../../design/shapes/shapes';
import { dot, minus, reach, unit } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { onRun, runsRound } from '../../assemblies/courses';
import { screwThrough } from '../../rules/fixings';
import type { BedSetting } from '../../setting';
import { along, at, flat, rimOf, type Stood } from './stood';

/** Screws of a cap so far apart, the first so far from its ends (from memory). mm. */
const SCREWS_MM = inches(24);
const FROM_END_MM = inches(3);
/** From the end of what it goes into, at the least (from memory). mm. */
const CLEAR_MM = 15;

/** Boards laid flat on the rim, flush with the outside, butted at the corners; screwed down into what is uppermost in the sides. */
export function capOn(
  s: Stood,
  o: { of: Timber; sides: readonly Part[]; longestMm: number; setting: BedSetting },
): Assembled {
  const { of, setting } = o;
  const rim = rimOf(s);
  const [top] = ofShape(o.sides, 'bar')
    .filter(({ role }) => ['board', 'timber', 'rail'].includes(role))
    .toSorted((a, b) => b.from[2] - a.from[2]);
  if (!top) return { parts: [], joints: [] };
  const uppermost = ofShape(o.sides, 'bar').filter(
    ({ role, from }) => role === top.role && Math.abs(from[2] - top.from[2]) < 1,
  );
  // Off the middle of a timber, where its pins are.
  const inMm = top.role === 'timber' ? s.thickMm / 4 : top.thickMm / 2;
  const screw = screwThrough(setting, of.thickMm, top.wideMm);
  const made = runsRound(s.outline, of.wideMm, 0).flatMap((run) => {
    const pieces = Math.max(1, Math.ceil((run.toMm - run.fromMm) / o.longestMm - 1e-6));
    const longMm = (run.toMm - run.fromMm) / pieces;
    return Array.from({ length: pieces }, (_, n) => {
      const [fromMm, toMm] = [run.fromMm + n * longMm, run.fromMm + (n + 1) * longMm];
      const bar: Bar = barOf({
        id: `cap-${run.side + 1}-${n + 1}`,
        role: 'cap',
        of,
        from: at(onRun(run, fromMm, of.wideMm / 2), rim + of.thickMm / 2),
        to: at(onRun(run, toMm, of.wideMm / 2), rim + of.thickMm / 2),
        wide: flat(run.inwards),
      });
      const endMm = Math.min(FROM_END_MM, longMm / 4);
      const joints = along(fromMm + endMm, toMm - endMm, SCREWS_MM).flatMap((mm, k): Joint[] => {
        const head = at(onRun(run, mm, inMm), rim + of.thickMm);
        // Of two that meet under it, the one that holds it well inside its own end.
        const under = at(onRun(run, mm, inMm), rim - 1);
        const into = uppermost.find((part) => {
          const axis = unit(minus(part.to, part.from));
          const far = dot(minus(under, part.from), axis);
          return (
            far >= CLEAR_MM &&
            far <= reach(part.from, part.to) - CLEAR_MM &&
            shapeOf(part).distanceTo(part, under) < 0.5
          );
        });
        return into
          ? [
              {
                id: `${bar.id}-down-${k + 1}`,
                kind: 'cap on the rim',
                places: [at(onRun(run, mm, inMm), rim)],
                parts: [bar.id, into.id],
                fixings: [
                  {
                    stock: screw,
                    count: 1,
                    drive: { through: bar.id, into: into.id, way: [0, 0, -1], places: [head] },
                  },
                ],
              },
            ]
          : [];
      });
      return { bar, joints };
    });
  });
  return { parts: made.map(({ bar }) => bar), joints: made.flatMap(({ joints }) => joints) };
}
