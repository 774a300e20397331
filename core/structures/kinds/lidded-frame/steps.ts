import type { Doings } from '../../../building/tools';
import { stockOf } from '../../../catalogue/catalogue';
import type { Design } from '../../../design/design';
import { ofShape } from '../../../design/shapes/shapes';
import type { Listed } from '../../../design/listed';
import { fact } from '../../../wording/say';
import type { SeasonNote, StatedStep } from '../../step';
import { coverSeason } from '../../rules/covering';
import type { BedSetting } from '../../setting';
import { lidLength } from '../../assemblies/hinged-lid';
import type { LiddedFrameValues } from './knobs';

const diagonal = (a: number, b: number): { mm: number } => ({ mm: Math.hypot(a, b) });

/** The box and its floor, upside down; set, then lids, filled last. */
function steps(design: Design, v: LiddedFrameValues): Listed<StatedStep> {
  const [fill] = ofShape(design.parts, 'fill');
  return [
    { what: fact('step.clear') },
    { what: fact('step.cut'), caution: fact('care.cutting') },
    { what: fact('step.box', { diagonal: diagonal(design.builtMm, v.width) }), people: 2 },
    v.floor !== 'none' && { what: fact('step.floor'), caution: fact('care.wire') },
    { what: fact('step.set'), people: 2 },
    ...(v.opens === 'doors' ? doorSteps(v) : lidSteps(v)),
    fill !== undefined && {
      what: fact('step.fill', { deep: { mm: fill.cutMm }, litres: { mm3: fill.litres * 1e6 } }),
      adds: [fill.id],
    },
    { what: fact(v.opens === 'doors' ? 'step.plant-tall' : 'step.plant') },
  ];
}

const netStep = (v: LiddedFrameValues): Listed<StatedStep> => (v.net === 'none' ? [] : [{ what: fact('step.net') }]);

const lidSteps = (v: LiddedFrameValues): Listed<StatedStep> => [
  { what: fact('step.lids', { diagonal: diagonal(lidLength(v), v.width) }) },
  { what: fact('step.mesh'), people: 2, caution: fact('care.wire') },
  ...netStep(v),
  { what: fact('step.hinge'), people: 2, caution: fact('care.lid') },
  v.stay === 'prop' && { what: fact('step.prop') },
  v.stay === 'chain' && { what: fact('step.chain') },
];

const doorSteps = (v: LiddedFrameValues): Listed<StatedStep> => [
  { what: fact('step.roof'), people: 2 },
  { what: fact('step.fixed'), people: 2, caution: fact('care.wire') },
  { what: fact('step.doors'), people: 2 },
  ...netStep(v),
];

function season(design: Design, v: LiddedFrameValues, setting: BedSetting): Listed<SeasonNote> {
  // Posts end under the lid, or under the roof.
  const [fill] = ofShape(design.parts, 'fill');
  const highMm = (design.parts.find((part) => part.role === 'post')?.cutMm ?? 0) - (fill?.cutMm ?? 0);
  const mesh = stockOf(setting.catalogue, v.mesh, 'mesh roll').openingMm;
  const net = v.net === 'none' ? Infinity : stockOf(setting.catalogue, v.net, 'mesh roll').openingMm;
  return [
    ...coverSeason(setting.planted, setting.site, { openingMm: Math.min(mesh, net), highMm, isWire: mesh <= net }),
    { on: null, what: fact('season.hinges') },
    { on: null, what: fact('season.oil') },
  ];
}

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.clear': { uses: ['spade'] },
  'step.cut': { uses: ['saw', 'square', 'tape', 'chalk', 'clamps', 'goggles', 'muffs'] },
  'step.box': { adds: ['board', 'post'], uses: ['drill', 'square', 'clamps', 'tape'] },
  'step.floor': { adds: ['floor'], uses: ['hammer', 'snips', 'pliers', 'gloves', 'goggles'] },
  'step.set': { uses: ['level'] },
  'step.roof': {
    adds: ['roof strip', 'mesh:roof-mesh', 'net:roof-net'],
    uses: ['drill', 'square', 'clamps', 'tape', 'hammer', 'snips'],
  },
  'step.fixed': { adds: ['fixed mesh', 'fixed net'], uses: ['hammer', 'snips', 'pliers', 'gloves', 'goggles'] },
  'step.doors': {
    adds: ['door strip', 'mesh'],
    joins: ['door hinged', 'door hooked'],
    uses: ['drill', 'square', 'clamps', 'tape', 'hammer', 'snips', 'spacer'],
  },
  'step.chain': { adds: ['chain'], uses: ['drill', 'pliers'] },
  'step.lids': { adds: ['lid strip'], uses: ['drill', 'square', 'clamps', 'tape'] },
  'step.mesh': { adds: ['mesh'], uses: ['hammer', 'snips', 'pliers', 'gloves', 'goggles'] },
  'step.net': { adds: ['net'], uses: ['hammer', 'snips'] },
  'step.hinge': { joins: ['lid hinged'], uses: ['drill', 'spacer'] },
  'step.prop': { adds: ['prop'], uses: ['drill'] },
  'step.fill': { adds: ['fill'], uses: ['barrow', 'spade'] },
  'step.plant': { uses: ['spade'] },
  'step.plant-tall': { uses: ['spade'] },
};

export const BUILDING = { steps, doings, season };
