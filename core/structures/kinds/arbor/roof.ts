import type { Cord, Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { add, dot, scale, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { screwThrough } from '../../rules/fixings';
import { piecesOverPosts } from '../../rules/over-posts';
import type { Setting } from '../../setting';
import { waysOf, type Grid } from './frame';
import { stapledWire } from './wires';

/** What lies on the rafters stays so far in from their tips (from memory). mm. */
const IN_MM = inches(2);
/** Two slats are at least so far apart, for water and leaves (from memory). mm. */
const LEAST_GAP_MM = 8;
/** Of a slat that ends over a rafter its screw is so far from the end: half of the rafter is its own. */
const OWN_HALF = 1 / 4;

/** The rafters as what lies on them finds them: their middles along the beams, and their tops from tip to tip. mm. */
interface Bearers {
  atMm: number[];
  fromMm: number;
  toMm: number;
  topMm: number;
  /** A place on them, so far along the beams and along the rafters. */
  at: (alongMm: number, overMm: number, upMm?: number) => Point;
}

function bearersOf(g: Grid, rafters: readonly Bar[]): Bearers {
  const { beam, rafter } = waysOf(g);
  const [first] = rafters as [Bar];
  const topMm = first.from[2] + first.wideMm / 2;
  return {
    atMm: rafters.map(({ from }) => dot(from, beam)),
    fromMm: dot(first.from, rafter) + IN_MM,
    toMm: dot(first.to, rafter) - IN_MM,
    topMm,
    at: (alongMm, overMm, upMm = 0) => add(add(scale(beam, alongMm), scale(rafter, overMm)), [0, 0, topMm + upMm]),
  };
}

/** The share of a roof that its slats close to what comes from straight above: so many of a width on its length. */
const sharedBy = (slats: number, wideMm: number, longMm: number): number => (slats * wideMm) / longMm;

/** How many slats come nearest to closing a share of a length, with room between any two. mm. */
function slatsFor(share: number, wideMm: number, longMm: number): number {
  const most = Math.floor((longMm + LEAST_GAP_MM) / (wideMm + LEAST_GAP_MM));
  return Math.max(2, Math.min(most, Math.round((share * longMm) / wideMm)));
}

/** Slats flat across the rafters, in equal spaces; what is longer than is sold is broken over a rafter. */
export function layRoofSlats(
  g: Grid,
  rafters: readonly Bar[],
  o: { of: Timber; share: number; setting: Setting },
): Assembled & { closed: number } {
  const { of, setting } = o;
  const { rafter } = waysOf(g);
  const on = bearersOf(g, rafters);
  const [bearer] = rafters as [Bar];
  const longMm = on.toMm - on.fromMm;
  const count = slatsFor(o.share, of.wideMm, longMm);
  const stepMm = (longMm - of.wideMm) / (count - 1);
  const pieces = piecesOverPosts(on.atMm, bearer.thickMm, setting.sizesOf(of.id).at(-1) ?? Infinity);
  const screw = screwThrough(setting, of.thickMm, bearer.wideMm);
  const laid = Array.from({ length: count }, (_, i) => on.fromMm + of.wideMm / 2 + i * stepMm).flatMap((over, i) =>
    pieces.map((piece, n) => {
      const bar = barOf({
        id: `roof-slat-${i + 1}${pieces.length > 1 ? `-${n + 1}` : ''}`,
        role: 'roof slat',
        of,
        from: on.at(piece.fromMm, over, of.thickMm / 2),
        to: on.at(piece.toMm, over, of.thickMm / 2),
        wide: rafter,
      });
      const joints = rafters.flatMap((one, r): Joint[] => {
        const at = on.atMm[r] as number;
        if (at < piece.fromMm - 1 || at > piece.toMm + 1) return [];
        const half = Math.abs(at - piece.fromMm) < 1 ? 1 : Math.abs(at - piece.toMm) < 1 ? -1 : 0;
        const place = on.at(at + half * OWN_HALF * one.thickMm, over);
        return [
          {
            id: `${bar.id}-${one.id}`,
            kind: 'slat on rafter',
            places: [place],
            parts: [bar.id, one.id],
            fixings: [
              {
                stock: screw,
                count: 1,
                drive: { through: bar.id, into: one.id, way: [0, 0, -1], places: [add(place, [0, 0, of.thickMm])] },
              },
            ],
          },
        ];
      });
      return { bar, joints };
    }),
  );
  return {
    parts: laid.map(({ bar }) => bar),
    joints: laid.flatMap(({ joints }) => joints),
    closed: sharedBy(count, of.wideMm, longMm + 2 * IN_MM),
  };
}

/** Wires along the beams over the rafters, no farther apart than is said: fast at both ends, a staple over each on every other. */
export function layRoofWires(g: Grid, rafters: readonly Bar[], o: { of: Cord; everyMm: number }): Assembled {
  const on = bearersOf(g, rafters);
  const longMm = on.toMm - on.fromMm;
  const spaces = Math.max(1, Math.ceil(longMm / o.everyMm - 1e-6));
  const made = Array.from({ length: spaces + 1 }, (_, i) => {
    const over = on.fromMm + (longMm * i) / spaces;
    return stapledWire({
      id: `roof-wire-${i + 1}`,
      role: 'roof wire',
      kind: 'wire on rafter',
      of: o.of,
      on: rafters.map((one, r) => ({ id: one.id, at: on.at(on.atMm[r] as number, over) })),
      out: UP,
    });
  });
  return { parts: made.map(({ wire }) => wire), joints: made.flatMap(({ joints }) => joints) };
}
