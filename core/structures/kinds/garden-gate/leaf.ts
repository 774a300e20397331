import { stockOf } from '../../../catalogue/catalogue';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { UP, type Point } from '../../../geometry/space';
import type { Values } from '../../knob';
import { screwThrough } from '../../rules/fixings';
import { hingesFor, type Leaf, type Made } from '../../rules/gate-leaf';
import { lastingTimber } from '../../rules/timber-knobs';
import { looseOver, type GARDEN_GATE_KNOBS, type RunSetting } from './knobs';

export type GardenGateValues = Values<typeof GARDEN_GATE_KNOBS>;

/** The leaf of a gateway less what is left free. */
export function leafOf(v: GardenGateValues, setting: RunSetting): Leaf {
  const rail = stockOf(setting.catalogue, lastingTimber(setting, v.rail), 'timber');
  const footMm = Math.max(...setting.place.opening.soilMm) + v.under;
  const wideMm = v.width - 2 * v.clear;
  const highMm = Math.max(3 * rail.wideMm, v.height - v.under - looseOver(setting, v.filling));
  return {
    middle: [0, 0, 0],
    wideMm,
    highMm,
    footMm,
    hingeSide: v.hinged === 'first' ? -1 : 1,
    swing: v.opens === 'inward' ? 1 : -1,
    hinges: hingesFor(wideMm, highMm),
    stock: rail.id,
    railWideMm: rail.wideMm,
    railThickMm: rail.thickMm,
  };
}

/** Level boards on the outside of the leaf. */
export function boardsOn(leaf: Leaf, v: GardenGateValues, setting: RunSetting, stiles: readonly Bar[]): Made {
  const board = stockOf(setting.catalogue, lastingTimber(setting, v.board), 'timber');
  const pitch = board.wideMm + v.boardGap;
  const count = Math.max(1, Math.floor((leaf.highMm + v.boardGap + 0.5) / pitch));
  const out = -(leaf.railThickMm + board.thickMm) / 2;
  const half = leaf.wideMm / 2;
  const up = (n: number): number => leaf.footMm + n * pitch + board.wideMm / 2;
  const boards = Array.from({ length: count }, (_, n): Bar =>
    barOf({
      id: `board-${n + 1}`,
      role: 'board',
      of: board,
      from: [-half, out, up(n)],
      to: [half, out, up(n)],
      wide: UP,
      cutMm: Math.max(1, leaf.wideMm),
    }),
  );
  const screw = screwThrough(setting, board.thickMm, leaf.railThickMm);
  const on = (half - leaf.railWideMm / 2) * leaf.hingeSide;
  return {
    parts: boards,
    joints: boards.map((one, n): Joint => ({
      id: `${one.id}-screws`,
      kind: 'board to leaf',
      places: [on, -on].map((right): Point => [right, -leaf.railThickMm / 2, up(n)]),
      parts: [one.id, ...stiles.map((stile) => stile.id)],
      fixings: stiles.map((stile) => ({
        stock: screw,
        count: 2,
        drive: { through: one.id, into: stile.id, way: [0, 1, 0] },
      })),
    })),
  };
}
