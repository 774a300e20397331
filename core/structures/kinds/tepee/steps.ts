import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { clearing } from '../../rules/clearing';
import type { BedSetting } from '../../setting';
import type { TepeeValues } from './size';

/** The ring is dug first, then the tripod is tied on the ground, raised by two, and filled up in order. */
function steps(design: Design, v: TepeeValues): Listed<StatedStep> {
  const big = v.form === 'tepee';
  return [
    { what: fact('step.mark', { radius: { mm: v.radius }, poles: v.poles }) },
    v.dig > 0 && {
      what: fact('step.dig', {
        wide: { mm: v.ring },
        deep: { mm: v.dig },
        volume: { mm3: design.dug?.mm3 ?? 0 },
      }),
    },
    {
      what: fact('step.tripod', { up: { mm: Math.hypot(v.height, v.radius) + v.pushIn } }),
      // Every third round the ring, so that the three stand by themselves.
      adds: [0, 1, 2].map((n) => `pole-${1 + Math.floor((n * v.poles) / 3)}`),
    },
    { what: fact('step.raise'), people: big ? 2 : 1, ...(big ? { caution: fact('care.lift') } : {}) },
    v.poles > 3 && { what: fact('step.lay', { poles: v.poles - 3 }), people: big ? 2 : 1 },
    { what: fact('step.wind') },
    { what: fact('step.push', { deep: { mm: v.pushIn } }) },
    v.ladder === 'yes' && {
      what: fact(v.door > 0 ? 'step.ladder.door' : 'step.ladder', {
        from: { mm: v.ladderFrom },
        step: { mm: v.ladderStep },
      }),
    },
    { what: fact('step.plant'), caution: fact('care.climb') },
  ];
}

function season(_design: Design, v: TepeeValues, setting: BedSetting): Listed<SeasonNote> {
  return [
    { on: null, what: fact('season.lead') },
    ...(v.ladder === 'yes' ? clearing(setting, v.twine === 'natural' ? 'season.compost' : 'season.unpick') : []),
    ...clearing(setting, 'season.store'),
  ];
}

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.mark': { uses: ['pegs', 'line', 'tape'] },
  'step.dig': { uses: ['spade'] },
  'step.tripod': { adds: ['lashing'], uses: ['tape'] },
  'step.raise': { uses: ['gloves'] },
  'step.lay': { adds: ['pole'], uses: ['gloves'] },
  'step.wind': { uses: [] },
  'step.push': { uses: ['bar', 'mallet'] },
  'step.ladder': { adds: ['ladder string'], uses: ['knife', 'tape'] },
  'step.ladder.door': { adds: ['ladder string'], uses: ['knife', 'tape'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
