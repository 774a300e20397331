import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { fact } from '../../../wording/say';
import { stringsFor, stringsWhere, THIN_BOARD_MM, twineKnob } from '../../assemblies/strings-up';
import type { Knobs, Settled, Values } from '../../knob';
import { inTheMiddle, reachOverBed } from '../../rules/row';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import { perMarket, tidy, wholeStep } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';

/** Plants stand so far outside the legs (from memory). mm. */
export const OUTSIDE_MM = inches(3);
/** The cap stands out over the legs on every side (from memory). mm. */
export const CAP_OVER_MM = inches(0.5);
/** A pin stands half in the soil and half beside its leg; it is cut from what is sold in so much (from memory). mm. */
export const PIN_MM = feet(4);
/** It still stands when pushed over by 12° (`checks/tipping`): twice its base over its height. */
export const LEAST_LEAN = Math.tan((12 * Math.PI) / 180);

const isPillar = (set: Settled): boolean => set.form === 'pillar';
const isPushed = (set: Settled): boolean => set.feet === 'pushed';

/** Room for its feet across its bed, with a plant on both sides. mm. */
const mostFoot = ({ place: { bed } }: BedSetting): number =>
  Math.min(roomOf(bed).widthMm, bed.lengthMm) - 2 * OUTSIDE_MM;

/** How high its legs can be of what is sold, as one reaches. mm. */
export const mostHeight = (setting: BedSetting, set: Settled): number => {
  const longest = setting.sizesOf(timberId(String(set.section), String(set.treatment))).at(-1) ?? Infinity;
  const buried = isPushed(set) ? inches(12) : 0;
  // Aslant a leg is a little longer than it stands high (from memory).
  return Math.min(reachOverBed(setting), longest - buried - inches(2));
};

/** More strings than this a side are a net (from memory). */
const MOST_STRINGS = 10;

/** As many strings a side as what climbs there wants, between the legs at the foot. */
export const stringsAside = (setting: BedSetting, set: Settled): number =>
  stringsFor(
    Number(set.foot) -
      2 * stockOf(setting.catalogue, timberId(String(set.section), String(set.treatment)), 'timber').wideMm,
    setting.planted,
    MOST_STRINGS,
  );

/**
 * Four legs of 6 to 8′, 16 to 24″ apart at the foot, pushed 8 to 12″ into the soil or standing on pins, rungs at equal
 * heights (from memory).
 */
export const OBELISK_KNOBS = {
  form: {
    type: 'choice',
    label: 'Form',
    group: 'Shape',
    choices: [
      { id: 'obelisk', label: 'obelisk: narrower to the top' },
      { id: 'pillar', label: 'pillar: as wide at the top' },
    ],
    help: 'The legs of an obelisk are cut aslant both ways; those of a pillar square.',
    suggest: () => ({ value: 'obelisk', why: fact('form.obelisk') }),
  },
  along: {
    type: 'length',
    places: true,
    label: 'Middle from the near end',
    group: 'Shape',
    min: 0,
    max: feet(200),
    help: 'Where it stands along its bed; several may share one.',
    usualMost: (setting) => setting.place.bed.lengthMm,
    suggest: (setting) => ({ value: setting.place.bed.lengthMm / 2, why: fact('along.middle') }),
  },
  across: {
    type: 'length',
    places: true,
    label: 'Middle from the front edge',
    group: 'Shape',
    min: 0,
    max: feet(40),
    help: 'From the long edge you stand at.',
    usualMost: (setting) => setting.place.bed.widthMm,
    suggest: (setting, set) => {
      const { bed } = setting.place;
      const middle = inTheMiddle(setting);
      if (bed.standFrom === 'both sides' || bed.outline.shape !== 'rectangle') return middle;
      const half = Number(set.foot) / 2 + OUTSIDE_MM;
      const near = Math.max(half, setting.armMm - half);
      return near < middle.value ? { value: near, why: fact('across.arm') } : middle;
    },
  },
  section: {
    first: true,
    ...sectionKnob({
      label: 'Legs of',
      group: 'Legs',
      of: ['2x2', '45x45'],
      usual: { imperial: ['2x2', '45x45'], metric: ['45x45', '2x2'] },
      help: 'Straight and without large knots: each carries a quarter of it.',
    }),
  },
  treatment: {
    first: true,
    ...treatmentKnob({ section: 'section', group: 'Legs', use: 'light', wanted: ['treated', 'durable', 'untreated'] }),
  },
  foot: {
    type: 'length',
    first: true,
    places: true,
    label: 'Across the feet',
    group: 'Shape',
    min: inches(8),
    max: feet(4),
    help: 'On the soil, over the outsides of two legs.',
    suggest: (setting, set) => {
      const usual = isPillar(set) ? perMarket(setting.market, 12, 300) : perMarket(setting.market, 18, 450);
      const room = wholeStep(mostFoot(setting), setting.market);
      return room < usual
        ? { value: Math.max(inches(8), room), why: fact('foot.bed') }
        : { value: usual, why: fact(isPillar(set) ? 'foot.pillar' : 'foot.usual') };
    },
  },
  feet: {
    type: 'choice',
    first: true,
    label: 'Stands',
    group: 'Legs',
    choices: [
      { id: 'pushed', label: 'pushed into the soil' },
      { id: 'pins', label: 'on the soil, held by steel pins' },
    ],
    offered: (setting) => ['pushed', ...(isOffered(setting, 'rod-10') ? ['pins'] : [])],
    help: 'On pins its wood stays out of the soil and lasts longer.',
    suggest: () => ({ value: 'pushed', why: fact('feet.pushed') }),
  },
  height: {
    type: 'length',
    label: 'Height',
    group: 'Shape',
    min: feet(3),
    max: feet(9),
    help: 'Over the soil to the tops of the legs.',
    suggest: (setting, set) => {
      const wants = leadPlant(setting)?.crop.supportToMm || feet(6);
      const stands = (2 * Number(set.foot)) / 2 / LEAST_LEAN;
      const most = Math.min(mostHeight(setting, set), stands);
      return most < wants
        ? {
            value: Math.max(feet(3), wholeStep(most, setting.market)),
            why: fact(stands < wants ? 'height.foot' : 'height.reach'),
          }
        : { value: tidy(wants, setting.market), why: fact('height.crop') };
    },
  },
  pushIn: {
    type: 'length',
    label: 'Pushed in, at least',
    group: 'Legs',
    min: inches(4),
    max: feet(2),
    help: 'Each leg to its mark, all together.',
    shown: isPushed,
    suggest: (setting) =>
      setting.soil === 'sand'
        ? { value: perMarket(setting.market, 18, 450), why: fact('depth.sand') }
        : { value: perMarket(setting.market, 10, 250), why: fact('depth.pushed') },
  },
  cap: {
    ...sectionKnob({
      label: 'Cap of',
      group: 'Legs',
      of: ['1x6', '22x145'],
      usual: { imperial: ['1x6', '22x145'], metric: ['22x145', '1x6'] },
      help: 'As long as it is wide, over the tops of the legs, which stand half an inch (13 mm) inside it.',
      shown: (set) => !isPillar(set),
    }),
  },
  rungs: {
    ...sectionKnob({
      label: 'Rungs of',
      group: 'Rungs',
      of: ['1x2', '22x38'],
      usual: { imperial: ['1x2', '22x38'], metric: ['22x38', '1x2'] },
      help: 'Flat on the outsides of the legs.',
    }),
  },
  rungEvery: {
    type: 'length',
    label: 'A rung every',
    group: 'Rungs',
    min: inches(4),
    max: feet(2),
    help: 'At equal heights, from the top down.',
    suggest: (setting) => ({ value: perMarket(setting.market, 10, 250), why: fact('rungs.ten') }),
  },
  strings: {
    type: 'count',
    label: 'Strings a side',
    group: 'Rungs',
    min: 0,
    max: MOST_STRINGS,
    help: 'From the lowest rung to the top one, a turn round each: for thin tendrils and leaf stalks.',
    suggest: (setting, set) => stringsWhere(setting, THIN_BOARD_MM, () => stringsAside(setting, set)),
  },
  twine: twineKnob({ group: 'Rungs', shown: (set) => Number(set.strings) > 0 }),
} as const satisfies Knobs<BedSetting>;

export type ObeliskValues = Values<typeof OBELISK_KNOBS>;
