import { timberId } from '../../../catalogue/timber';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { fact } from '../../../wording/say';
import type { Knobs } from '../../knob';
import { drivenDepth, letInDepth, suggestDepth } from '../../rules/depth';
import { reachOverBed, rowKnobs, stationsKnob } from '../../rules/row';
import { perMarket, tidy, wholeStep } from '../../rules/tidy';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import { isOffered, type BedSetting } from '../../setting';

/** Peas and beans climb level strings; what is heavy or does not climb is held between two runs of twine. */
const climbs = (setting: BedSetting): boolean => {
  const lead = leadPlant(setting)?.crop;
  return lead?.grips != null && lead.load !== 'heavy';
};

const usualDepth = (setting: BedSetting) => suggestDepth(setting, LEAST_DRIVEN_MM, drivenDepth(setting));

/** As high as posts on sale stand when they are deep enough; 8′ is the most. mm. */
export const mostHeight = (setting: BedSetting, steel: boolean, depthMm: number): number =>
  Math.min(feet(8), steel ? (setting.sizesOf('steel-post').at(-1) ?? Infinity) - depthMm : Infinity);

/**
 * Strong posts 5–8′ apart; a pass every 6–10″ as plants grow, a wrap and a half hitch at each post;
 * for peas and beans level strings every 3″ (common practice, no source). Ends are from memory.
 */
export const WEAVE_KNOBS = {
  ...rowKnobs(200, 'From the first post to the last, by a tape laid on the soil.'),
  ...stationsKnob('inset'),
  way: {
    type: 'choice',
    label: 'Twine runs',
    group: 'Twine',
    choices: [
      { id: 'sandwich', label: 'both sides of the plants' },
      { id: 'ladder', label: 'as level strings' },
    ],
    help: 'Both sides: down one side and back along the other, stems between. Level strings: for plants that climb by themselves.',
    suggest: (setting) =>
      climbs(setting) ? { value: 'ladder', why: fact('way.climbs') } : { value: 'sandwich', why: fact('way.leans') },
  },
  height: {
    type: 'length',
    label: 'Top of the posts',
    group: 'Posts',
    min: feet(2),
    max: feet(8),
    help: 'Above the soil; the last pass is made near it.',
    suggest: (setting) => {
      const wanted = leadPlant(setting)?.crop.supportToMm ?? feet(5);
      const steel = isOffered(setting, 'steel-post');
      const most = Math.min(reachOverBed(setting), mostHeight(setting, steel, usualDepth(setting).value));
      const value = Math.max(feet(2), most < wanted ? wholeStep(most, setting.market) : tidy(wanted, setting.market));
      return { value, why: fact(value < wanted - 30 ? 'height.most' : 'height.crop') };
    },
  },
  firstPass: {
    type: 'length',
    label: 'First pass',
    group: 'Twine',
    min: inches(1),
    max: feet(2),
    help: 'Above the soil.',
    suggest: (_setting, set) =>
      set.way === 'ladder'
        ? { value: inches(3), why: fact('first.low') }
        : { value: inches(8), why: fact('first.weave') },
  },
  passEvery: {
    type: 'length',
    label: 'A pass every',
    group: 'Twine',
    min: inches(2),
    max: inches(18),
    help: '6 to 10″ (150–250 mm) for stems that are held; 3″ (75 mm) for tendrils.',
    suggest: (setting, set) =>
      set.way === 'ladder'
        ? { value: perMarket(setting.market, 3, 75), why: fact('every.grip') }
        : {
            value: wholeStep(
              Math.min(
                perMarket(setting.market, 8, 200),
                ...setting.planted.flatMap((one) =>
                  one.crop.grips ? [Math.max(inches(3), one.crop.grips.stepMm)] : [],
                ),
              ),
              setting.market,
            ),
            why: fact('every.weave'),
          },
  },
  wraps: {
    type: 'count',
    label: 'Half turns at a post',
    group: 'Twine',
    min: 1,
    max: 8,
    help: 'A wrap and a half hitch is three half turns.',
    suggest: () => ({ value: 3, why: fact('wraps.hitch') }),
  },
  twine: {
    type: 'choice',
    label: 'Twine',
    group: 'Twine',
    choices: [
      { id: 'natural', label: 'natural fibre' },
      { id: 'synthetic', label: 'synthetic' },
    ],
    offered: (setting) => (['natural', 'synthetic'] as const).filter((id) => isOffered(setting, `twine-${id}`)),
    help: 'Natural twine is composted with the vines; synthetic stretches less.',
    suggest: () => ({ value: 'natural', why: fact('twine.compost') }),
  },
  posts: {
    type: 'choice',
    label: 'Posts',
    group: 'Posts',
    choices: [
      { id: 'steel', label: 'studded steel, driven' },
      { id: 'timber', label: 'timber stakes' },
    ],
    help: 'Studs keep the twine from slipping down.',
    offered: (setting) => ['timber', ...(isOffered(setting, 'steel-post') ? ['steel'] : [])],
    suggest: (setting) =>
      isOffered(setting, 'steel-post')
        ? { value: 'steel', why: fact('posts.steel') }
        : { value: 'timber', why: fact('posts.timber') },
  },
  section: {
    ...sectionKnob({
      label: 'Stakes of',
      group: 'Posts',
      of: ['2x2', '45x45'],
      usual: { imperial: ['2x2', '45x45'], metric: ['45x45', '2x2'] },
      help: 'Pointed and driven.',
    }),
    shown: (set) => set.posts === 'timber',
  },
  treatment: {
    ...treatmentKnob({ section: 'section', group: 'Posts', use: 'light' }),
    shown: (set) => set.posts === 'timber',
  },
  postSpacing: {
    type: 'length',
    label: 'Posts at most apart',
    group: 'Posts',
    min: feet(2),
    max: feet(10),
    help: '5 to 8′ (1.5 to 2.4 m), a plant or two between.',
    suggest: (setting) => {
      const spacing = leadPlant(setting)?.training.spacingMm ?? feet(2);
      const two = Math.max(
        perMarket(setting.market, 60, 1500),
        Math.min(perMarket(setting.market, 96, 2400), 2 * spacing),
      );
      return {
        value: tidy(setting.wind === 'exposed' ? perMarket(setting.market, 60, 1500) : two, setting.market),
        why: fact(setting.wind === 'exposed' ? 'spacing.exposed' : 'spacing.two'),
      };
    },
  },
  depth: {
    type: 'length',
    label: 'Depth in the ground, at least',
    group: 'Posts',
    min: inches(12),
    max: feet(6),
    help: 'Twine pulls the end posts inwards.',
    suggest: (setting, set) =>
      suggestDepth(
        setting,
        LEAST_DRIVEN_MM,
        set.posts !== 'steel'
          ? { value: letInDepth(Number(set.height), setting), why: fact('depth.stake') }
          : drivenDepth(setting),
        {
          aboveMm: Number(set.height),
          sizesMm: setting.sizesOf(
            set.posts === 'steel' ? 'steel-post' : timberId(String(set.section), String(set.treatment)),
          ),
        },
      ),
  },
} as const satisfies Knobs<BedSetting>;
