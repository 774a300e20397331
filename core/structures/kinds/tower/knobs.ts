import { countOf } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import type { PlaceOn } from '../../../site/stand';
import { fact } from '../../../wording/say';
import type { Knobs } from '../../knob';
import { plantsKnob } from '../../rules/potting';
import { perMarket, TAPE_STEP } from '../../rules/tidy';
import type { Setting } from '../../setting';

export type SpotSetting = Setting<PlaceOn<'spot'>>;

/** Cups a tier; a tier stands so much over the one below; across its cups (common practice, no source; across from memory). mm. */
export const CUPS = 3;
export const TIER_MM = inches(6);
export const ACROSS_MM = inches(12);
/** Over the uppermost tier the rod ends so low that it is not seen (from memory). mm. */
const BELOW_TOP_MM = inches(2);

/** How much of a rod stands over the soil in so many tiers. mm. */
export const rodAbove = (tiers: number): number => tiers * TIER_MM - BELOW_TOP_MM;

/** Stacking pots of three cups, six or seven tiers on a ⅜″ rod of 4′ driven 18″ (common practice, no source). */
export const TOWER_KNOBS = {
  tiers: {
    type: 'count',
    label: 'Tiers',
    group: 'Tower',
    min: 2,
    max: 12,
    help: 'Three plants in each. The higher, the thirstier and the easier blown over.',
    suggest: () => ({ value: 6, why: fact('tiers.six') }),
  },
  towers: {
    type: 'count',
    label: 'Towers',
    group: 'Tower',
    min: 1,
    max: 20,
    help: 'In a row.',
    suggest: (setting, set) => {
      const planned = countOf(setting.planted);
      const places = CUPS * Number(set.tiers);
      return planned > places
        ? { value: Math.min(20, Math.ceil(planned / places)), why: fact('towers.planned', { planned, places }) }
        : { value: 1, why: fact('towers.one') };
    },
  },
  apart: {
    type: 'length',
    label: 'Middle to middle',
    group: 'Tower',
    min: inches(18),
    max: feet(8),
    step: TAPE_STEP,
    help: 'Room to go round each.',
    shown: (set) => Number(set.towers) > 1,
    suggest: (setting) => ({ value: perMarket(setting.market, 36, 900), why: fact('apart.round') }),
  },
  depth: {
    type: 'length',
    label: 'Rod in the ground',
    group: 'Rod',
    min: inches(8),
    max: feet(4),
    step: TAPE_STEP,
    help: 'Driven before the tiers are threaded on.',
    suggest: (setting, set) =>
      Number(set.tiers) <= 7
        ? { value: perMarket(setting.market, 18, 460), why: fact('depth.eighteen') }
        : { value: perMarket(setting.market, 24, 600), why: fact('depth.more') },
  },
  plants: plantsKnob,
  spare: {
    type: 'count',
    label: 'Pots to spare, %',
    group: 'Rod',
    min: 0,
    max: 50,
    help: 'Cheap ones crack when they are drilled.',
    suggest: () => ({ value: 12, why: fact('spare.crack') }),
  },
} as const satisfies Knobs<SpotSetting>;
