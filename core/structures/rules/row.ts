import { fact, type Phrases } from '../../wording/say';
import { feet, inches } from '../../quantity/length';
import type { Design, Handle } from '../../design/design';
import { groundAt, slopeOf, type Ground } from '../../geometry/space';
import type { ChoiceKnob, LengthKnob, Settings } from '../knob';
import type { Setting } from '../setting';
import { STATION_SCHOOLS } from './stations';
import { perUnits, TAPE_STEP, tidy } from './tidy';

/** What every support that stands in a row shares: how long it is, where it stands in the bed, and the mends of both. */
export const rowKnobs = (longestFeet: number, lengthHelp: string) => ({
  rowLength: {
    type: 'length',
    label: 'Row length',
    group: 'Row',
    min: feet(2),
    max: feet(longestFeet),
    step: TAPE_STEP,
    help: lengthHelp,
    usualMost: (setting) => setting.bed.lengthMm * 1.25,
    suggest: (setting) => ({ value: setting.bed.lengthMm, why: fact('row.bed') }),
  } satisfies LengthKnob,
  rowAt: {
    type: 'length',
    label: 'Row from the front edge',
    group: 'Row',
    min: 0,
    max: feet(40),
    step: TAPE_STEP,
    help: 'From the long edge you stand at to the middle of the row.',
    usualMost: (setting) => setting.bed.widthMm,
    suggest: (setting) => ({ value: setting.bed.widthMm / 2, why: fact('row.middle') }),
  } satisfies LengthKnob,
});

/** The two schools of plant places, and which of them is suggested. */
export const stationsKnob = (suggested: 'ends' | 'inset') => ({
  school: {
    type: 'choice',
    label: 'Plant places',
    group: 'Row',
    choices: STATION_SCHOOLS,
    help: 'End to end counts one more plant; half a space in gives each plant its own stretch of bed.',
    suggest: () => ({ value: suggested, why: fact(`school.${suggested}`) }),
  } satisfies ChoiceKnob,
});

/** The gap under a mesh: as low as the crop that flops first needs, room for tools where none says. */
export function suggestGap(setting: Setting) {
  const lowest = setting.planted.reduce<Setting['planted'][number] | null>(
    (low, next) => (!low || next.crop.gapMm.least < low.crop.gapMm.least ? next : low),
    null,
  );
  if (!lowest) return { value: perUnits(setting.units, 10, 250), why: fact('gap.tools') };
  const { crop } = lowest;
  const code =
    crop.gapMm.least >= inches(16) ? 'gap.stands' : crop.gapMm.least >= inches(6) ? 'gap.tools-crop' : 'gap.low';
  return {
    value: tidy(crop.gapMm.least, setting.units),
    why: fact(code, { crop: crop.name, from: { mm: crop.supportFromMm } }),
  };
}

/** Pulls that every row has: its far end on the front view, and where it stands on the plan. */
export function rowHandles(o: {
  ground: Ground;
  rowMm: number;
  builtMm: number;
  yMm: number;
  topMm: number;
}): Handle[] {
  const end = o.builtMm * Math.cos(slopeOf(o.ground));
  return [
    {
      knob: 'rowLength',
      view: 'elevation',
      at: [end, groundAt(o.ground, end) + o.topMm / 2],
      axis: 'right',
      perMm: o.rowMm / end,
    },
    { knob: 'rowAt', view: 'plan', at: [end / 2, o.yMm], axis: 'up', perMm: 1 },
  ];
}

/** The limit of a bay is pulled at the second post: the row answers in whole bays. */
export const spacingHandle = (secondPostMm: number, topMm: number): Handle => ({
  knob: 'postSpacing',
  view: 'elevation',
  at: [secondPostMm, topMm],
  axis: 'right',
  perMm: 1,
});

/** Where a row stands across the bed: 0 is the middle, negative the front. mm. */
export const acrossBed = (rowAtMm: number, setting: Setting): number => rowAtMm - setting.bed.widthMm / 2;

/** A panel that ends too low is raised, as far as the crop stands by itself. */
export const raiseGap = (values: { gap: number }, design: Design, setting: Setting): Settings => {
  const climbing = setting.planted.filter((one) => one.crop.habit !== 'none');
  const missing = Math.max(...climbing.map((one) => one.crop.supportToMm)) - design.support.topMm.least;
  return {
    gap: Math.min(
      values.gap + Math.max(0, missing),
      Math.max(values.gap, Math.min(...climbing.map((one) => one.crop.supportFromMm))),
    ),
  };
};

export const ROW_MENDS = {
  'reach.far': (_values: unknown, _design: Design, setting: Setting): Settings => ({
    rowAt: Math.min(setting.armMm, setting.bed.widthMm / 2),
  }),
  'reach.outside': (_values: unknown, _design: Design, setting: Setting): Settings => ({
    rowAt: setting.bed.widthMm / 2,
  }),
  'row.past-bed': (_values: unknown, _design: Design, setting: Setting): Settings => ({
    rowLength: setting.bed.lengthMm,
  }),
};

export const ROW_PHRASES = {
  'row.bed': 'The length of the bed.',
  'row.middle': 'Down the middle of the bed.',
  'school.ends': 'The bed runs past the row, so the end plants have soil on both sides.',
  'school.inset': 'Each plant owns its stretch of bed; the ends stay clear of the end boards.',
  'gap.tools': 'Room for tools and a hose.',
  'gap.tools-crop': '{crop} wants hold from {from}; this leaves room for tools and a hose.',
  'gap.stands': '{crop} stands by itself up to {from}, so the panel can begin there.',
  'gap.low': '{crop} flops before it reaches a high panel: start near the soil.',
  'care.services': 'Electricity and gas kill. Call the free location service where there is one; local rules decide.',
} as const satisfies Phrases;
