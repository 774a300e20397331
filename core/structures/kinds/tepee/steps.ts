import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import type { SeasonNote, Step } from '../../kind';
import type { BedSetting } from '../../setting';
import type { TepeeValues } from './size';
import { clearing } from '../../rules/common-season';

/** The ring is dug first, then the tripod is tied on the ground, raised by two, and filled up in order. */
export function tepeeSteps(design: Design, v: TepeeValues): Step[] {
  const big = v.form === 'tepee';
  return [
    { what: fact('step.mark', { radius: { mm: v.radius }, poles: v.poles }), people: 1 },
    ...(v.dig > 0
      ? [
          {
            what: fact('step.dig', {
              wide: { mm: v.ring },
              deep: { mm: v.dig },
              volume: { mm3: design.dug?.mm3 ?? 0 },
            }),
            people: 1,
          } as const,
        ]
      : []),
    {
      what: fact('step.tripod', { up: { mm: Math.hypot(v.height, v.radius) + v.pushIn } }),
      people: 1,
      // Every third round the ring, so that the three stand by themselves.
      adds: [0, 1, 2].map((n) => `pole-${1 + Math.floor((n * v.poles) / 3)}`),
    },
    { what: fact('step.raise'), people: big ? 2 : 1, ...(big ? { caution: fact('care.lift') } : {}) },
    ...(v.poles > 3 ? [{ what: fact('step.lay', { poles: v.poles - 3 }), people: big ? 2 : 1 } as const] : []),
    { what: fact('step.wind'), people: 1 },
    { what: fact('step.push', { deep: { mm: v.pushIn } }), people: 1 },
    ...(v.ladder === 'yes'
      ? [
          {
            what: fact(v.door > 0 ? 'step.ladder.door' : 'step.ladder', {
              from: { mm: v.ladderFrom },
              step: { mm: v.ladderStep },
            }),
            people: 1,
          } as const,
        ]
      : []),
    { what: fact('step.plant'), people: 1, caution: fact('care.climb') },
  ];
}

export function tepeeSeason(_design: Design, v: TepeeValues, setting: BedSetting): SeasonNote[] {
  return [
    { on: null, what: fact('season.lead') },
    ...(v.ladder === 'yes' ? clearing(setting, v.twine === 'natural' ? 'season.compost' : 'season.unpick') : []),
    ...clearing(setting, 'season.store'),
  ];
}

/** What each step adds, and what it is done with. */
export const TEPEE_DOINGS: Doings = {
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
