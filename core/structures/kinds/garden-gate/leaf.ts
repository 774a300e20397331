import { stockOf } from '../../../catalogue/catalogue';
import { barOf } from '../../../design/shapes/bar';
import { UP, type Point } from '../../../geometry/space';
import { fact } from '../../../wording/say';
import type { Assembled } from '../../assemblies/assembly';
import { hingesFor, type FramedLeaf, type HungLeaf } from '../../assemblies/hung-leaf';
import type { Values } from '../../knob';
import { screwThrough } from '../../rules/fixings';
import { lastingTimber } from '../../rules/timber-knobs';
import { looseOver, type GARDEN_GATE_KNOBS, type RunSetting } from './knobs';

export type GardenGateValues = Values<typeof GARDEN_GATE_KNOBS>;

/** The leaf of a gateway less what is left free. */
export function leafOf(v: GardenGateValues, setting: RunSetting): HungLeaf {
  // On the side to which it opens its face and those of its posts are in one plane: knuckles stand clear, and the latch lies flat on both.
  const inward = v.opens === 'inward';
  const [outer, inner] = setting.place.opening.facesMm;
  const rail = stockOf(setting.catalogue, lastingTimber(setting, v.rail), 'timber');
  const footMm = Math.max(...setting.place.opening.soilMm) + v.under;
  const wideMm = v.width - 2 * v.clear;
  const highMm = Math.max(3 * rail.wideMm, v.height - v.under - looseOver(setting, v.filling));
  return {
    middle: [0, inward ? inner - rail.thickMm / 2 : outer + rail.thickMm / 2, 0],
    wideMm,
    highMm,
    footMm,
    hingeSide: v.hinged === 'first' ? -1 : 1,
    swing: inward ? 1 : -1,
    hinges: hingesFor(wideMm, highMm),
    of: rail,
  };
}

/** Level boards on the outside of the leaf. */
export function boardsOn({ leaf, stiles }: FramedLeaf, v: GardenGateValues, setting: RunSetting): Assembled {
  const board = stockOf(setting.catalogue, lastingTimber(setting, v.board), 'timber');
  const pitch = board.wideMm + v.boardGap;
  const count = Math.max(1, Math.floor((leaf.highMm + v.boardGap + 0.5) / pitch));
  const { wideMm, thickMm } = leaf.of;
  const half = leaf.wideMm / 2;
  const at = (right: number, n: number, out: number): Point => [
    right,
    leaf.middle[1] - thickMm / 2 - out,
    leaf.footMm + n * pitch + board.wideMm / 2,
  ];
  const boards = Array.from({ length: count }, (_, n) =>
    barOf({
      id: `board-${n + 1}`,
      role: 'board',
      of: board,
      from: at(-half, n, board.thickMm / 2),
      to: at(half, n, board.thickMm / 2),
      wide: UP,
    }),
  );
  const screw = screwThrough(setting, board.thickMm, thickMm);
  const on = (half - wideMm / 2) * leaf.hingeSide;
  return {
    parts: boards,
    joints: boards.map(({ id: through }, n) => ({
      id: `${through}-screws`,
      kind: 'board to leaf',
      places: [on, -on].map((right) => at(right, n, 0)),
      parts: [through, ...stiles.map((stile) => stile.id)],
      fixings: stiles.map(({ id: into }) => ({ stock: screw, count: 2, drive: { through, into, way: [0, 1, 0] } })),
    })),
    reasons: { 'board to leaf': fact('count.board-screws') },
  };
}
