import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { footingKnobs } from '../../assemblies/footing';
import { stringsFor, stringsWhere, twineKnob } from '../../assemblies/strings-up';
import type { Knobs, LengthKnob, Settled, Values } from '../../knob';
import { SPARE_MM } from '../../rules/depth';
import { fallOf, reachOverBed, rowKnobs, rowRoom, stationsKnob } from '../../rules/row';
import { perMarket, wholeStep } from '../../rules/tidy';
import { heavyPostKnobs, sectionKnob } from '../../rules/timber-knobs';
import { depthKnob } from '../../rules/timber-post';
import { timberId } from '../../../catalogue/timber';
import type { BedSetting } from '../../setting';

/** A board beside a bed's own, so that posts stand in its soil (from memory). mm. */
const IN_BED_MM = inches(2);
/** More strings than this along a side are a net (from memory). */
const MOST_STRINGS = 60;
/** What winds round nothing thicker than this wants strings: a post is 3½″. mm. */
const POST_MM = inches(3.5);

const hasStrings = (set: Settled): boolean => Number(set.strings) > 0;

/** How high its frame can be of posts on sale, as one reaches. mm. */
export const mostHeight = (setting: BedSetting, set: Settled): number => {
  const longest = setting.sizesOf(timberId(String(set.section), String(set.treatment))).at(-1) ?? Infinity;
  // It is level over the highest soil, and so higher over the lowest.
  const fallMm = fallOf(setting, Number(set.rowLength));
  return Math.min(reachOverBed(setting), longest - inches(24) - SPARE_MM) - fallMm;
};

/** As many strings along both sides as what climbs there wants. */
export const stringsAlong = (setting: BedSetting, set: Settled): number =>
  stringsFor(Number(set.rowLength), setting.planted, MOST_STRINGS);

/** No longer than rafters of fence boards reach (from memory). */
const ROW = rowKnobs(12, 'Over the outsides of the posts, along the bed.', { straddles: true });

/**
 * Four corner posts, a top frame, four rafters of one double curve about 4′ long that meet under a boss and brace the
 * posts (common practice, no source); sizes from memory.
 */
export const BED_CANOPY_KNOBS = {
  ...ROW,
  rowLength: {
    ...ROW.rowLength,
    min: feet(3),
    usualMost: () => feet(8),
    suggest: (setting: BedSetting) => {
      const room = rowRoom(setting).lengthMm;
      const usual = perMarket(setting.market, 72, 1800);
      return room < usual
        ? { value: Math.max(feet(3), room), why: fact('row.bed') }
        : { value: usual, why: fact('long.canopy') };
    },
  },
  wide: {
    type: 'length',
    places: true,
    label: 'Width',
    group: 'Row',
    min: feet(1.5),
    max: feet(8),
    help: 'Over the outsides of the posts, across the bed.',
    usualMost: (setting) => setting.place.bed.widthMm,
    suggest: (setting) => {
      const room = rowRoom(setting).widthMm - 2 * IN_BED_MM;
      return { value: Math.max(feet(1.5), Math.min(feet(5), room)), why: fact('wide.bed') };
    },
  } satisfies LengthKnob<BedSetting>,
  ...stationsKnob('inset'),
  height: {
    type: 'length',
    label: 'Height of the frame',
    group: 'Frame',
    min: feet(3),
    max: feet(8),
    help: 'From the soil to the tops of the posts; the rafters rise over it.',
    suggest: (setting, set) => {
      const usual = perMarket(setting.market, 78, 2000);
      const most = wholeStep(mostHeight(setting, set), setting.market);
      return most < usual
        ? { value: Math.max(feet(3), most), why: fact('height.reach') }
        : { value: usual, why: fact('height.usual') };
    },
  },
  ...heavyPostKnobs('Posts'),
  ...depthKnob((set) => Number(set.height)),
  ...footingKnobs('dry'),
  frameOf: sectionKnob({
    label: 'Top frame of',
    group: 'Frame',
    of: ['1x4', '1x6', '22x95', '22x145'],
    usual: { imperial: ['1x6', '22x145', '1x4', '22x95'], metric: ['22x145', '1x6', '22x95', '1x4'] },
    help: 'Flat on the outsides of the posts, flush with their tops.',
  }),
  rafterOf: sectionKnob({
    label: 'Rafters out of',
    group: 'Roof',
    of: ['1x6', '22x145', '2x8', '45x195'],
    usual: { imperial: ['1x6', '22x145', '2x8', '45x195'], metric: ['22x145', '1x6', '45x195', '2x8'] },
    help: 'Fence boards do; heavier ones carry heavier vines.',
  }),
  rise: {
    type: 'length',
    label: 'The boss over the frame',
    group: 'Roof',
    min: inches(10),
    max: feet(4),
    help: 'How high the four rafters rise to where they meet.',
    suggest: (setting) => ({ value: perMarket(setting.market, 30, 760), why: fact('rise.usual') }),
  },
  swing: {
    type: 'length',
    label: 'Swing of the curve',
    group: 'Roof',
    min: 0,
    max: inches(3),
    step: { imperial: inches(0.25), metric: 5 },
    help: 'How far the curve goes to either side of straight: what it takes, the rafter has less.',
    suggest: (setting) => ({ value: setting.market === 'imperial' ? inches(1) : 25, why: fact('swing.usual') }),
  },
  bossOf: sectionKnob({
    label: 'Boss out of',
    group: 'Roof',
    of: ['2x6', '2x8', '45x145', '45x195'],
    usual: { imperial: ['2x6', '45x145', '2x8', '45x195'], metric: ['45x145', '2x6', '45x195', '2x8'] },
    help: 'Sawn round, as wide as its board, laid on the heads of the rafters; longer where two of those meet at a narrow angle.',
  }),
  strings: {
    type: 'count',
    label: 'Strings a side',
    group: 'Strings',
    min: 0,
    max: MOST_STRINGS,
    help: 'From the top frame down to a peg in the soil, along both long sides.',
    suggest: (setting, set) => stringsWhere(setting, POST_MM, () => stringsAlong(setting, set)),
  },
  twine: twineKnob({ group: 'Strings', shown: hasStrings }),
} as const satisfies Knobs<BedSetting>;

export type BedCanopyValues = Values<typeof BED_CANOPY_KNOBS>;
