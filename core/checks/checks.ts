import { bayFits } from './bay-fits';
import { boardLongEnough } from './board-fits';
import { cropClimbs } from './crop-climbs';
import { cropGap } from './crop-gap';
import { cropHeight } from './crop-height';
import { cropLoad } from './crop-load';
import { folding } from './folding';
import { keepClear } from './keep-clear';
import { heldFirm } from './held-firm';
import { holeClash } from './hole-clash';
import { meshOpening } from './mesh-opening';
import { nailInterval } from './nail-interval';
import { panelCut } from './panel-cut';
import { panelLean } from './panel-lean';
import { plantingSides } from './planting-sides';
import { plantsFit } from './plants-fit';
import { postDepth } from './post-depth';
import { postLength } from './post-length';
import { postSpacing } from './post-spacing';
import { railsBroken } from './rails-broken';
import { reachAcross } from './reach-across';
import { reachUp } from './reach-up';
import { rowInBed } from './row-in-bed';
import { stringSlack } from './string-slack';
import { tipping } from './tipping';
import { wireTension } from './wire-tension';
import type { Check, Level, Subject, Verdict } from './verdict';

/** Every check, in the order a gardener would ask. */
const CHECKS: readonly Check[] = [
  keepClear,
  postLength,
  boardLongEnough,
  cropClimbs,
  cropHeight,
  cropLoad,
  cropGap,
  meshOpening,
  postSpacing,
  postDepth,
  heldFirm,
  bayFits,
  railsBroken,
  panelCut,
  panelLean,
  holeClash,
  stringSlack,
  wireTension,
  nailInterval,
  tipping,
  folding,
  plantsFit,
  plantingSides,
  rowInBed,
  reachAcross,
  reachUp,
];

const URGENCY: Record<Level, number> = { fail: 0, warn: 1, note: 2, good: 3 };

/** What all checks say, the most urgent first. */
export function judge(subject: Subject): Verdict[] {
  return CHECKS.flatMap((check) => check(subject) ?? []).sort((a, b) => URGENCY[a.level] - URGENCY[b.level]);
}
