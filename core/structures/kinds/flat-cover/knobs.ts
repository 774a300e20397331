import { COVERS } from '../../../catalogue/covers';
import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { fact } from '../../../wording/say';
import type { Knobs } from '../../knob';
import { coverFor } from '../../rules/covering';
import { rowKnobs } from '../../rules/row';
import { perMarket } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';

/** A lower rim is no rim to drive a nail into (from memory). mm. */
const LEAST_RIM_MM = inches(4);
const LAID = COVERS.filter((one) => one.openingMm > 0);
const row = rowKnobs(100, 'What is covered, without what is tucked in.', { straddles: true });

/** Fleece laid on a crop with slack to lift, or a net drawn over the rim of a bed: what a gardener tries first (common practice, no source). */
export const FLAT_COVER_KNOBS = {
  ...row,
  width: {
    type: 'length',
    places: true,
    label: 'Covered across',
    group: 'Row',
    min: inches(12),
    max: feet(12),
    help: 'From edge to edge of what is covered.',
    usualMost: (setting) => setting.place.bed.widthMm * 1.2,
    suggest: (setting) => ({
      value: Math.min(feet(12), Math.max(inches(12), roomOf(setting.place.bed).widthMm)),
      why: fact('width.bed'),
    }),
  },
  cover: {
    type: 'choice',
    label: 'Cover',
    group: 'Cover',
    choices: LAID.map((one) => ({ id: one.id, label: one.name })),
    offered: (setting) => LAID.map((one) => one.id).filter((id) => isOffered(setting, id)),
    help: 'Fleece lies on leaves; a net that lies on them lets eggs through.',
    suggest: coverFor,
  },
  slack: {
    type: 'count',
    label: 'Slack across, %',
    group: 'Cover',
    min: 0,
    max: 60,
    help: 'What grows lifts it: the more slack, the higher.',
    suggest: (setting: BedSetting) => {
      const tallest = setting.planted.reduce((most, one) => Math.max(most, one.crop.heightMm), 0);
      return tallest > 0 ? { value: 25, why: fact('slack.grows') } : { value: 15, why: fact('slack.some') };
    },
  },
  tuck: {
    type: 'length',
    label: 'Laid down at every edge',
    group: 'Cover',
    min: 0,
    max: feet(2),
    help: 'Under pegs, boards or soil.',
    suggest: (setting) => ({ value: perMarket(setting.market, 6, 150), why: fact('tuck.edge') }),
  },
  held: {
    type: 'choice',
    label: 'Held down by',
    group: 'Cover',
    choices: [
      { id: 'pegs', label: 'pegs through its edge' },
      { id: 'weights', label: 'boards, stones or soil' },
      { id: 'rim', label: 'nails round the rim of the bed' },
    ],
    help: 'Wind gets under the first gap. A rim is there where the bed is raised.',
    offered: (setting) => ['pegs', 'weights', ...(setting.place.bed.heightMm >= LEAST_RIM_MM ? ['rim'] : [])],
    suggest: () => ({ value: 'pegs', why: fact('held.pegs') }),
  },
  every: {
    type: 'length',
    label: 'Pegs or nails at most apart',
    group: 'Cover',
    min: inches(12),
    max: feet(6),
    help: 'Closer where the wind comes in.',
    shown: (set) => set.held !== 'weights',
    suggest: (setting, set) =>
      set.held === 'rim'
        ? { value: perMarket(setting.market, 12, 300), why: fact('every.nails') }
        : setting.wind === 'exposed'
          ? { value: perMarket(setting.market, 24, 600), why: fact('every.wind') }
          : { value: perMarket(setting.market, 36, 900), why: fact('every.usual') },
  },
} as const satisfies Knobs<BedSetting>;
