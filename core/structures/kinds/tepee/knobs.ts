import { POLES } from '../../../catalogue/posts-and-poles';
import { LEAST_LEAN_PUSHED_RAD } from '../../../checks/tipping';
import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { notchOf, roomOf } from '../../../site/bed';
import { fact } from '../../../wording/say';
import { twineKnob } from '../../assemblies/strings-up';
import type { Knobs, Settled } from '../../knob';
import { inTheMiddle, reachOverBed } from '../../rules/row';
import { perMarket, tidy, wholeStep } from '../../rules/tidy';
import { isOffered, type BedSetting } from '../../setting';
import { shadedSide } from './shaded';

const isTepee = (set: Settled): boolean => set.form === 'tepee';
const offeredPoles = (setting: BedSetting): string[] =>
  POLES.map((pole) => pole.id).filter((id) => isOffered(setting, id));

/** Poles closer to the middle than this cross at the soil already (from memory). mm. */
export const LEAST_RADIUS_MM = inches(8);

/** Across the largest ring the bed has room for: its narrower side, or what is behind its notch. An oval holds one as wide as itself. mm. */
export const acrossRing = ({ place: { bed } }: BedSetting): number =>
  Math.min(bed.lengthMm, notchOf(bed) ? roomOf(bed).widthMm : bed.widthMm);

/** What fits the bed: its narrower side less the ring's own half width on both sides. mm. */
const radiusInBed = (setting: BedSetting, ringMm: number): number => (acrossRing(setting) - ringMm) / 2;

const CONE_OF = ['cane-bamboo-stout', 'cane-bamboo', 'pole-bamboo', 'pole-larch'] as const;
/** The cane a small cone is made of, where it is sold. */
const conePole = (setting: BedSetting): string => CONE_OF.find((id) => isOffered(setting, id)) ?? CONE_OF[0];

/** Pole above the tie and in the soil, at the least that is suggested for a cone (from memory). mm. */
const CONE_BEYOND_MM = inches(12);

/** How high poles on sale can be tied over a ring so wide that they neither tip nor end out of reach. mm. */
export function mostTie(setting: BedSetting, pole: string, radiusMm: number): number {
  const longest = (setting.sizesOf(pole).at(-1) ?? feet(8)) - CONE_BEYOND_MM;
  const tied = Math.sqrt(Math.max(0, longest ** 2 - radiusMm ** 2));
  return Math.min(tied, (2 * radiusMm) / Math.tan(LEAST_LEAN_PUSHED_RAD), reachOverBed(setting));
}

/** Where its middle stands from the front of the bed: in the middle, or so near that an arm picks across it where the front is all there is to stand at. mm. */
export function middleAt(setting: BedSetting, { radius, ring }: { radius: number; ring: number }): number {
  const { bed } = setting.place;
  const middle = inTheMiddle(setting).value;
  if (bed.standFrom === 'both sides' || bed.outline.shape !== 'rectangle') return middle;
  return Math.min(middle, Math.max(radius + ring / 2, setting.armMm - radius));
}

/** Room for a tepee of poles rather than a cone of canes. mm. */
const hasRoom = (setting: BedSetting): boolean => acrossRing(setting) >= 1400;

/**
 * Twelve poles for a playhouse-size tepee, a doorway on the shaded side, a ring bed 12″ wide, string
 * laddered round from about 6″ above the soil, a tail of cord as long as outstretched arms (6′)
 * (common practice, no source). Height, crossing and the small cone's sizes are from memory.
 */
export const TEPEE_KNOBS = {
  form: {
    type: 'choice',
    label: 'Form',
    group: 'Shape',
    choices: [
      { id: 'tepee', label: 'tepee of poles' },
      { id: 'cone', label: 'small cone of canes' },
    ],
    help: 'A cone of canes and twine carries beans and peas only.',
    suggest: (setting) =>
      hasRoom(setting) ? { value: 'tepee', why: fact('form.room') } : { value: 'cone', why: fact('form.small') },
  },
  ring: {
    type: 'length',
    places: true,
    label: 'Width of the ring bed',
    group: 'Shape',
    min: inches(6),
    max: inches(24),
    help: 'Dug round under the feet of the poles, open at the door.',
    suggest: (setting, set) => ({
      value: isTepee(set) ? perMarket(setting.market, 12, 300) : perMarket(setting.market, 8, 200),
      why: fact('ring.usual'),
    }),
  },
  radius: {
    type: 'length',
    places: true,
    label: 'Middle to a pole',
    group: 'Shape',
    min: LEAST_RADIUS_MM,
    max: feet(6),
    help: 'On the soil, half the way across.',
    usualMost: () => feet(4),
    suggest: (setting, set) => {
      const wanted = isTepee(set) ? perMarket(setting.market, 36, 900) : perMarket(setting.market, 15, 380);
      const room = radiusInBed(setting, Number(set.ring));
      return {
        value: tidy(Math.max(LEAST_RADIUS_MM, Math.min(wanted, room)), setting.market),
        why: fact(room < wanted ? 'radius.bed' : 'radius.usual'),
      };
    },
  },
  height: {
    type: 'length',
    label: 'Height of the tie',
    group: 'Shape',
    min: feet(3),
    max: feet(12),
    help: 'Where the poles cross.',
    usualMost: () => feet(9),
    suggest: (setting, set) => {
      if (isTepee(set)) return { value: perMarket(setting.market, 84, 2100), why: fact('height.tepee') };
      const usual = perMarket(setting.market, 60, 1500);
      const wants = leadPlant(setting)?.crop.supportToMm ?? usual;
      const most = Math.max(
        feet(3),
        wholeStep(mostTie(setting, conePole(setting), Number(set.radius)), setting.market),
      );
      if (most < Math.max(usual, wants))
        return { value: Math.min(most, Math.max(usual, wants)), why: fact('height.stands') };
      return wants > usual
        ? { value: wholeStep(wants, setting.market), why: fact('height.crop') }
        : { value: usual, why: fact('height.cone') };
    },
  },
  poles: {
    type: 'count',
    label: 'Poles',
    group: 'Poles',
    min: 3,
    max: 24,
    help: 'The first three are the tripod; the others are laid into its crotch in order.',
    suggest: (_setting, set) => ({
      value: isTepee(set) ? 12 : 6,
      why: fact(isTepee(set) ? 'poles.twelve' : 'poles.six'),
    }),
  },
  pole: {
    type: 'choice',
    label: 'Poles of',
    group: 'Poles',
    choices: POLES.map((pole) => ({ id: pole.id, label: pole.name })),
    offered: offeredPoles,
    help: 'Bought whole, at the next length up.',
    suggest: (setting, set) => {
      const offered = offeredPoles(setting);
      const wanted = isTepee(set) ? ['pole-larch', 'pole-bamboo', 'cane-bamboo-stout', 'cane-bamboo'] : CONE_OF;
      return { value: wanted.find((id) => offered.includes(id)) ?? 'pole-larch', why: fact('pole.usual') };
    },
  },
  crossing: {
    type: 'length',
    label: 'Pole above the tie, at least',
    group: 'Poles',
    min: inches(4),
    max: feet(4),
    help: 'What sticks out at the top keeps the lashing from slipping off.',
    suggest: (setting, set) => ({
      value: isTepee(set) ? perMarket(setting.market, 12, 300) : perMarket(setting.market, 6, 150),
      why: fact('crossing.grip'),
    }),
  },
  pushIn: {
    type: 'length',
    label: 'Pushed into the soil',
    group: 'Poles',
    min: 0,
    max: feet(2),
    help: 'After the lashing, each pole is pushed in at its mark.',
    suggest: (setting) =>
      setting.soil === 'sand'
        ? { value: perMarket(setting.market, 16, 400), why: fact('push.sand') }
        : { value: perMarket(setting.market, 8, 200), why: fact('push.firm') },
  },
  door: {
    type: 'length',
    label: 'Doorway',
    group: 'Door',
    min: 0,
    max: feet(4),
    help: 'Between two poles on the soil; nothing is strung or planted across it. Nought for none.',
    suggest: (setting, set) =>
      isTepee(set) && Number(set.radius) >= inches(24)
        ? { value: perMarket(setting.market, 24, 600), why: fact('door.usual') }
        : { value: 0, why: fact('door.none') },
  },
  doorAt: {
    type: 'choice',
    label: 'Door towards',
    group: 'Door',
    choices: [
      { id: 'front', label: 'the front' },
      { id: 'back', label: 'the back' },
      { id: 'start', label: 'the near end' },
      { id: 'end', label: 'the far end' },
    ],
    help: 'On the shaded side, so that the plants have the sun.',
    shown: (set) => Number(set.door) > 0,
    suggest: (setting) => ({ value: shadedSide(setting), why: fact('door.shade') }),
  },
  ladder: {
    type: 'choice',
    label: 'String ladder',
    group: 'Strings',
    choices: [
      { id: 'yes', label: 'round the poles' },
      { id: 'none', label: 'none' },
    ],
    help: 'Wound round every pole, never across the door.',
    suggest: () => ({ value: 'yes', why: fact('ladder.hold') }),
  },
  ladderFrom: {
    type: 'length',
    label: 'Lowest string',
    group: 'Strings',
    min: inches(2),
    max: feet(3),
    help: 'Above the soil.',
    shown: (set) => set.ladder === 'yes',
    suggest: (setting) => ({ value: perMarket(setting.market, 6, 150), why: fact('ladder.from') }),
  },
  ladderStep: {
    type: 'length',
    label: 'Between strings',
    group: 'Strings',
    min: inches(2),
    max: feet(2),
    help: 'Closer for thin tendrils.',
    shown: (set) => set.ladder === 'yes',
    suggest: (setting) => {
      const thin = setting.planted.find((one) => one.crop.habit === 'tendril-thin');
      return thin
        ? { value: perMarket(setting.market, 3, 75), why: fact('ladder.thin', { crop: thin.crop.name }) }
        : { value: perMarket(setting.market, 10, 250), why: fact('ladder.ten') };
    },
  },
  twine: twineKnob({ group: 'Strings', shown: (set) => set.ladder === 'yes' }),
  dig: {
    type: 'length',
    label: 'Ring bed dug',
    group: 'Shape',
    min: 0,
    max: feet(2),
    help: 'Depth of soil loosened and fed.',
    suggest: (setting) => ({
      value:
        leadPlant(setting)?.crop.load === 'light'
          ? perMarket(setting.market, 8, 200)
          : perMarket(setting.market, 10, 250),
      why: fact('dig.roots'),
    }),
  },
} as const satisfies Knobs<BedSetting>;
