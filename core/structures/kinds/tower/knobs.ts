import { stockOf } from '../../../catalogue/catalogue';
import { RODS } from '../../../catalogue/rods';
import type { Rod } from '../../../catalogue/stock';
import { standsInGust, type Stack } from '../../../checks/tower-stands';
import { countOf } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import type { PlaceOn } from '../../../site/stands/stands';
import { takesPosts } from '../../../site/underfoot';
import { fact } from '../../../wording/say';
import type { Knobs, Suggestion } from '../../knob';
import { plantsKnob, WET_MIX_KG_L } from '../../rules/potting';
import { perMarket } from '../../rules/tidy';
import { isOffered, type Setting } from '../../setting';

export type SpotSetting = Setting<PlaceOn<'spot'>>;

/** Cups a tier; a tier stands so much over the one below; across its cups (common practice, no source; across from memory). mm. */
export const CUPS = 3;
export const TIER_MM = inches(6);
export const ACROSS_MM = inches(12);
/** Over the uppermost tier the rod ends so low that it is not seen (from memory). mm. */
const BELOW_TOP_MM = inches(2);

/** How much of a rod stands over the soil in so many tiers. mm. */
export const rodAbove = (tiers: number): number => tiers * TIER_MM - BELOW_TOP_MM;

/** A cup: about 6″ across and as deep (common practice, no source). mm. */
export const CUP_MM = inches(6);
/** Three cups that touch leave this much between them, where the hole of a tier is drilled: (2/√3 − 1) of a cup, the inner circle of Descartes' theorem for three equal ones. mm. @example Math.round(betweenCupsMm) // 24 */
export const betweenCupsMm = (2 / Math.sqrt(3) - 1) * CUP_MM;
/** A rod slides through a hole an eighth of an inch wider (common practice for ⅜″ in ½″, no source). mm. */
export const holeMm = ({ diameterMm }: Pick<Rod, 'diameterMm'>): number => diameterMm + inches(1 / 8);

/** Whether a tier goes over a rod. */
export const goesOver = (rod: Pick<Rod, 'diameterMm'>): boolean => holeMm(rod) < betweenCupsMm;

/** What pots are threaded on: bar or pipe that goes between the cups. */
export const TOWER_RODS = RODS.filter(goesOver);

/** Potting mix of one tier: three cylinders. litres. @example tierLitres() // 8.34 */
export const tierLitres = (): number => (CUPS * (Math.PI / 4) * CUP_MM ** 3) / 1e6;

const usualDepth = (setting: SpotSetting, tiers: number): Suggestion<number> =>
  tiers <= 7
    ? { value: perMarket(setting.market, 18, 460), why: fact('depth.eighteen') }
    : { value: perMarket(setting.market, 24, 600), why: fact('depth.more') };

/** A tower as the wind finds it, watered. */
export const stackOf = (tiers: number, depthMm: number, setting: SpotSetting, rodId = 'rod-10'): Stack => ({
  highMm: tiers * TIER_MM,
  acrossMm: ACROSS_MM,
  wetKg: tierLitres() * tiers * WET_MIX_KG_L,
  gustMs: setting.site.gustMs,
  rod: stockOf(setting.catalogue, rodId, 'rod'),
  deepMm: takesPosts(setting.place.underfoot) ? depthMm : 0,
  soil: setting.soil,
  wind: setting.wind,
});

/** Stacking pots of three cups, six or seven tiers on a ⅜″ rod of 4′ driven 18″ (common practice, no source). */
export const TOWER_KNOBS = {
  tiers: {
    type: 'count',
    label: 'Tiers',
    group: 'Tower',
    min: 2,
    max: 12,
    help: 'Three plants in each. The higher, the thirstier and the easier blown over.',
    suggest: (setting) => {
      const stands = [6, 5, 4, 3].find((tiers) =>
        standsInGust(stackOf(tiers, usualDepth(setting, tiers).value, setting)),
      );
      return stands === 6
        ? { value: 6, why: fact('tiers.six') }
        : { value: stands ?? 2, why: fact('tiers.gust', { gust: { ms: setting.site.gustMs } }) };
    },
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
    help: 'Room to go round each.',
    shown: (set) => Number(set.towers) > 1,
    suggest: (setting) => ({ value: perMarket(setting.market, 36, 900), why: fact('apart.round') }),
  },
  rod: {
    type: 'choice',
    label: 'Rod',
    group: 'Rod',
    choices: TOWER_RODS.map(({ id, name }) => ({ id, label: name })),
    offered: (setting) => TOWER_RODS.map(({ id }) => id).filter((id) => isOffered(setting, id)),
    help: 'Cut from the lengths on sale; the hole through each tier is drilled to it.',
    suggest: () => ({ value: 'rod-10', why: fact('rod.usual') }),
  },
  depth: {
    type: 'length',
    label: 'Rod in the ground',
    group: 'Rod',
    min: inches(8),
    max: feet(4),
    help: 'Driven before the tiers are threaded on. It keeps them in line; their weight is what stands.',
    shown: (_set, setting) => takesPosts(setting.place.underfoot),
    suggest: (setting, set) => usualDepth(setting, Number(set.tiers)),
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
