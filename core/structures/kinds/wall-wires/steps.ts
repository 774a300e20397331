import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import { wireHeights } from '../../rules/level-wires';
import type { SeasonNote, StatedStep } from '../../step';
import type { WallWiresValues } from './knobs';

/** Marked level, drilled, then wire by wire. */
function steps({ parts }: Design, v: WallWiresValues): Listed<StatedStep> {
  const eyes = parts.filter(({ role }) => role === 'eye').length;
  return [
    { what: fact('step.mark', { heights: wireHeights(v).length }) },
    { what: fact(`step.drill.${v.wallOf}`, { holes: eyes }), caution: fact('care.wall') },
    { what: fact('step.eyes', { eyes }) },
    { what: fact('step.wire'), caution: fact('care.wire') },
    { what: fact('step.strain', { pull: { newtons: v.pull } }), caution: fact('care.strain') },
    { what: fact('step.plant') },
  ];
}

const season = (): Listed<SeasonNote> => [{ on: null, what: fact('season.strain') }];

const DRILLED = { uses: ['drill', 'goggles', 'mask', 'gloves'] } as const;

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.mark': { uses: ['tape', 'level', 'chalk', 'line'] },
  'step.drill.brick': DRILLED,
  'step.drill.soft': DRILLED,
  'step.drill.stone': DRILLED,
  'step.drill.render': DRILLED,
  'step.drill.timber': DRILLED,
  'step.eyes': { adds: ['eye'], uses: ['bar'] },
  'step.wire': { adds: ['wire'], uses: ['pliers', 'snips', 'gloves', 'goggles'] },
  'step.strain': { joins: ['turnbuckle in a wire'], uses: ['bar', 'gloves', 'goggles'] },
  'step.plant': { uses: ['spade'] },
};

export const BUILDING = { steps, doings, season };
