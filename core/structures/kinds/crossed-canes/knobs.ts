import { POLES } from '../../../catalogue/posts-and-poles';
import { stockOf } from '../../../catalogue/catalogue';
import { LEAST_LEAN_PUSHED_RAD } from '../../../checks/tipping';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { fact } from '../../../wording/say';
import { twineKnob } from '../../assemblies/strings-up';
import type { Knobs, Settled, Values } from '../../knob';
import { reachOverBed, rowKnobs, stationsKnob } from '../../rules/row';
import { perMarket, tidy, wholeStep } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';
import { stringStep } from './frame';

/** Plants stand so far outside the canes (from memory). mm. */
export const OUTSIDE_MM = inches(2);
/** Rows of feet no closer than this. mm. */
export const LEAST_APART_MM = inches(12);
/** More level strings a side than this are a net (from memory). */
const MOST_STRINGS = 30;

/** Of canes the thin ones first: twiners hold on to them by themselves. */
const CANES = ['cane-bamboo', 'cane-bamboo-stout', 'pole-bamboo', 'pole-larch'] as const;
/** What climbs higher than this bows thin canes out in the wind (from memory; the frame finds it of ½″ canes that are free for 6′). mm. */
const THIN_UP_TO_MM = feet(5);
const offeredCanes = (setting: BedSetting) => CANES.filter((id) => isOffered(setting, id));

/** Room between its rows of feet, plants outside both. mm. */
const roomAcross = ({ place: { bed } }: BedSetting): number => roomOf(bed).widthMm - 2 * OUTSIDE_MM - inches(2);

/** How high canes on sale can cross over feet so far apart that they neither tip nor end out of reach. mm. */
export function mostCrossing(setting: BedSetting, set: Settled): number {
  const longest = setting.sizesOf(String(set.cane)).at(-1) ?? feet(8);
  const slant = longest - Number(set.pushIn) - inches(8);
  const apart = Number(set.apart);
  const tied = Math.sqrt(Math.max(0, slant ** 2 - (apart / 2) ** 2));
  return Math.min(tied, apart / Math.tan(LEAST_LEAN_PUSHED_RAD), reachOverBed(setting) - inches(6));
}

/** As many level strings a side as what climbs there wants, up to the crossing. */
export function stringsAside(setting: BedSetting, set: Settled): number {
  const wants = Math.min(...setting.planted.map(({ crop }) => crop.grips?.stepMm ?? Infinity), inches(12));
  const stance = { apartMm: Number(set.apart), heightMm: Number(set.height) };
  return Math.max(1, Math.min(MOST_STRINGS, Math.ceil(stringStep(stance, 1) / wants - 1e-6)));
}

/**
 * Two rows of 8′ canes, 2′ apart at the foot, pushed 10 to 12″ in, crossing a hand below their tips over a ridge cane, a
 * plant to a cane (common practice, no source; the figures from memory).
 */
export const CROSSED_CANES_KNOBS = {
  ...rowKnobs(60, 'From the first pair to the last, by a tape laid on the soil.', { straddles: true }),
  ...stationsKnob('inset'),
  cane: {
    type: 'choice',
    label: 'Canes of',
    group: 'Canes',
    first: true,
    choices: CANES.map((id) => ({ id, label: POLES.find((pole) => pole.id === id)?.name ?? id })),
    offered: offeredCanes,
    help: 'Twiners go up thin canes by themselves; thick poles stand for more seasons.',
    suggest: (setting) => {
      const offered = offeredCanes(setting);
      const isHigh = (leadPlant(setting)?.crop.supportToMm ?? 0) > THIN_UP_TO_MM;
      const stout = isHigh ? offered.find((id) => id !== 'cane-bamboo') : undefined;
      return stout
        ? { value: stout, why: fact('cane.stout') }
        : { value: offered[0] ?? 'cane-bamboo', why: fact('cane.thin') };
    },
  },
  apart: {
    type: 'length',
    places: true,
    label: 'Rows of feet apart',
    group: 'Canes',
    min: LEAST_APART_MM,
    max: feet(5),
    help: 'On the soil, across the bed.',
    suggest: (setting) => {
      const usual = perMarket(setting.market, 24, 600);
      const room = wholeStep(roomAcross(setting), setting.market);
      return room < usual
        ? { value: Math.max(LEAST_APART_MM, room), why: fact('apart.bed') }
        : { value: usual, why: fact('apart.usual') };
    },
  },
  every: {
    type: 'length',
    label: 'A pair every',
    group: 'Canes',
    min: inches(5),
    max: feet(3),
    help: 'Along the row. A plant at each cane where this is its spacing.',
    suggest: (setting) => {
      const lead = leadPlant(setting);
      return lead
        ? {
            value: Math.min(feet(3), Math.max(inches(5), lead.training.spacingMm)),
            why: fact('every.crop', { crop: lead.crop.name }),
          }
        : { value: perMarket(setting.market, 12, 300), why: fact('every.usual') };
    },
  },
  pushIn: {
    type: 'length',
    label: 'Pushed in',
    group: 'Canes',
    min: inches(6),
    max: feet(2),
    help: 'Along the cane; a bar makes the hole where the soil is hard.',
    suggest: (setting) =>
      setting.soil === 'sand'
        ? { value: perMarket(setting.market, 22, 550), why: fact('push.sand') }
        : { value: perMarket(setting.market, 12, 300), why: fact('push.firm') },
  },
  height: {
    type: 'length',
    label: 'They cross at',
    group: 'Canes',
    min: feet(2),
    max: feet(9),
    help: 'Over the soil. The ridge cane lies in the fork a little above.',
    usualMost: () => feet(8),
    suggest: (setting, set) => {
      const wants = leadPlant(setting)?.crop.supportToMm || feet(6);
      const most = wholeStep(mostCrossing(setting, set), setting.market);
      return most < wants
        ? { value: Math.max(feet(2), most), why: fact('height.canes') }
        : { value: Math.max(feet(2), tidy(wants, setting.market)), why: fact('height.crop') };
    },
  },
  over: {
    type: 'length',
    label: 'Past the crossing',
    group: 'Canes',
    min: inches(4),
    max: feet(2),
    help: 'At the least: canes are used whole, and more of them stands over it.',
    suggest: (setting) => ({ value: perMarket(setting.market, 8, 200), why: fact('over.ridge') }),
  },
  stays: {
    type: 'choice',
    label: 'Canes aslant inside',
    group: 'Canes',
    choices: [
      { id: 'yes', label: 'one along each side' },
      { id: 'no', label: 'none' },
    ],
    help: 'Without them wind along the row lays all of it down like cards.',
    suggest: () => ({ value: 'yes', why: fact('stays.wind') }),
  },
  strings: {
    type: 'count',
    label: 'Level strings a side',
    group: 'Strings',
    min: 0,
    max: MOST_STRINGS,
    help: 'From cane to cane, one turn round each: for what does not wind round canes.',
    suggest: (setting, set) => {
      const diameter = stockOf(setting.catalogue, String(set.cane), 'pole').diameterMm;
      const thin = setting.planted.find(
        ({ crop }) => crop.grips && (crop.grips.memberMm < diameter || crop.grips.stepMm < Number(set.every)),
      );
      return thin
        ? { value: stringsAside(setting, set), why: fact('strings.along', { crop: thin.crop.name }) }
        : { value: 0, why: fact('strings.canes') };
    },
  },
  twine: twineKnob({ group: 'Strings', shown: () => true }),
} as const satisfies Knobs<BedSetting>;

export type CrossedCanesValues = Values<typeof CROSSED_CANES_KNOBS>;
