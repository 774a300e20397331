import { timberId, TREATMENTS } from '../../../catalogue/timber';
import { leadPlant } from '../../../crops/planted';
import { KERF_MM } from '../../../cutting/saw';
import { exact, feet, inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { fact } from '../../../wording/say';
import type { Knobs } from '../../knob';
import { reachOverBed, rowKnobs, stationsKnob } from '../../rules/row';
import { perMarket, wholeStep } from '../../rules/tidy';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import { type BedSetting, isOffered } from '../../setting';

/** Between neighbouring frames: 2″ (from memory). mm. */
export const BETWEEN_MM = inches(2);
/** A leaf is 6′, not more: longer ones are heavy to fold and carry (common practice, no source). mm. */
export const MOST_LEAF_MM = feet(6);

/** This much of a frame's width is given up where its slats then come once more from a length: an inch or 20 mm (from memory). mm. */
const narrowerBy = (setting: BedSetting): number => perMarket(setting.market, 1, 20);

/**
 * A width a little less, at which one slat more comes from each length on sale: 47″ comes twice from 8′ where 48″,
 * for the saw's kerf, comes once. Null where nothing is gained.
 */
function oftenerFromLength(setting: BedSetting, widthMm: number) {
  const slats = (setting.market === 'imperial' ? ['1x2', '1x3', '22x38'] : ['22x38', '22x63', '1x2']).find((section) =>
    TREATMENTS.some((treatment) => isOffered(setting, timberId(section, treatment))),
  );
  const lengths = slats ? TREATMENTS.flatMap((treatment) => setting.sizesOf(timberId(slats, treatment))) : [];
  const from = (mm: number): number =>
    Math.max(0, ...lengths.map((length) => (Math.floor((length + KERF_MM) / (mm + KERF_MM) + 1e-9) * mm) / length));
  const narrow = exact(widthMm - narrowerBy(setting));
  return narrow >= feet(1.5) && from(narrow) > from(widthMm) + 0.1
    ? { value: narrow, why: fact('width.lengths', { less: { mm: widthMm - narrow } }) }
    : null;
}

/** 3–4′, and inside the bed with a stem's room on both sides. mm. */
const usualSpread = (setting: BedSetting): number =>
  Math.min(
    perMarket(setting.market, 48, 1200),
    Math.max(feet(1), wholeStep(roomOf(setting.place.bed).widthMm - inches(6), setting.market)),
  );

/**
 * Two leaves of 6′, not more; slats spaced with a 2×4 (3½″) as the gauge, two screws at each end;
 * two 8″ strap hinges with a gap so that the leaves close; base 3–4′ (common practice, no source).
 */
export const A_FRAME_KNOBS = {
  ...rowKnobs(60, 'The stretch of bed that the frames may fill, by a tape laid on the soil.', { straddles: true }),
  ...stationsKnob('inset'),
  width: {
    type: 'length',
    places: true,
    label: 'Width of a frame',
    group: 'Frame',
    min: feet(1.5),
    max: feet(8),
    help: 'Along the bed: how long the slats are. One that two people can carry is at most 4′ (1.2 m).',
    suggest: (setting, set) => {
      const most = perMarket(setting.market, 48, 1200);
      const room = Number(set.rowLength) + BETWEEN_MM;
      const frames = Math.max(1, Math.ceil((room - 0.5) / (most + BETWEEN_MM)));
      const value = Math.max(feet(1.5), wholeStep(room / frames - BETWEEN_MM, setting.market));
      const twice = oftenerFromLength(setting, value);
      return twice ?? { value, why: fact('width.carry') };
    },
  },
  frames: {
    type: 'count',
    places: true,
    label: 'Frames',
    group: 'Frame',
    min: 1,
    max: 20,
    help: 'Side by side along the bed.',
    suggest: (_setting, set) => ({
      value: Math.max(1, Math.floor((Number(set.rowLength) + BETWEEN_MM + 0.5) / (Number(set.width) + BETWEEN_MM))),
      why: fact('frames.fit'),
    }),
  },
  leaf: {
    type: 'length',
    label: 'Length of a leaf',
    group: 'Frame',
    min: feet(3),
    max: feet(8),
    help: 'From foot to hinge. More than 6′ (1.8 m) is heavy to fold.',
    suggest: (setting) => {
      const usual = perMarket(setting.market, 72, 1800);
      // So long that its peak can be reached: the leaf is the long side of a right triangle.
      const reached = wholeStep(Math.hypot(reachOverBed(setting), usualSpread(setting) / 2), setting.market);
      return reached < usual
        ? { value: Math.max(feet(3), reached), why: fact('leaf.reach') }
        : { value: usual, why: fact('leaf.six') };
    },
  },
  spread: {
    type: 'length',
    places: true,
    label: 'Feet apart',
    group: 'Frame',
    min: feet(1),
    max: feet(6),
    help: 'From foot to foot on the soil; 3 to 4′ (0.9 to 1.2 m) is usual.',
    suggest: (setting) => ({ value: usualSpread(setting), why: fact('spread.usual') }),
  },
  section: sectionKnob({
    label: 'Stiles of',
    group: 'Frame',
    of: ['2x2', '2x4', '45x45', '45x95'],
    usual: { imperial: ['2x2', '2x4', '45x45'], metric: ['45x45', '45x95', '2x2'] },
    help: 'The two long members of a leaf, wide face outwards.',
  }),
  treatment: treatmentKnob({ section: 'section', group: 'Frame', use: 'light' }),
  infill: {
    type: 'choice',
    label: 'Filled with',
    group: 'Leaf',
    choices: [
      { id: 'slats', label: 'slats' },
      { id: 'mesh', label: 'mesh' },
    ],
    help: 'Slats carry more and brace the leaf; mesh is lighter and gives thin tendrils a hold.',
    offered: (setting) => ['slats', ...(isOffered(setting, 'mesh-fine') ? ['mesh'] : [])],
    suggest: (setting) =>
      leadPlant(setting)?.crop.habit === 'tendril-thin' && isOffered(setting, 'mesh-fine')
        ? { value: 'mesh', why: fact('infill.thin') }
        : { value: 'slats', why: fact('infill.slats') },
  },
  slat: {
    ...sectionKnob({
      label: 'Slats of',
      group: 'Leaf',
      of: ['1x2', '1x3', '22x38', '22x63'],
      usual: { imperial: ['1x2', '1x3', '22x38'], metric: ['22x38', '22x63', '1x2'] },
      help: 'On the outer face, flat side to the stiles.',
    }),
  },
  gauge: {
    type: 'length',
    label: 'Gauge between slats',
    group: 'Leaf',
    min: inches(1),
    max: inches(12),
    step: { imperial: inches(0.5), metric: 5 },
    help: 'Whatever is at hand as a spacer: a 2×4 on edge measures 3½″ (89 mm).',
    shown: (set) => set.infill === 'slats',
    suggest: (setting) => ({ value: perMarket(setting.market, 3.5, 95), why: fact('gauge.two-by-four') }),
  },
  hingeGap: {
    type: 'length',
    label: 'Gap at the hinge',
    group: 'Leaf',
    min: 0,
    max: inches(4),
    step: { imperial: inches(0.25), metric: 5 },
    help: 'Without it the slats meet before the leaves have closed.',
    suggest: (setting) => ({ value: perMarket(setting.market, 2, 50), why: fact('hinge.closes') }),
  },
  tether: {
    type: 'choice',
    label: 'Held apart by',
    group: 'Leaf',
    choices: [
      { id: 'chain', label: 'chain' },
      { id: 'rope', label: 'rope' },
    ],
    help: 'One across each end, so that it can neither slide open nor close.',
    offered: (setting) => (['chain', 'rope'] as const).filter((id) => isOffered(setting, TETHER[id])),
    suggest: (setting) => ({ value: isOffered(setting, TETHER.chain) ? 'chain' : 'rope', why: fact('tether.keeps') }),
  },
  pegs: {
    type: 'choice',
    label: 'Feet pegged down',
    group: 'Leaf',
    choices: [
      { id: 'yes', label: 'a peg to a foot' },
      { id: 'no', label: 'no' },
    ],
    help: 'A leafy frame is a sail.',
    offered: (setting) => ['no', ...(isOffered(setting, 'ground-peg') ? ['yes'] : [])],
    suggest: (setting) =>
      isOffered(setting, 'ground-peg')
        ? { value: 'yes', why: fact('pegs.wind') }
        : { value: 'no', why: fact('pegs.none') },
  },
} as const satisfies Knobs<BedSetting>;

export const TETHER = { chain: 'chain-light', rope: 'rope-natural' } as const;
