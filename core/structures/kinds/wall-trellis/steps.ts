import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import { LEAST_HIGH_MM, type WallTrellisValues } from './knobs';

/** Panels made flat, battens on the wall, panels on the battens. */
function steps({ parts, joints }: Design, v: WallTrellisValues): Listed<StatedStep> {
  const of = (role: string, panel = ''): number =>
    parts.filter((part) => part.role === role && part.id.startsWith(`${role}-${panel}`)).length;
  const panels = new Set(parts.filter(({ role }) => role === 'rear').map(({ id }) => id.split('-')[1])).size;
  const holes = joints.reduce((sum, { kind, places }) => sum + (kind === 'batten to wall' ? places.length : 0), 0);
  const lowest = { mm: Math.min(v.lowest, v.top - LEAST_HIGH_MM) };
  const made = {
    rear: of('rear', '1-'),
    front: of('front', '1-'),
    wide: { mm: v.rowLength / panels },
    high: { mm: v.top - lowest.mm },
  };
  return [
    { what: fact(v.form === 'diamond' ? 'step.cut.diamond' : 'step.cut.square'), caution: fact('care.saw') },
    { what: fact(`step.panel.${v.form}`, made) },
    panels > 1 && { what: fact('step.again', { more: panels - 1 }) },
    { what: fact(v.form === 'fan' ? 'step.mark.fan' : 'step.mark', { lowest }) },
    { what: fact(`step.drill.${v.wallOf}`, { holes }), caution: fact('care.wall') },
    { what: fact('step.battens') },
    { what: fact('step.hang', { lowest }), people: 2, caution: fact('care.lift') },
    of('string') > 0 && { what: fact('step.string', { strings: v.strings }) },
    { what: fact('step.plant') },
  ];
}

const season = ({ parts }: Design, v: WallTrellisValues, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.lead') },
  ...(parts.some(({ role }) => role === 'string')
    ? clearing(setting, v.twine === 'natural' ? 'season.compost' : 'season.unpick')
    : []),
  { on: null, what: fact('season.look') },
];

const CUT = { uses: ['tape', 'saw', 'goggles'] } as const;
const LAID = { adds: ['rear', 'front'], uses: ['tape', 'square', 'drill'] } as const;
const DRILLED = { uses: ['drill', 'goggles', 'mask', 'gloves'] } as const;
const MARKED = { uses: ['tape', 'level', 'chalk', 'line'] } as const;

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.cut.square': CUT,
  'step.cut.diamond': { uses: [...CUT.uses, 'bevel'] },
  'step.panel.square': LAID,
  'step.panel.diamond': LAID,
  'step.panel.fan': LAID,
  'step.again': { uses: ['clamps', 'drill'] },
  'step.mark': MARKED,
  'step.mark.fan': MARKED,
  'step.drill.brick': DRILLED,
  'step.drill.soft': DRILLED,
  'step.drill.stone': DRILLED,
  'step.drill.render': DRILLED,
  'step.drill.timber': DRILLED,
  'step.battens': { adds: ['batten'], joins: ['batten to wall'], uses: ['drill', 'level'] },
  'step.hang': { joins: ['lath to batten'], uses: ['blocks', 'level', 'drill'] },
  'step.string': { adds: ['string'], uses: ['knife'] },
  'step.plant': { uses: ['spade'] },
};

export const BUILDING = { steps, doings, season };
