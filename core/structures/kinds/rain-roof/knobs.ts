import { timberId } from '../../../catalogue/timber';
import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { LET_IN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import { footingKnobs } from '../../assemblies/footing';
import type { Knobs, Settled, Values } from '../../knob';
import { SPARE_MM, suggestDepth } from '../../rules/depth';
import { rowKnobs } from '../../rules/row';
import { perMarket, wholeStep } from '../../rules/tidy';
import { heavyPostKnobs, sectionKnob } from '../../rules/timber-knobs';
import { depthKnob, heavyDepth } from '../../rules/timber-post';
import type { BedSetting } from '../../setting';

/** Narrower than this it keeps no rain off (from memory). mm. */
export const LEAST_DEEP_MM = inches(20);
/** Under its low edge one who is not tall walks upright (from memory). mm. */
const FRONT_MM = feet(6);
/** Water runs off film that falls by a sixth, and does not stand on it (from memory). */
export const FALL = 1 / 6;
/** Over what grows there is air: what touches film stays wet (from memory). mm. */
const OVER_CROP_MM = inches(6);
/** The highest its posts on sale let it stand behind. mm. */
export function mostBack(setting: BedSetting, set: Settled): number {
  const longest = setting.sizesOf(timberId(String(set.section), String(set.treatment))).at(-1) ?? Infinity;
  return longest - suggestDepth(setting, LET_IN_MM, heavyDepth(setting)).value - SPARE_MM;
}

const tallest = (setting: BedSetting): number =>
  setting.planted.reduce((most, one) => Math.max(most, one.crop.heightMm), 0);

/** Posts in two lines, rafters beside them that fall to the front, laths and clear film over them; sides open (from memory). */
export const RAIN_ROOF_KNOBS = {
  ...rowKnobs(40, 'Over the outer posts, by a tape laid on the soil.', { straddles: true }),
  deep: {
    type: 'length',
    places: true,
    label: 'From front to back',
    group: 'Roof',
    min: LEAST_DEEP_MM,
    max: feet(8),
    help: 'Between the middles of the posts, on the soil.',
    suggest: (setting) => ({
      value: Math.max(LEAST_DEEP_MM, wholeStep(roomOf(setting.place.bed).widthMm - inches(6), setting.market)),
      why: fact('deep.bed'),
    }),
  },
  over: {
    type: 'length',
    label: 'Out past the posts',
    group: 'Roof',
    min: inches(3),
    max: inches(24),
    help: 'In front and behind, along the slope: rain falls aslant.',
    suggest: (setting) => ({ value: perMarket(setting.market, 10, 250), why: fact('over.aslant') }),
  },
  // Before its heights, which go by what posts are sold.
  ...heavyPostKnobs('Posts'),
  front: {
    type: 'length',
    label: 'Height in front',
    group: 'Roof',
    min: feet(2),
    max: feet(8),
    help: 'Over the soil, at the posts: the rain runs off here.',
    suggest: (setting, set) => {
      const most = wholeStep(mostBack(setting, set) - Number(set.deep) * FALL, setting.market);
      const wanted = Math.max(FRONT_MM, wholeStep(tallest(setting) + OVER_CROP_MM, setting.market));
      const value = Math.max(feet(2), Math.min(feet(8), most, wanted));
      return value < wanted
        ? { value, why: fact('front.posts') }
        : { value, why: fact(wanted > FRONT_MM ? 'front.crop' : 'front.walk') };
    },
  },
  back: {
    type: 'length',
    label: 'Height at the back',
    group: 'Roof',
    min: feet(2),
    max: feet(10),
    help: 'Over the soil, at the posts.',
    suggest: (setting, set) => ({
      value: Math.min(
        feet(10),
        // No more than posts on sale leave, to the mark below.
        Math.max(Number(set.front), wholeStep(mostBack(setting, set), setting.market)),
        Math.ceil((Number(set.front) + Number(set.deep) * FALL) / inches(1) - 1e-6) * inches(1),
      ),
      why: fact('back.falls'),
    }),
  },
  rafter: sectionKnob({
    label: 'Rafters of',
    group: 'Roof',
    of: ['2x4', '45x95'],
    usual: { imperial: ['2x4', '45x95'], metric: ['45x95', '2x4'] },
    help: 'On edge, one beside each pair of posts.',
  }),
  lath: sectionKnob({
    label: 'Laths of',
    group: 'Roof',
    of: ['1x3', '22x63', '2x2', '45x45'],
    usual: { imperial: ['2x2', '45x45', '1x3', '22x63'], metric: ['45x45', '2x2', '22x63', '1x3'] },
    help: 'Over the rafters, under the film.',
  }),
  bay: {
    type: 'length',
    label: 'Posts at most apart',
    group: 'Posts',
    min: feet(3),
    max: feet(8),
    help: 'Along the row; the bays are made equal.',
    suggest: (setting) => ({ value: perMarket(setting.market, 72, 1800), why: fact('bay.laths') }),
  },
  ...depthKnob((set) => Number(set.back)),
  ...footingKnobs('dry'),
  braces: {
    type: 'choice',
    label: 'Braces',
    group: 'Posts',
    choices: [
      { id: 'braced', label: 'across the end bays behind' },
      { id: 'none', label: 'none' },
    ],
    help: 'They keep it from leaning along the row; in front one picks.',
    suggest: () => ({ value: 'braced', why: fact('braces.row') }),
  },
} as const satisfies Knobs<BedSetting>;

export type RainRoofValues = Values<typeof RAIN_ROOF_KNOBS>;
