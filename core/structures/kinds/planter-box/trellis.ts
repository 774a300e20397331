import type { Cord, Timber } from '../../../catalogue/stock';
import type { Hold, Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import type { BoardBox, Sides } from '../../assemblies/box-of-boards';
import { railsOver } from '../../assemblies/rails';
import { stringUp } from '../../assemblies/strings-up';
import { screwThrough } from '../../rules/fixings';
import { equalBays } from '../../rules/spacing';
import type { SpotSetting } from './knobs';

/** Uprights are no farther apart than a lath carries a wet crop, and stand so far in from the ends; the lowest lath lies so far over the rim, the uppermost so far under their tops (from memory). mm. */
const UPRIGHTS_APART_MM = inches(30);
const END_IN_MM = inches(5);
const OVER_RIM_MM = inches(3);
const UNDER_TOP_MM = inches(1);

export interface Trellis extends Required<Pick<Assembled, 'parts' | 'joints'>> {
  hold: Hold;
  /** What the wind finds of it over the rim. mm. */
  highMm: number;
}

/**
 * Uprights behind the boards of its back, from their lower edge up over the rim, and level laths on them over the box:
 * a planter’s own trellis. `soilMm` is where its mix ends, `rimMm` its rim, over the floor. mm.
 */
export function trellisBehind(
  box: BoardBox,
  o: {
    sides: Sides;
    board: Timber;
    upright: Timber;
    lath: Timber;
    highMm: number;
    everyMm: number;
    soilMm: number;
    rimMm: number;
    strings: number;
    twine: Cord;
  },
  setting: SpotSetting,
): Trellis {
  const { upright, lath, board, highMm } = o;
  const back = box.wideMm / 2;
  const at = equalBays([END_IN_MM, Math.max(END_IN_MM + upright.wideMm, box.longMm - END_IN_MM)], UPRIGHTS_APART_MM);
  const uprights = at.map((along, i) =>
    barOf({
      id: `upright-${i + 1}`,
      role: 'upright',
      of: upright,
      from: box.at(along, back + upright.thickMm / 2, 0),
      to: box.at(along, back + upright.thickMm / 2, box.highMm + highMm),
      wide: [1, 0, 0],
    }),
  );
  const screw = screwThrough(setting, upright.thickMm, board.thickMm);
  const backs = o.sides.boards.map((course) => course[1] as Bar);
  const held = uprights.flatMap((one) =>
    backs.map((behind): Joint => {
      const face: Point = [one.from[0], back, behind.from[2]];
      return {
        id: `${one.id}-${behind.id}`,
        kind: 'upright to board',
        places: [face],
        parts: [behind.id, one.id],
        fixings: [
          {
            stock: screw,
            count: 2,
            drive: {
              through: one.id,
              into: behind.id,
              way: [0, -1, 0],
              // One over the other, askew.
              places: ([-1, 1] as const).map((side): Point => [
                one.from[0] + (side * upright.wideMm) / 6,
                back + upright.thickMm,
                behind.from[2] + side * board.wideMm * 0.2,
              ]),
            },
          },
        ],
      };
    }),
  );
  const first = box.highMm + OVER_RIM_MM;
  const last = box.highMm + highMm - UNDER_TOP_MM - lath.wideMm / 2;
  const ups = equalBays([first, Math.max(first + lath.wideMm, last)], o.everyMm);
  const laths = ups.map((up, i) =>
    railsOver({
      pieces: [{ fromMm: 0, toMm: box.longMm }],
      rail: lath,
      posts: uprights,
      postsAtMm: at,
      postMm: upright.thickMm,
      at: (along, out) => box.at(along, back - out, up),
      id: () => `lath-${i + 1}`,
      role: 'lath',
      inwards: [0, 1, 0],
      insetMm: 0,
      setting,
    }),
  );
  const rungs = laths.flatMap(({ rails }) => rails.map(({ bar }) => bar));
  const strung = Array.from({ length: o.strings }, (_, n) =>
    stringUp({
      id: `string-${n + 1}`,
      of: o.twine,
      rungs: rungs.map((bar) => ({
        ...bar,
        // Over their faces, in equal gaps along the box.
        at: [(box.longMm * (n + 1)) / (o.strings + 1), bar.from[1] - bar.thickMm / 2, bar.from[2]] as const,
      })),
    }),
  );
  const startsMm = Math.max(0, o.rimMm + OVER_RIM_MM - o.soilMm);
  const topMm = o.rimMm + highMm - UNDER_TOP_MM - o.soilMm;
  return {
    parts: [...uprights, ...rungs, ...strung.map(({ string }) => string)],
    joints: [...held, ...laths.flatMap(({ joints }) => joints), ...strung.map(({ joint }) => joint)],
    highMm,
    hold: {
      by: 'poles',
      meshMm: null,
      memberMm: o.strings > 0 ? o.twine.diameterMm : lath.thickMm,
      stepMm: o.strings > 0 ? Math.min(o.everyMm, box.longMm / (o.strings + 1)) : o.everyMm,
      fineToMm: 0,
      // Of a box that is watered by hand, on laths: beans, peas, cucumbers tied, no melons.
      carries: 'medium',
      startsMm,
      gapMm: startsMm,
      topMm: { least: topMm, most: topMm },
      could: { topMm: Math.max(topMm, setting.reachMm - o.soilMm), carries: 'medium', net: false },
    },
  };
}
