import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import type { Fill } from '../../../design/shapes/fill';
import { ofShape } from '../../../design/shapes/shapes';
import { inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { stopsBelow } from '../../rules/floor-mesh';
import { isOnFloor } from '../../../site/bed';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import { BARROW_LITRES, BARROW_MINUTES, PATH_WIDE_MM, wetFill } from './fill';
import { coursesOf, type RaisedBedValues } from './knobs';

/** Cleared so far beyond the sides (common practice, no source). mm. */
const CLEAR_MM = inches(18);
/** Layers settle so long before anything is planted (common practice, no source). Hours. */
const SETTLE_HOURS = 14 * 24;

/** Ground, sides from a level corner, then what it is filled with, layer by layer. */
function steps(design: Design, v: RaisedBedValues, setting: BedSetting): Listed<StatedStep> {
  const onFloor = isOnFloor(setting.place.bed);
  const courses = coursesOf(v);
  const ties = design.parts.filter(({ role }) => role === 'tie').length;
  const fills = ofShape(design.parts, 'fill').filter(({ role }) => role !== 'core');
  return [
    onFloor
      ? { what: fact('step.sweep'), caution: fact('care.water-out') }
      : { what: fact('step.clear', { beyond: { mm: CLEAR_MM } }) },
    { what: fact(onFloor ? 'step.chalk' : 'step.mark', { long: { mm: design.builtMm } }) },
    ...(v.floor === 'none' || v.make === 'blocks' ? [] : [floorStep(v, onFloor)]),
    ...sideSteps(v, courses, onFloor),
    ties > 0 && { what: fact('step.ties', { ties }), caution: fact('care.tie') },
    ofShape(design.parts, 'bar').some(({ role }) => role === 'cap') && { what: fact('step.cap'), people: 2 },
    hasRole(design, 'liner') && { what: fact('step.liner'), people: 2 },
    hasRole(design, 'liner') && {
      what: fact('step.outlet', { up: { mm: ofShape(design.parts, 'fill').find(isReservoir)?.cutMm ?? 0 } }),
    },
    ...fills.filter(isReservoir).map((fill) => filling(fill, v)),
    hasRole(design, 'wick cloth') && { what: fact('step.wick-cloth') },
    ...fills.filter((fill) => !isReservoir(fill)).map((fill) => filling(fill, v)),
    fills.length > 0 && {
      what: fact('step.water', { wet: { kg: wetFill(design.parts, v.settles) } }),
      ...(v.fill === 'layers' ? { waitHours: SETTLE_HOURS } : {}),
    },
    hasRole(design, 'drip line') && { what: fact('step.drip') },
    fills.length > 0 && { what: fact('step.mulch') },
  ];
}

const hasRole = (design: Design, role: string): boolean => design.parts.some((part) => part.role === role);
const isReservoir = ({ role }: Fill): boolean => role === 'reservoir';

/** A layer, wheeled in by the barrow. */
const filling = (fill: Fill, v: RaisedBedValues): StatedStep => ({
  what: fact(`step.fill.${fill.role}`, {
    deep: { mm: fill.cutMm },
    volume: { mm3: fill.litres * 1e6 },
    loads: loadsOf(fill),
    // To half an hour.
    hours: Math.max(0.5, Math.round((loadsOf(fill) * BARROW_MINUTES) / 30) / 2),
    way: { mm: PATH_WIDE_MM },
    down: { mm: v.paths },
  }),
  adds: [fill.id],
  ...(CAREFUL[fill.role] ? { caution: fact(CAREFUL[fill.role] as string) } : {}),
});

/** What is to be thought of before it goes into a bed that one eats from. */
const CAREFUL: Readonly<Record<string, string>> = {
  'path soil': 'care.lead',
  soil: 'care.lead',
  compost: 'care.manure',
  layers: 'care.old-wood',
  reservoir: 'care.still-water',
};

const loadsOf = ({ litres }: { litres: number }): number => Math.ceil(litres / BARROW_LITRES);

const floorStep = (v: RaisedBedValues, onFloor: boolean): StatedStep => ({
  what: fact(stopsBelow(v.floor) ? 'step.floor' : onFloor ? 'step.cloth-floor' : 'step.cloth'),
  ...(stopsBelow(v.floor) ? { caution: fact('care.wire') } : {}),
});

const sideSteps = (v: RaisedBedValues, courses: number, onFloor: boolean): Listed<StatedStep> => {
  if (v.make === 'boards')
    return [
      { what: fact('step.cut'), caution: fact('care.cutting') },
      { what: fact(onFloor ? 'step.posts-floor' : 'step.posts') },
      { what: fact('step.boards', { courses }), people: 2 },
    ];
  if (v.make === 'metal')
    return [
      { what: fact('step.cut'), caution: fact('care.cutting') },
      { what: fact(onFloor ? 'step.posts-floor' : 'step.posts') },
      { what: fact('step.rails'), people: 2 },
      { what: fact('step.sheets'), caution: fact('care.metal') },
    ];
  if (v.make === 'timbers' || v.make === 'logs')
    return [
      v.make === 'logs'
        ? { what: fact('step.logs'), people: 2, caution: fact('care.rolling') }
        : { what: fact('step.cut'), caution: fact('care.cutting') },
      { what: fact('step.timbers', { courses }), people: 2 },
      { what: fact(onFloor ? 'step.pins-floor' : 'step.pins'), people: 2, caution: fact('care.pins') },
    ];
  return [
    { what: fact(onFloor ? 'step.first-blocks' : 'step.trench'), caution: fact('care.lifting') },
    v.floor !== 'none' && floorStep(v, onFloor),
    { what: fact('step.blocks', { courses }), people: 2, caution: fact('care.dust') },
    v.cores === 'pinned' && { what: fact('step.cores'), caution: fact('care.cement') },
  ];
};

const season = (design: Design, v: RaisedBedValues, setting: BedSetting): Listed<SeasonNote> => [
  v.fill !== 'none' && { on: null, what: fact('season.top-up', { share: v.settles }) },
  { on: null, what: fact('season.mulch') },
  v.make !== 'blocks' && { on: null, what: fact('season.look') },
  hasRole(design, 'drip line') && { on: null, what: fact('season.drip-open') },
  hasRole(design, 'drip line') && { on: setting.site.firstFrost, what: fact('season.drip-frost') },
  hasRole(design, 'liner') && { on: null, what: fact('season.wick') },
  hasRole(design, 'liner') && { on: setting.site.firstFrost, what: fact('season.wick-frost') },
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.clear': { uses: ['spade', 'gloves'] },
  'step.mark': { uses: ['line', 'pegs', 'tape', 'square'] },
  'step.floor': { adds: ['floor'], uses: ['snips', 'tape', 'gloves', 'goggles'] },
  'step.cloth': { adds: ['floor'], uses: ['knife', 'tape'] },
  'step.cut': { uses: ['tape', 'square', 'saw', 'goggles', 'muffs', 'brush'] },
  'step.sweep': { uses: ['gloves'] },
  'step.chalk': { uses: ['tape', 'square'] },
  'step.cloth-floor': { adds: ['floor'], uses: ['knife', 'tape'] },
  'step.posts-floor': { adds: ['post'], uses: ['drill', 'clamps', 'square', 'level'] },
  'step.pins-floor': { adds: ['pin'], joins: ['pin through timber'], uses: ['hammer', 'gloves', 'goggles'] },
  'step.first-blocks': { uses: ['spade', 'level'] },
  'step.posts': { adds: ['post'], uses: ['spade', 'level', 'mallet'] },
  'step.boards': { adds: ['board'], uses: ['level', 'drill', 'clamps'] },
  'step.rails': { adds: ['rail'], uses: ['level', 'drill', 'clamps'] },
  'step.sheets': { adds: ['sheet'], uses: ['tape', 'snips', 'drill', 'gloves', 'goggles', 'muffs'] },
  'step.ties': { adds: ['tie'], uses: ['snips', 'pliers', 'gloves', 'goggles'] },
  'step.logs': { uses: ['saw', 'chisel', 'tape', 'goggles', 'muffs', 'gloves'] },
  'step.timbers': { adds: ['timber', 'log'], uses: ['level', 'square', 'drill', 'mallet'] },
  'step.pins': { adds: ['pin'], joins: ['pin through timber'], uses: ['hammer', 'gloves', 'goggles'] },
  'step.trench': { uses: ['spade', 'tamper', 'level'] },
  'step.blocks': { adds: ['block', 'half block'], uses: ['level', 'line', 'mallet', 'gloves'] },
  'step.cores': {
    adds: ['pin', 'core'],
    joins: ['pin in a core'],
    uses: ['hammer', 'barrow', 'gloves', 'mask', 'goggles'],
  },
  'step.cap': { adds: ['cap'], uses: ['saw', 'square', 'drill', 'tape', 'goggles', 'muffs'] },
  'step.fill.layers': { uses: ['barrow', 'spade'] },
  'step.fill.path soil': { uses: ['barrow', 'spade'] },
  'step.fill.soil': { uses: ['barrow', 'spade'] },
  'step.fill.compost': { uses: ['barrow', 'spade'] },
  'step.liner': { adds: ['liner'], uses: ['spade', 'knife'] },
  'step.outlet': { joins: ['outlet in the side'], uses: ['drill', 'tape'] },
  'step.fill.reservoir': { adds: ['fill pipe'], uses: ['barrow', 'spade', 'knife'] },
  'step.wick-cloth': { adds: ['wick cloth'], uses: ['knife', 'tape'] },
  'step.drip': { adds: ['header', 'drip line'], uses: ['knife', 'tape'] },
  'step.water': { uses: [] },
  'step.mulch': { uses: ['barrow'] },
};

export const BUILDING = { steps, doings, season };
