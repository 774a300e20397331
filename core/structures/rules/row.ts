import { FORGIVEN_MM } from '../../checks/crop-height';
import { leadPlant } from '../../crops/planted';
import type { Design } from '../../design/design';
import { feet, inches } from '../../quantity/length';
import { narrows, notchOf, roomOf, type Bed, type Room } from '../../site/bed';
import { fact } from '../../wording/say';
import type { ChoiceKnob, LengthKnob, Settings, Suggestion } from '../knob';
import type { Said } from '../said';
import type { BedSetting } from '../setting';
import { mostGap } from './gap';
import { STATION_SCHOOLS, stationsAlong } from './stations';
import { perMarket, tidy, wholeStep } from './tidy';

/** How far from the front edge of its bed a row stands. */
export const rowAtKnob = (suggest: LengthKnob<BedSetting>['suggest']) =>
  ({
    type: 'length',
    places: true,
    label: 'Row from the front edge',
    group: 'Row',
    min: 0,
    max: feet(40),
    help: 'From the long edge you stand at to the middle of the row.',
    usualMost: (setting) => setting.place.bed.widthMm,
    suggest,
  }) satisfies LengthKnob<BedSetting>;

/**
 * What every support that stands in a row shares: how long it is, where it stands in the bed, and the mends
 * of both. One that straddles its bed has its plants along both sides of it, within reach from the middle.
 */
export const rowKnobs = (longestFeet: number, lengthHelp: string, o: { straddles?: boolean } = {}) => ({
  rowLength: {
    type: 'length',
    places: true,
    label: 'Row length',
    group: 'Row',
    min: feet(2),
    max: feet(longestFeet),
    help: lengthHelp,
    usualMost: (setting) => setting.place.bed.lengthMm * 1.25,
    suggest: (setting) => ({
      value: (o.straddles ? roomOf(setting.place.bed) : rowRoom(setting)).lengthMm,
      why: fact(narrows(setting.place.bed) ? 'row.oval' : 'row.bed'),
    }),
  } satisfies LengthKnob<BedSetting>,
  startAt: {
    type: 'length',
    places: true,
    label: 'Row from the near end',
    group: 'Row',
    min: 0,
    max: feet(200),
    help: 'Where the row begins in its bed; several supports may share one.',
    usualMost: (setting) => setting.place.bed.lengthMm,
    shown: (set, setting) => setting.place.bed.lengthMm - Number(set.rowLength) > inches(1),
    suggest: (setting, set) => ({
      value: Math.max(0, (setting.place.bed.lengthMm - Number(set.rowLength)) / 2),
      why: fact('row.centred'),
    }),
  } satisfies LengthKnob<BedSetting>,
  rowAt: rowAtKnob(o.straddles ? inTheMiddle : withinArm),
});

/** What stands in a row is no wider than this: a post and what hangs on it (from memory). mm. */
const ROW_WIDE_MM = 300;

/** The stretch of bed a row has where it is suggested; what straddles its bed has all of the bed's room. */
export const rowRoom = (setting: BedSetting): Room => {
  const { bed } = setting.place;
  return roomOf(bed, 2 * Math.abs(withinArm(setting).value - bed.widthMm / 2) + ROW_WIDE_MM);
};

/** Down the middle of the bed, or of what is behind its notch. */
export const inTheMiddle = ({ place: { bed } }: BedSetting): Suggestion<number> => {
  const { frontMm, widthMm } = roomOf(bed);
  return {
    value: frontMm + widthMm / 2,
    why: fact(notchOf(bed) ? 'row.notch' : 'row.middle'),
  };
};
/** Down the middle, or as far from the front as an arm picks where the bed is wider than that. */
export const withinArm = (setting: BedSetting): Suggestion<number> =>
  !notchOf(setting.place.bed) && setting.place.bed.widthMm / 2 > setting.armMm + 0.5
    ? { value: setting.armMm, why: fact('row.arm') }
    : inTheMiddle(setting);

/** The two schools of plant places, and which of them is suggested. */
export const stationsKnob = (suggested: 'ends' | 'inset') => ({
  school: {
    type: 'choice',
    label: 'Plant places',
    group: 'Row',
    choices: STATION_SCHOOLS,
    help: 'End to end counts one more plant; half a space in gives each plant its own stretch of bed.',
    suggest: () => ({ value: suggested, why: fact(`school.${suggested}`) }),
  } satisfies ChoiceKnob<BedSetting>,
});

/**
 * The gap under a mesh: as low as the crop that flops first needs, room for tools where none says; lower where a
 * panel that high would end out of reach, higher where it would end too low for the crop. What is level stands higher
 * by `fallMm` at the low end of a slope. mm.
 */
export function suggestGap(setting: BedSetting, panelMm = 0, fallMm = 0): Suggestion<number> {
  const usual = usualGap(setting);
  if (panelMm === 0) return usual;
  const reach = wholeStep(reachOverBed(setting) - panelMm - fallMm, setting.market);
  if (usual.value > reach && reach >= 0) return { value: reach, why: fact('gap.reach') };
  const lead = leadPlant(setting);
  const missing = (lead?.crop.supportToMm ?? 0) - panelMm;
  const higher = wholeStep(Math.min(missing, mostGap(setting), reach), setting.market);
  return lead && higher > usual.value && missing > usual.value + FORGIVEN_MM
    ? { value: higher, why: fact('gap.higher', { crop: lead.crop.name, to: { mm: lead.crop.supportToMm } }) }
    : usual;
}

function usualGap(setting: BedSetting): Suggestion<number> {
  const lowest = setting.planted.reduce<BedSetting['planted'][number] | null>(
    (low, next) => (!low || next.crop.gapMm.least < low.crop.gapMm.least ? next : low),
    null,
  );
  if (!lowest) return { value: perMarket(setting.market, 10, 250), why: fact('gap.tools') };
  const { crop } = lowest;
  const code =
    crop.gapMm.least >= inches(16) ? 'gap.stands' : crop.gapMm.least >= inches(6) ? 'gap.tools-crop' : 'gap.low';
  return {
    value: tidy(crop.gapMm.least, setting.market),
    why: fact(code, { crop: crop.name, from: { mm: crop.supportFromMm } }),
  };
}

/**
 * Where what is built of a row begins along its bed: what is less than was asked for is shared between its
 * ends; what is longer than the bed sticks out at both. mm.
 */
export const startOf = (v: { rowLength: number; startAt: number }, builtMm: number, bed: Bed): number =>
  v.rowLength > bed.lengthMm ? (bed.lengthMm - builtMm) / 2 : v.startAt + (v.rowLength - builtMm) / 2;

/** How high the tallest user reaches over the soil of the bed, standing on the path beside it. mm. */
export const reachOverBed = (setting: BedSetting): number => setting.reachMm - setting.place.bed.heightMm;

/** How much the soil falls along a row, and the low end of what is level stands higher than the other. mm. */
export const fallOf = ({ place: { bed } }: BedSetting, rowMm: number): number =>
  (Math.abs(bed.riseMm) * Math.min(rowMm, bed.lengthMm)) / bed.lengthMm;

/** How high what plants hold on to goes, at its highest, over the soil. mm. */
export const topOf = ({ hold }: Pick<Design, 'hold'>): number => hold?.topMm.most ?? 0;

/** How many plants a single row of one crop takes from end to end; nought where there are several rows or crops. */
export const endToEnd =
  (design: Pick<Design, 'builtMm'>, rowsAtMm: readonly number[], planted: readonly unknown[]) =>
  (spacingMm: number): number =>
    rowsAtMm.length === 1 && planted.length === 1 ? stationsAlong(design.builtMm, spacingMm, 'ends').length : 0;

/** Where a row stands across the bed: 0 is the middle, negative the front. mm. */
export const acrossBed = (rowAtMm: number, setting: BedSetting): number => rowAtMm - setting.place.bed.widthMm / 2;

/** A panel that ends too low is raised, as far as the crop stands by itself and its posts hold it. */
export const raiseGap = (values: { gap: number }, { design }: { design: Design }, setting: BedSetting): Settings => {
  const climbing = setting.planted.filter((one) => one.crop.habit !== 'none');
  const { topMm, could } = design.hold ?? { topMm: { least: 0 }, could: { topMm: Infinity } };
  const wanted = Math.min(could.topMm, Math.max(...climbing.map((one) => one.crop.supportToMm)));
  const missing = wanted - topMm.least;
  return {
    gap: Math.min(
      values.gap + Math.max(0, missing),
      Math.max(values.gap, Math.min(...climbing.map((one) => one.crop.supportFromMm))),
    ),
  };
};

export const ROW_MENDS = {
  'reach.far': (_values: unknown, _built: unknown, setting: BedSetting): Settings => ({
    rowAt: withinArm(setting).value,
  }),
  'reach.outside': (_values: unknown, _built: unknown, setting: BedSetting): Settings => ({
    rowAt: inTheMiddle(setting).value,
  }),
  'row.past-bed': (_values: unknown, _built: unknown, setting: BedSetting): Settings => {
    const { fromMm, lengthMm } = rowRoom(setting);
    return { startAt: fromMm, rowLength: lengthMm };
  },
};

export const ROW_WORDS = {
  phrases: {
    'row.bed': 'The length of the bed.',
    'row.oval': 'As long as the outline of the bed lets it be there.',
    'row.centred': 'In the middle of the bed.',
    'row.middle': 'Down the middle of the bed.',
    'row.notch': 'Down the middle of what is behind the notch.',
    'row.arm': 'As far from the front as your arm picks: the middle of a bed this wide is out of reach.',
    'school.ends': 'The bed runs past the row, so the end plants have soil on both sides.',
    'school.inset': 'Each plant owns its stretch of bed; the ends stay clear of the end boards.',
    'gap.tools': 'Room for tools and a hose.',
    'gap.tools-crop': '{crop} wants hold from {from}; this leaves room for tools and a hose.',
    'gap.stands': '{crop} stands by itself up to {from}, so the panel can begin there.',
    'gap.higher': 'As high as {crop} bears, so that the panel goes up towards {to}.',
    'gap.reach': 'So that you reach the top of the panel with both feet on the path.',
    'gap.low': '{crop} flops before it reaches a high panel: start near the soil.',
  },
} as const satisfies Said;
