import { stockOf } from '../../../catalogue/catalogue';
import { timberId, TREATMENTS } from '../../../catalogue/timber';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { firmDepth, LET_IN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import { FOOTINGS, type Footing } from '../../assemblies/footing';
import type { Knobs, Settled, Suggestion, Values } from '../../knob';
import { fillUnder, letInDepth, suggestDepth } from '../../rules/depth';
import { rowInWind, timberPostsApart } from '../../rules/in-wind';
import { fallOf, reachOverBed, rowKnobs, stationsKnob } from '../../rules/row';
import { perMarket, tidy, wholeStep } from '../../rules/tidy';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import { isOffered, type BedSetting } from '../../setting';

/** A bed has to be this high for a post to be screwed to the inside of it (from memory). mm. */
export const LEAST_BED_MM = inches(7);
const SETTINGS = [...FOOTINGS, { id: 'bed', label: 'screwed inside the bed' }] as const;

const boards = (setting: BedSetting): ('2x8' | '45x195')[] =>
  (['2x8', '45x195'] as const).filter((id) =>
    TREATMENTS.some((treatment) => isOffered(setting, timberId(id, treatment))),
  );

/** A beam follows the ground where that falls by more than 8″: the low end would stand too tall (from memory). */
const follows = ({ place: { bed } }: BedSetting): boolean => Math.abs(bed.riseMm) > inches(8);

/** No closer than this, however it blows (from memory). mm. */
const LEAST_APART_MM = feet(3);

/** As far apart as the beam spans, or as the wind on what hangs there lets posts stand that are bent flat. */
function suggestApart(setting: BedSetting, set: Settled): Suggestion<number> {
  const usual = { value: perMarket(setting.market, 96, 2400), why: fact('spacing.beam') };
  const post = stockOf(setting.catalogue, timberId(String(set.section), String(set.treatment)), 'timber');
  const deepMm = letInDepth(Number(set.beamHeight), setting);
  const softMm = deepMm - firmDepth(deepMm, fillUnder(setting));
  const apart = timberPostsApart(
    rowInWind(setting, { fromMm: 0, toMm: Number(set.beamHeight), opacity: 0, softMm, beamMm: post.wideMm }),
    post,
  );
  return apart >= usual.value
    ? usual
    : { value: Math.max(LEAST_APART_MM, wholeStep(apart, setting.market)), why: fact('spacing.wind') };
}

/**
 * Worked value: 8′ posts, 2′ in the ground and 6′ out; string = drop + 15–25 % wraps + knots; four
 * knee braces; cross arms 24″ long with an eye at each end and one in the middle; one 2×8 twelve
 * feet long ripped into two uprights of 2¼″ and a beam (all common practice, no source). Knot, slack
 * and brace lengths are from memory.
 */
export const TWINE_FRAME_KNOBS = {
  ...rowKnobs(120, 'Outside to outside of the end posts, by a tape laid on the soil.'),
  ...stationsKnob('inset'),
  rows: {
    type: 'count',
    label: 'Rows of plants',
    group: 'Row',
    min: 1,
    max: 3,
    help: 'Two or three rows hang from cross arms, one arm to each plant along the beam.',
    suggest: () => ({ value: 1, why: fact('rows.one') }),
  },
  armLength: {
    type: 'length',
    label: 'Cross arm',
    group: 'Row',
    min: inches(8),
    max: feet(5),
    help: 'An eye at each end; with three rows one in the middle too.',
    shown: (set) => Number(set.rows) > 1,
    suggest: (setting) => ({
      value: tidy(
        Math.min(perMarket(setting.market, 24, 600), Math.max(inches(8), setting.place.bed.widthMm - inches(4))),
        setting.market,
      ),
      why: fact('arm.usual'),
    }),
  },
  make: {
    type: 'choice',
    label: 'Made of',
    group: 'Frame',
    choices: [
      { id: 'lengths', label: 'lengths of timber' },
      { id: 'board', label: 'one ripped board' },
    ],
    help: 'One wide board ripped in three makes two uprights, the beam and, from what is left, the braces.',
    offered: (setting) => ['lengths', ...(boards(setting).length > 0 ? ['board'] : [])],
    suggest: () => ({ value: 'lengths', why: fact('make.lengths') }),
  },
  beamHeight: {
    type: 'length',
    label: 'Top of the beam',
    group: 'Frame',
    min: feet(3),
    max: feet(10),
    help: 'Above the soil; the tallest user should reach it from the ground.',
    suggest: (setting, set) => {
      const lead = leadPlant(setting);
      const wanted = Math.max(perMarket(setting.market, 72, 1830), lead?.crop.supportToMm ?? 0);
      const fallMm = follows(setting) ? 0 : fallOf(setting, Number(set.rowLength));
      const value = tidy(Math.min(reachOverBed(setting) - fallMm, wanted), setting.market);
      return { value, why: value < wanted - 30 ? fact('beam.reach') : fact('beam.crop') };
    },
  },
  section: sectionKnob({
    label: 'Timber',
    group: 'Frame',
    of: ['2x2', '2x4', '45x45', '45x95'],
    usual: { imperial: ['2x4', '2x2', '45x95'], metric: ['45x95', '45x45', '2x4'] },
    help: 'Posts, beam and braces are of one section, stood with the wide face along the row.',
    shown: (set) => set.make === 'lengths',
  }),
  board: {
    ...sectionKnob({
      label: 'Board',
      group: 'Frame',
      of: ['2x8', '45x195'],
      usual: { imperial: ['2x8', '45x195'], metric: ['45x195', '2x8'] },
      help: 'Ripped along its length; measure it first, a 2×8 is 7¼″ (184 mm) wide.',
    }),
    shown: (set) => set.make === 'board',
  },
  strip: {
    type: 'length',
    label: 'Width of the outer strips',
    group: 'Frame',
    min: inches(1.5),
    max: inches(3),
    step: { imperial: inches(0.25), metric: 5 },
    help: 'The uprights; each keeps one factory edge. What is left between the two cuts is the beam.',
    shown: (set) => set.make === 'board',
    suggest: (setting) => ({ value: perMarket(setting.market, 2.25, 58), why: fact('strip.usual') }),
  },
  treatment: treatmentKnob({ section: 'section', group: 'Frame', use: 'light' }),
  setIn: {
    type: 'choice',
    label: 'Posts set in',
    group: 'Frame',
    choices: SETTINGS,
    help: 'Screwed to the inside of a bed an end post stands far stiffer than in soil.',
    offered: (setting) =>
      SETTINGS.map((one) => one.id).filter((id) =>
        id === 'bed'
          ? setting.place.bed.heightMm >= LEAST_BED_MM
          : id === 'tamped' || isOffered(setting, 'concrete-mix'),
      ),
    suggest: () => ({ value: 'tamped', why: fact('footing.tamped') }),
  },
  postSpacing: {
    type: 'length',
    label: 'Posts at most apart',
    group: 'Frame',
    min: feet(2),
    max: feet(10),
    help: 'Centre to centre; long rows are divided into equal bays.',
    shown: (set) => set.make === 'lengths',
    suggest: suggestApart,
  },
  depth: {
    type: 'length',
    label: 'Depth in the ground',
    group: 'Frame',
    min: inches(12),
    max: feet(6),
    help: 'Let into the ground and tamped in layers.',
    suggest: (setting, set) => {
      const stock = timberId(String(set.section), String(set.treatment));
      // Posts end under the beam, which is of the same timber.
      const aboveMm = Number(set.beamHeight) - stockOf(setting.catalogue, stock, 'timber').wideMm;
      return suggestDepth(
        setting,
        LET_IN_MM,
        { value: letInDepth(Number(set.beamHeight), setting), why: fact('depth.let-in') },
        ...(set.make === 'lengths' ? [{ aboveMm, sizesMm: setting.sizesOf(stock) }] : []),
      );
    },
  },
  braces: {
    type: 'choice',
    label: 'Knee braces',
    group: 'Frame',
    choices: [
      { id: 'ends', label: 'four, at the end posts' },
      { id: 'every', label: 'at every post' },
      { id: 'none', label: 'none' },
    ],
    help: 'They stop the frame leaning over along the row. One on each face of the corner.',
    suggest: () => ({ value: 'ends', why: fact('brace.four') }),
  },
  braceLeg: {
    type: 'length',
    label: 'Brace, corner to end',
    group: 'Frame',
    min: inches(10),
    max: feet(3),
    help: 'From the outside corner, along the beam and down the post, to the middle of the brace.',
    shown: (set) => set.braces !== 'none',
    suggest: (setting) => ({ value: perMarket(setting.market, 18, 450), why: fact('brace.leg') }),
  },
  onSlope: {
    type: 'choice',
    label: 'On the slope',
    group: 'Frame',
    choices: [
      { id: 'level', label: 'beam level' },
      { id: 'follow', label: 'follow the ground' },
    ],
    help: 'A level beam is set from the high end, so the low end stands taller.',
    shown: (_set, setting) => setting.place.bed.riseMm !== 0,
    suggest: (setting) =>
      follows(setting) ? { value: 'follow', why: fact('slope.follow') } : { value: 'level', why: fact('slope.level') },
  },
  hang: {
    type: 'choice',
    label: 'Strings hang from',
    group: 'Strings',
    choices: [
      { id: 'eye', label: 'screw eyes' },
      { id: 'hole', label: 'drilled holes' },
    ],
    help: 'Under the middle of the beam, one to a plant.',
    suggest: () => ({ value: 'eye', why: fact('hang.eye') }),
  },
  twine: {
    type: 'choice',
    label: 'Twine',
    group: 'Strings',
    choices: [
      { id: 'natural', label: 'natural fibre' },
      { id: 'synthetic', label: 'synthetic' },
    ],
    offered: (setting) => (['natural', 'synthetic'] as const).filter((id) => isOffered(setting, `twine-${id}`)),
    help: 'Natural twine is composted with the vines; synthetic has to be unpicked.',
    suggest: () => ({ value: 'natural', why: fact('twine.compost') }),
  },
  wraps: {
    type: 'count',
    label: 'Wraps up the stem, % of the drop',
    group: 'Strings',
    min: 0,
    max: 40,
    help: '15 to 25 % more than the drop.',
    suggest: () => ({ value: 20, why: fact('wraps.share') }),
  },
  knots: {
    type: 'length',
    label: 'Knots, both ends',
    group: 'Strings',
    min: 0,
    max: feet(3),
    help: 'A bow at the top that can be let down, a loose loop at the stem.',
    suggest: (setting) => ({ value: perMarket(setting.market, 12, 300), why: fact('knots.two') }),
  },
  slack: {
    type: 'length',
    label: 'Slack at the bottom',
    group: 'Strings',
    min: 0,
    max: feet(2),
    help: 'A string tied tight lifts the plant or cuts it as it thickens.',
    suggest: (setting) => ({ value: perMarket(setting.market, 4, 100), why: fact('slack.loose') }),
  },
  skirt: {
    type: 'choice',
    label: 'Wind skirt',
    group: 'Strings',
    choices: [
      { id: 'none', label: 'none' },
      { id: 'low', label: 'cloth, 2′ (0.6 m) high' },
    ],
    help: 'Cloth along the foot of the frame shelters young plants.',
    offered: (setting) => ['none', ...(isOffered(setting, 'skirt-cloth') ? ['low'] : [])],
    suggest: (setting) =>
      setting.wind === 'exposed' && isOffered(setting, 'skirt-cloth')
        ? { value: 'low', why: fact('skirt.wind') }
        : { value: 'none', why: fact('skirt.none') },
  },
} as const satisfies Knobs<BedSetting>;

export type TwineFrameValues = Values<typeof TWINE_FRAME_KNOBS>;

export const footingOf = (setIn: Footing | 'bed'): Footing => (setIn === 'bed' ? 'tamped' : setIn);
