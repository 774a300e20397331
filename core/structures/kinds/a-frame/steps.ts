import type { Listed } from '../../../design/listed';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import type { AFrameValues } from './frame';
import { clearing } from '../../rules/clearing';
import type { Setting } from '../../setting';

/** Each leaf flat on the ground, then hinged, then opened by two. */
function steps(_design: Design, v: AFrameValues): Listed<StatedStep> {
  return [
    { what: fact('step.cut'), caution: fact('care.saw') },
    { what: fact('step.lay', { width: { mm: v.width }, diagonal: { mm: Math.hypot(v.width, v.leaf) } }) },
    {
      what: v.infill === 'slats' ? fact('step.slats', { gauge: { mm: v.gauge } }) : fact('step.mesh'),
      ...(v.infill === 'mesh' ? { caution: fact('care.wire-ends') } : {}),
    },
    { what: fact('step.hinge', { gap: { mm: v.hingeGap } }) },
    { what: fact('step.open', { spread: { mm: v.spread } }), people: 2, caution: fact('care.fingers') },
    { what: fact('step.tether') },
    v.pegs === 'yes' && { what: fact('step.pegs') },
    { what: fact('step.plant'), caution: fact('care.climb') },
  ];
}

const season = (_design: Design, _v: unknown, setting: Setting): Listed<SeasonNote> => [
  { on: null, what: fact('season.lead') },
  ...clearing(setting, 'season.fold'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.cut': { uses: ['tape', 'square', 'bevel', 'saw', 'goggles', 'muffs'] },
  'step.lay': { adds: ['stile'], uses: ['tape'] },
  'step.slats': { adds: ['slat'], uses: ['spacer', 'drill'] },
  'step.mesh': { adds: ['mesh', 'slat'], uses: ['snips', 'hammer', 'drill', 'gloves', 'goggles'] },
  'step.hinge': { joins: ['leaf to leaf'], uses: ['drill', 'spacer'] },
  'step.open': { uses: ['tape', 'gloves'] },
  'step.tether': { adds: ['chain'], uses: ['drill', 'pliers', 'tape'] },
  'step.pegs': { joins: ['foot to ground'], uses: ['mallet'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
