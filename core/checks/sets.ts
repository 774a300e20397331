import type { Planted } from '../crops/planted';
import type { Design, Hold } from '../design/design';
import type { Bed } from '../site/bed';
import type { Soil, Wind } from '../site/soil';
import type { BedFill } from '../statics/embedment';
import type { Verdict } from './check';
import { cropClimbs } from './crop-climbs';
import { cropGap } from './crop-gap';
import { cropHeight } from './crop-height';
import { cropLoad } from './crop-load';
import { fruitSlung } from './fruit-slung';
import { meshOpening } from './mesh-opening';
import { postDepth } from './post-depth';
import { postLength } from './post-length';
import { reachAcross } from './reach-across';
import { reachUp } from './reach-up';
import { rowInBed } from './row-in-bed';

/** What every kind that holds plants is asked: can they hold on, is it high enough, stiff enough, does it begin low enough, can one pick. */
export const holdChecks = (at: { planted: readonly Planted[]; hold: Hold }): (Verdict | null)[] => [
  cropClimbs(at),
  cropHeight(at),
  cropLoad(at),
  cropGap(at),
  meshOpening(at),
  fruitSlung(at),
];

/** What everything that stands in the soil is asked. */
export const postChecks = (
  { posts }: Pick<Design, 'posts'>,
  at: { soil: Soil; wind: Wind; fill: BedFill },
): (Verdict | null)[] => [postLength({ posts }), postDepth({ posts, ...at })];

/** What a row on a bed is asked: does it fit, and can it be reached across and up. */
export const rowChecks = (
  { builtMm, startMm, hold, wish }: Pick<Design, 'builtMm' | 'startMm' | 'hold' | 'wish'>,
  at: { bed: Bed; rowsAtMm: readonly number[]; armMm: number; reachMm: number },
): (Verdict | null)[] => [
  rowInBed({ builtMm, startMm, bed: at.bed, ...(wish ? { wish } : {}) }),
  reachAcross({ rowsAtMm: at.rowsAtMm, bed: at.bed, armMm: at.armMm }),
  reachUp({ topMm: hold?.topMm.most ?? 0, bedMm: at.bed.heightMm, reachMm: at.reachMm }),
];
