import { leadPlant } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { stringsWhere, THIN_BOARD_MM, twineKnob } from '../../assemblies/strings-up';
import type { Knobs, Settled, Values } from '../../knob';
import { mostTopOnWall, wallOfKnob, wallRowKnobs } from '../../rules/against-wall';
import { stationsKnob } from '../../rules/row';
import { sectionKnob, treatmentKnob } from '../../rules/timber-knobs';
import { perMarket, tidy } from '../../rules/tidy';
import type { BedSetting } from '../../setting';

const isFan = (set: Settled): boolean => set.form === 'fan';
const isSquare = (set: Settled): boolean => set.form === 'square';

/** A panel is at least so high (from memory). mm. */
export const LEAST_HIGH_MM = inches(15);

/**
 * Lattice or a fan on battens that hold it about 2″ off the wall (common practice, no source): laths of 1×2 at 6 to 8″,
 * battens at 2′, a screw into the wall at 16″ (from memory).
 */
export const WALL_TRELLIS_KNOBS = {
  ...wallRowKnobs(24, 'From the first panel to the end of the last.'),
  ...stationsKnob('inset'),
  form: {
    type: 'choice',
    label: 'Form',
    group: 'Panels',
    first: true,
    choices: [
      { id: 'square', label: 'laths level and upright' },
      { id: 'diamond', label: 'laths at 45°, both ways' },
      { id: 'fan', label: 'a fan of ribs from one foot' },
    ],
    help: 'Level laths are tied to most easily; a fan is for one plant.',
    suggest: () => ({ value: 'square', why: fact('form.square') }),
  },
  panelWide: {
    type: 'length',
    label: 'Panels at most wide',
    group: 'Panels',
    min: inches(12),
    max: feet(6),
    help: 'The row is shared out among equal panels, a finger apart. One person carries 4′ (1200 mm).',
    suggest: (setting) => ({ value: perMarket(setting.market, 48, 1200), why: fact('panels.carried') }),
  },
  top: {
    type: 'length',
    label: 'Top edge',
    group: 'Panels',
    min: inches(18),
    max: feet(8),
    help: 'Over the soil.',
    suggest: (setting, set) => {
      const lead = leadPlant(setting);
      const wants = lead ? tidy(lead.crop.supportToMm || feet(6), setting.market) : perMarket(setting.market, 72, 1800);
      const most = mostTopOnWall(setting, set);
      return most < wants
        ? { value: Math.max(inches(18), most), why: fact('top.wall') }
        : { value: Math.max(inches(18), wants), why: fact(lead ? 'top.crop' : 'top.usual') };
    },
  },
  lowest: {
    type: 'length',
    label: 'Lower edge',
    group: 'Panels',
    min: inches(1),
    max: feet(4),
    help: 'Over the soil, so that its wood stays dry and one can weed under it.',
    suggest: (setting) => ({ value: perMarket(setting.market, 6, 150), why: fact('lowest.dry') }),
  },
  every: {
    type: 'length',
    label: 'A lath every',
    group: 'Panels',
    min: inches(4),
    max: inches(12),
    help: 'Middle to middle; the spaces are made equal. Laths across a fan are twice as far apart.',
    suggest: (setting, set) => {
      const usual = perMarket(setting.market, 8, 200);
      const step = Math.min(...setting.planted.map(({ crop }) => crop.grips?.stepMm ?? Infinity));
      // One above the other, holds of a diamond are a diagonal apart, those of a fan twice as far.
      const wants = step / (isFan(set) ? 2 : isSquare(set) ? 1 : Math.SQRT2);
      return wants < usual
        ? { value: Math.max(inches(4), Math.floor(wants / 5) * 5), why: fact('every.crop') }
        : { value: usual, why: fact('every.usual') };
    },
  },
  ribs: {
    type: 'count',
    label: 'Ribs of a fan',
    group: 'Panels',
    min: 3,
    max: 9,
    help: 'As many as find room side by side at the foot.',
    shown: isFan,
    suggest: () => ({ value: 5, why: fact('ribs.five') }),
  },
  lathOf: sectionKnob({
    label: 'Laths of',
    group: 'Panels',
    of: ['1x2', '1x3', '22x38', '22x63'],
    usual: { imperial: ['1x2', '22x38', '1x3', '22x63'], metric: ['22x38', '1x2', '22x63', '1x3'] },
    help: 'Straight, without knots that go through.',
  }),
  treatment: treatmentKnob({
    section: 'lathOf',
    group: 'Panels',
    use: 'slat',
    wanted: ['treated', 'durable', 'untreated'],
  }),
  strings: {
    type: 'count',
    label: 'Strings in each space',
    group: 'Panels',
    min: 0,
    max: 3,
    help: 'From the lowest level lath to the top one, a turn round each: for thin tendrils and leaf stalks.',
    shown: isSquare,
    suggest: (setting) => stringsWhere(setting, THIN_BOARD_MM, () => 1),
  },
  twine: twineKnob({ group: 'Panels', shown: (set) => isSquare(set) && Number(set.strings) > 0 }),
  ...wallOfKnob,
  batten: sectionKnob({
    label: 'Battens of',
    group: 'Wall',
    of: ['2x2', '45x45', '1x2', '22x38'],
    usual: { imperial: ['2x2', '45x45', '1x2', '22x38'], metric: ['45x45', '2x2', '22x38', '1x2'] },
    help: 'As thick as the air behind: leaves dry, shoots go round, the wall stays dry.',
  }),
  battenEvery: {
    type: 'length',
    label: 'Battens at most apart',
    group: 'Wall',
    min: inches(12),
    max: feet(4),
    help: 'Upright, so that water runs off.',
    shown: (set) => !isFan(set),
    suggest: (setting) => ({ value: perMarket(setting.market, 24, 600), why: fact('battens.two-feet') }),
  },
  wallEvery: {
    type: 'length',
    label: 'Screwed to the wall every',
    group: 'Wall',
    min: inches(6),
    max: feet(3),
    help: 'Along each batten, one near each end.',
    suggest: (setting) => ({ value: perMarket(setting.market, 16, 400), why: fact('wall-every.usual') }),
  },
} as const satisfies Knobs<BedSetting>;

export type WallTrellisValues = Values<typeof WALL_TRELLIS_KNOBS>;
