import { stockOf } from '../../../catalogue/catalogue';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { dayAtHeight, monthDayOf } from '../../../site/sun/season';
import { fact } from '../../../wording/say';
import type { SeasonNote, Step } from '../../kind';
import { opensOn } from '../../rules/covering';
import type { BedSetting } from '../../setting';
import { liftOf, type FlatCoverValues } from './size';

/** What grows, looked over; the cover last. */
export const flatCoverSteps = (_design: Design, v: FlatCoverValues): Step[] => [
  { what: fact('step.rake'), people: 1 },
  { what: fact('step.look'), people: 1 },
  { what: fact('step.lay'), people: 2 },
  { what: fact(v.held === 'pegs' ? 'step.pegs' : 'step.weights'), people: 1 },
];

export function flatCoverSeason(_design: Design, v: FlatCoverValues, setting: BedSetting): SeasonNote[] {
  const { openingMm } = stockOf(setting.catalogue, v.cover, 'mesh roll');
  const lift = liftOf(v.width, v.slack / 100);
  const crops = [...new Map(setting.planted.map(({ crop }) => [crop.id, crop])).values()];
  return [
    ...crops.flatMap((crop): SeasonNote[] => {
      const opens = opensOn(crop, setting.site, openingMm);
      const day = crop.heightMm > lift ? dayAtHeight(crop, lift, setting.site) : null;
      return [
        ...(opens === null ? [] : [{ on: opens, what: fact('season.open', { crop: crop.name }) }]),
        ...(day === null ? [] : [{ on: monthDayOf(day), what: fact('season.off', { crop: crop.name }) }]),
      ];
    }),
    { on: null, what: fact('season.storm') },
    { on: null, what: fact('season.store') },
  ];
}

/** What each step adds, and what it is done with. */
export const FLAT_COVER_DOINGS: Doings = {
  'step.rake': { uses: ['spade'] },
  'step.look': { uses: [] },
  'step.lay': { adds: ['cover'], uses: ['snips', 'tape'] },
  'step.pegs': { joins: ['edge held'], uses: ['mallet'] },
  'step.weights': { joins: ['edge held'], uses: ['spade'] },
};
