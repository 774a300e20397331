import { MESH_ROLLS, PANELS } from '../../catalogue/panels';
import { HEFT, type Carries, type MeshRoll, type WeldedPanel } from '../../catalogue/stock';
import type { Hold } from '../../design/design';
import { isOffered, type BedSetting } from '../setting';
import { mostGap } from './gap';
import { ofMarket } from './panel-choice';
import { reachOverBed } from './row';
import { wholeStep } from './tidy';

const stiffest = (of: readonly { carries: Carries }[]): Carries =>
  of.reduce<Carries>((most, one) => (HEFT[one.carries] > HEFT[most] ? one.carries : most), 'light');

/**
 * What a wall of panels could be made to: the highest panel of its market on sale, over as wide a gap as its crops bear,
 * as far as one reaches; `mostMm` is what its posts hold, `fallMm` how much higher it stands at its low end.
 * Decision 27.
 */
export function panelsCould(
  setting: BedSetting,
  offered: readonly string[],
  o: { net: boolean; gapMm: number; mostMm?: number; fallMm?: number },
): Hold['could'] {
  const panels = ofMarket(
    setting,
    PANELS.filter((panel) => offered.includes(panel.id)),
  );
  const mostMm = Math.min(o.mostMm ?? Infinity, reachOverBed(setting) - (o.fallMm ?? 0));
  const gapMm = Math.max(o.gapMm, mostGap(setting));
  // Gaps are on a mark of the tape.
  const topOver = ({ heightMm }: WeldedPanel): number =>
    heightMm > mostMm ? 0 : heightMm + Math.min(gapMm, wholeStep(mostMm - heightMm, setting.market));
  return {
    topMm: Math.max(0, ...panels.map(topOver)),
    carries: stiffest(panels),
    net: o.net,
  };
}

/** How high the whole rows of a roll stand that can be reached, less the one that becomes stakes. mm. */
export const rowsHigh = ({ heightMm, stepMm }: MeshRoll, setting: BedSetting, staked: boolean): number =>
  (Math.floor(Math.min(heightMm, reachOverBed(setting)) / stepMm + 1e-6) - (staked ? 1 : 0)) * stepMm;

/** What a cage could be made to, of the stiff rolls on sale that carry its crops: as many whole rows as can be reached, less the one that becomes its stakes. */
export function rollsCould(setting: BedSetting, staked: boolean): Hold['could'] {
  const rolls = MESH_ROLLS.filter((roll) => roll.stiff && isOffered(setting, roll.id));
  const heft = Math.max(0, ...setting.planted.map(({ crop }) => HEFT[crop.load]));
  const strong = rolls.filter(({ carries }) => HEFT[carries] >= heft);
  return {
    topMm: Math.max(0, ...(strong.length > 0 ? strong : rolls).map((roll) => rowsHigh(roll, setting, staked))),
    carries: stiffest(rolls),
    net: false,
  };
}
