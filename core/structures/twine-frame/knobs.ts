import type { Treatment } from '../../catalogue/stock';
import { LIVES, SECTIONS, timberId, TREATMENTS } from '../../catalogue/timber';
import { feet, inches } from '../../quantity/length';
import { fact } from '../../wording/say';
import { letInDepth } from '../depth';
import type { Knobs } from '../knob';
import { isOffered, leadPlant, type Setting } from '../setting';
import { rowKnobs } from '../row';
import { STATION_SCHOOLS } from '../stations';
import { perUnits, TAPE_STEP, tidy } from '../tidy';

const ASKED_FOR = { imperial: ['2x4', '2x2', '45x95'], metric: ['45x95', '45x45', '2x4'] } as const;
const inSoil = (treatment: Treatment): string => `${LIVES[treatment].seasons} seasons in soil`;
const TREATED = [
  { id: 'untreated', label: `untreated: ${inSoil('untreated')}` },
  { id: 'treated', label: `pressure-treated: ${inSoil('treated')}` },
  { id: 'durable', label: `durable heartwood: ${inSoil('durable')}` },
] as const satisfies readonly { id: Treatment; label: string }[];

const offeredSections = (setting: Setting): string[] =>
  SECTIONS.map((section) => section.id).filter((id) => TREATMENTS.some((treatment) => isOffered(setting, timberId(id, treatment))));

/**
 * Worked value: 8′ posts, 2′ in the ground and 6′ out; string = drop + 15–25 % wraps + knots; four
 * knee braces (all common practice, no source). Knot, slack and brace lengths are from memory.
 */
export const TWINE_FRAME_KNOBS = {
  ...rowKnobs(120, 'Outside to outside of the end posts, by a tape laid on the soil.'),
  school: {
    type: 'choice', label: 'Plant places', group: 'Row', choices: STATION_SCHOOLS,
    help: 'End to end counts one more plant; half a space in gives each plant its own stretch of bed.',
    suggest: () => ({ value: 'inset', why: fact('school.inset') }),
  },
  beamHeight: {
    type: 'length', label: 'Top of the beam', group: 'Frame', min: feet(3), max: feet(10), step: TAPE_STEP,
    help: 'Above the soil; the tallest user should reach it from the ground.',
    suggest: (setting) => {
      const lead = leadPlant(setting);
      const wanted = Math.max(perUnits(setting.units, 72, 1830), lead?.crop.supportToMm ?? 0);
      const value = tidy(Math.min(setting.reachMm, wanted), setting.units);
      return { value, why: value < wanted - 30 ? fact('beam.reach') : fact('beam.crop') };
    },
  },
  section: {
    type: 'choice', label: 'Timber', group: 'Frame', choices: SECTIONS.map((section) => ({ id: section.id, label: section.nominal })), offered: offeredSections,
    help: 'Posts, beam and braces are of one section, stood with the wide face along the row.',
    suggest: (setting) => {
      const offered = offeredSections(setting);
      return { value: ASKED_FOR[setting.units].find((id) => offered.includes(id)) ?? ASKED_FOR[setting.units][0], why: fact('section.usual') };
    },
  },
  treatment: {
    type: 'choice', label: 'Lasting', group: 'Frame', choices: TREATED,
    offered: (setting, set) => TREATMENTS.filter((treatment) => isOffered(setting, timberId(String(set.section), treatment))),
    help: 'How long the posts last in soil, and what that costs, shows in the season’s price.',
    suggest: (setting, set) => ({ value: TREATMENTS.find((one) => isOffered(setting, timberId(String(set.section), one))) ?? 'untreated', why: fact('treatment.plain') }),
  },
  postSpacing: {
    type: 'length', label: 'Posts at most apart', group: 'Frame', min: feet(2), max: feet(10), step: TAPE_STEP,
    help: 'Centre to centre; long rows are divided into equal bays.',
    suggest: (setting) => ({ value: perUnits(setting.units, 96, 2400), why: fact('spacing.beam') }),
  },
  depth: {
    type: 'length', label: 'Depth in the ground', group: 'Frame', min: inches(12), max: feet(4), step: TAPE_STEP,
    help: 'Let into the ground and tamped in layers.',
    suggest: (setting, set) => ({ value: letInDepth(Number(set.beamHeight), setting.bed), why: fact('depth.let-in') }),
  },
  braces: {
    type: 'choice', label: 'Knee braces', group: 'Frame',
    choices: [{ id: 'ends', label: 'four, at the end posts' }, { id: 'every', label: 'at every post' }, { id: 'none', label: 'none' }],
    help: 'They stop the frame leaning over along the row. One on each face of the corner.',
    suggest: () => ({ value: 'ends', why: fact('brace.four') }),
  },
  braceLeg: {
    type: 'length', label: 'Brace, corner to end', group: 'Frame', min: inches(10), max: feet(3), step: TAPE_STEP,
    help: 'Along the beam and down the post, to the middle of the brace.',
    shown: (set) => set.braces !== 'none',
    suggest: (setting) => ({ value: perUnits(setting.units, 18, 450), why: fact('brace.leg') }),
  },
  onSlope: {
    type: 'choice', label: 'On the slope', group: 'Frame',
    choices: [{ id: 'level', label: 'beam level' }, { id: 'follow', label: 'follow the ground' }],
    help: 'A level beam is set from the high end, so the low end stands taller.',
    shown: (_set, setting) => setting.bed.riseMm !== 0,
    suggest: (setting) =>
      Math.abs(setting.bed.riseMm) > inches(8) ? { value: 'follow', why: fact('slope.follow') } : { value: 'level', why: fact('slope.level') },
  },
  hang: {
    type: 'choice', label: 'Strings hang from', group: 'Strings',
    choices: [{ id: 'eye', label: 'screw eyes' }, { id: 'hole', label: 'drilled holes' }],
    help: 'Under the middle of the beam, one to a plant.',
    suggest: () => ({ value: 'eye', why: fact('hang.eye') }),
  },
  twine: {
    type: 'choice', label: 'Twine', group: 'Strings',
    choices: [{ id: 'natural', label: 'natural fibre' }, { id: 'synthetic', label: 'synthetic' }],
    offered: (setting) => (['natural', 'synthetic'] as const).filter((id) => isOffered(setting, `twine-${id}`)),
    help: 'Natural twine is composted with the vines; synthetic has to be unpicked.',
    suggest: () => ({ value: 'natural', why: fact('twine.compost') }),
  },
  wraps: {
    type: 'count', label: 'Wraps up the stem, % of the drop', group: 'Strings', min: 0, max: 40,
    help: '15 to 25 % more than the drop.',
    suggest: () => ({ value: 20, why: fact('wraps.share') }),
  },
  knots: {
    type: 'length', label: 'Knots, both ends', group: 'Strings', min: 0, max: feet(3), step: TAPE_STEP,
    help: 'A bow at the top that can be let down, a loose loop at the stem.',
    suggest: (setting) => ({ value: perUnits(setting.units, 12, 300), why: fact('knots.two') }),
  },
  slack: {
    type: 'length', label: 'Slack at the bottom', group: 'Strings', min: 0, max: feet(2), step: TAPE_STEP,
    help: 'A string tied tight lifts the plant or cuts it as it thickens.',
    suggest: (setting) => ({ value: perUnits(setting.units, 4, 100), why: fact('slack.loose') }),
  },
} as const satisfies Knobs;
