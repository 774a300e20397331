import { MESH_ROLLS, PANELS } from '../../catalogue/panels';
import { HEFT, type Carries } from '../../catalogue/stock';
import type { Hold } from '../../design/design';
import { isOffered, type Setting } from '../setting';
import { mostGap } from './gap';
import { ofMarket } from './panel-choice';

const stiffest = (of: readonly { carries: Carries }[]): Carries =>
  of.reduce<Carries>((most, one) => (HEFT[one.carries] > HEFT[most] ? one.carries : most), 'light');

/** What a wall of panels could be made to: the highest panel of its market on sale, over as wide a gap as its crops bear; `mostMm` is what its posts hold. */
export function panelsCould(
  setting: Setting,
  offered: readonly string[],
  o: { net: boolean; gapMm: number; mostMm?: number },
): Hold['could'] {
  const panels = ofMarket(
    setting,
    PANELS.filter((panel) => offered.includes(panel.id)),
  );
  return {
    topMm: Math.min(
      o.mostMm ?? Infinity,
      Math.max(o.gapMm, mostGap(setting)) + Math.max(0, ...panels.map((panel) => panel.heightMm)),
    ),
    carries: stiffest(panels),
    net: o.net,
  };
}

/** What a cage could be made to: the highest stiff roll on sale, less the row that becomes its stakes. */
export function rollsCould(setting: Setting, staked: boolean): Hold['could'] {
  const rolls = MESH_ROLLS.filter((roll) => roll.stiff && isOffered(setting, roll.id));
  return {
    topMm: Math.max(0, ...rolls.map((roll) => roll.heightMm - (staked ? roll.stepMm : 0))),
    carries: stiffest(rolls),
    net: false,
  };
}
