import type { Rod } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf, type Bar, type Section } from '../../../design/shapes/bar';
import { UP } from '../../../geometry/space';
import type { Assembled } from '../../assemblies/assembly';
import { onRun, runsRound } from '../../assemblies/courses';
import { type Stood, at, broken, PIN_UNDER_MM, pinPlaces, pinsIn, rimOf, touchesAt } from './stood';

/** Square timbers or logs in courses, each the other way round at the corners, steel pins through all of them. */
export function timberSides(
  s: Stood,
  o: { of: Section; role: 'timber' | 'log'; rod: Rod; longestMm: number },
): Assembled {
  const places = pinPlaces(s);
  const pins = places.map((spot, i) =>
    barOf({
      id: `pin-${i + 1}`,
      role: 'pin',
      of: o.rod,
      from: at(spot, s.baseMm - pinsIn(s)),
      to: at(spot, rimOf(s) - PIN_UNDER_MM),
      buriedMm: pinsIn(s),
    }),
  );
  const made = Array.from({ length: s.courses }, (_, course) => course).flatMap((course) =>
    runsRound(s.outline, s.thickMm, course).flatMap((run) => {
      const up = s.baseMm + (course + 0.5) * s.courseMm;
      const own = places.flatMap((spot, i) => (touchesAt(spot, run, s.thickMm) ? [{ spot, pin: pins[i] as Bar }] : []));
      const alongs = own.map(({ spot }) => (spot[0] - run.from[0]) * run.way[0] + (spot[1] - run.from[1]) * run.way[1]);
      // The pin of a far corner is not in this course's timber: the last piece has one of its own between.
      return broken(run, alongs, o.longestMm, course, 2).map(([fromMm, toMm], n) => {
        const bar = barOf({
          id: `${o.role}-${course + 1}-${run.side + 1}-${n + 1}`,
          role: o.role,
          of: o.of,
          from: at(onRun(run, fromMm, s.thickMm / 2), up),
          to: at(onRun(run, toMm, s.thickMm / 2), up),
          wide: UP,
        });
        const joints = own.flatMap(({ spot, pin }, k): Joint[] => {
          const mm = alongs[k] ?? 0;
          return mm < fromMm - 1 || mm > toMm + 1
            ? []
            : [
                {
                  id: `${bar.id}-${pin.id}`,
                  kind: 'pin through timber',
                  by: 'through a hole',
                  places: [at(spot, up)],
                  parts: [bar.id, pin.id],
                  fixings: [],
                },
              ];
        });
        return { bar, joints };
      });
    }),
  );
  return { parts: [...made.map(({ bar }) => bar), ...pins], joints: made.flatMap(({ joints }) => joints) };
}
