import type { Listed } from '../../../design/listed';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { needsOf } from '../../rules/barrier';
import type { RunSetting } from './knobs';
import { leafOf, type GardenGateValues } from './leaf';

/** How far the foot of the leaf is over the soil under its two ends, and at the least. */
function blocksOf(v: GardenGateValues, setting: RunSetting): Record<'first' | 'second' | 'under', { mm: number }> {
  const [from, to] = setting.place.opening.soilMm;
  const { footMm } = leafOf(v, setting);
  const over = (share: number): number => footMm - (from + (to - from) * share);
  const [first, second] = [over(v.clear / v.width), over(1 - v.clear / v.width)];
  return { first: { mm: first }, second: { mm: second }, under: { mm: Math.min(first, second) } };
}

/** The gateway is measured as built; the leaf is square before it is braced, tried before it is filled, filled before it is hung. */
function steps(_design: Design, v: GardenGateValues, setting: RunSetting): Listed<StatedStep> {
  const leaf = leafOf(v, setting);
  const free = { clear: { mm: v.clear } };
  return [
    {
      what: fact('step.measure', { leaf: { mm: leaf.wideMm }, gateway: { mm: v.width } }),
    },
    { what: fact('step.cut', free), caution: fact('care.saw') },
    { what: fact('step.join', { diagonal: { mm: Math.hypot(leaf.wideMm, leaf.highMm) } }) },
    { what: fact('step.brace'), caution: fact('care.saw') },
    { what: fact('step.try', { ...free, ...blocksOf(v, setting) }), people: 2, caution: fact('care.fingers') },
    v.filling === 'boards' ? { what: fact('step.boards') } : { what: fact('step.mesh'), caution: fact('care.mesh') },
    { what: fact('step.hang', { hinges: leaf.hinges }), people: 2, caution: fact('care.fingers') },
    needsOf(setting).buryMm > 0 && { what: fact('step.sill') },
  ];
}

const season = (): Listed<SeasonNote> => [
  { on: '03-15', what: fact('season.oil') },
  { on: null, what: fact('season.grass') },
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.measure': { uses: ['tape', 'plumb'] },
  'step.cut': { uses: ['saw', 'chisel', 'square', 'tape', 'goggles', 'muffs'] },
  'step.join': { adds: ['stile', 'rail'], uses: ['tape', 'drill', 'square'] },
  'step.brace': { adds: ['brace'], uses: ['saw', 'bevel', 'drill', 'clamps'] },
  'step.mesh': { adds: ['mesh', 'low mesh'], uses: ['snips', 'drill', 'gloves', 'goggles'] },
  'step.boards': { adds: ['board'], uses: ['drill', 'spacer'] },
  'step.try': { uses: ['blocks'] },
  'step.hang': { joins: ['hung', 'latched'], uses: ['blocks', 'drill', 'level'] },
  'step.sill': { uses: ['spade'] },
};

export const BUILDING = { steps, doings, season };
