import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { ofShape } from '../../../design/shapes/shapes';
import { fact } from '../../../wording/say';
import { footingSteps, SHOE_UP_MM } from '../../assemblies/footing';
import { clearing } from '../../rules/clearing';
import type { WaySetting } from '../../rules/over-way';
import type { SeasonNote, StatedStep } from '../../step';
import { legOf, sortOf, type ArborValues } from './knobs';

/** Concrete under shoes is left so long before posts stand on it (common practice, no source). Hours. */
const PADS_HOURS = 24;

/** The tops of the posts over the path. mm. */
const topOf = (design: Design): number =>
  Math.max(...ofShape(design.parts, 'bar').flatMap(({ role, to }) => (role === 'post' ? [to[2]] : [])));

/** The undersides of the beams over the path: lower than asked where no post on sale is long enough. mm. */
const undersideOf = (design: Design): number =>
  Math.min(
    ...ofShape(design.parts, 'bar').flatMap(({ role, from, wideMm }) =>
      role === 'beam' ? [from[2] - wideMm / 2] : [],
    ),
  );

/** The posts on plates, on shoes in concrete, or in their holes. */
function standing(v: ArborValues, posts: number): Listed<StatedStep> {
  if (v.feet === 'plates')
    return [
      { what: fact('step.plates'), caution: fact('care.concrete-dust') },
      { what: fact('step.on-plates'), people: 2 },
    ];
  const holes: StatedStep = { what: fact('step.dig', { posts, depth: { mm: v.depth + v.gravel } }) };
  if (v.feet === 'shoes')
    return [
      holes,
      { what: fact('step.pads', { up: { mm: SHOE_UP_MM } }), waitHours: PADS_HOURS, caution: fact('care.cement') },
      { what: fact('step.on-shoes'), people: 2 },
    ];
  return [holes, { what: fact('step.stand'), people: 2 }, ...footingSteps(v.footing), { what: fact('step.plumb') }];
}

/** Templates first, then posts to one frame, beams, and plumb looked at again after the pour; rafters from both ends to the middle. */
function steps(design: Design, v: ArborValues): Listed<StatedStep> {
  const bars = ofShape(design.parts, 'bar');
  const has = (role: string): boolean => bars.some((part) => part.role === role);
  const shaped = v.beamEnds !== 'plain' || v.rafterEnds !== 'plain';
  const posts = design.posts.length;
  return [
    shaped && { what: fact('step.template'), caution: fact('care.jigsaw') },
    { what: fact('step.finish') },
    { what: fact('step.mark', { posts, inside: { mm: v.inside }, long: { mm: v.long } }) },
    ...standing(v, posts),
    { what: fact('step.trim', { under: { mm: topOf(design) } }), caution: fact('care.steps') },
    sortOf(v) === 'paired'
      ? {
          what: fact('step.pairs', { over: { mm: v.beamOver }, under: { mm: undersideOf(design) } }),
          people: 2,
          caution: fact('care.lift'),
        }
      : { what: fact('step.beams', { over: { mm: v.beamOver } }), people: 2, caution: fact('care.lift') },
    has('brace') && legOf(v) > 0 && { what: fact('step.braces', { leg: { mm: legOf(v) } }) },
    v.feet !== 'ground' && { what: fact('step.side-braces') },
    { what: fact('step.rafters', { over: { mm: v.rafterOver } }), people: 2 },
    has('roof slat') && { what: fact('step.roof-slats'), people: 2 },
    v.roof === 'wires' && { what: fact('step.roof-wires', { every: { mm: v.wireEvery } }), caution: fact('care.wire') },
    (v.sides === 'slats' || v.sides === 'lattice') && { what: fact('step.slats', { every: { mm: v.slatEvery } }) },
    has('side lath') && { what: fact('step.side-laths') },
    v.sides === 'mesh' && { what: fact('step.mesh-slats') },
    v.sides === 'mesh' && { what: fact('step.side-mesh'), people: 2, caution: fact('care.mesh-ends') },
    v.sides === 'wires' && {
      what: fact('step.side-wires', { every: { mm: v.slatEvery } }),
      caution: fact('care.wire'),
    },
    v.sides === 'slats' && v.strings > 0 && { what: fact('step.string', { strings: v.strings }) },
    design.stations.length > 0 && { what: fact('step.plant') },
  ];
}

const season = (_design: Design, _v: unknown, setting: WaySetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.walk') },
  ...clearing(setting, 'season.clear'),
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.template': { uses: ['tape', 'dividers', 'saw', 'clamps', 'goggles'] },
  'step.finish': { uses: ['brush', 'gloves'] },
  'step.mark': { uses: ['line', 'pegs', 'tape', 'square'] },
  'step.dig': { adds: ['gravel'], uses: ['hole digger', 'tape'] },
  'step.stand': { adds: ['post'], uses: ['level', 'bracing', 'clamps', 'tape'] },
  'step.on-plates': { adds: ['post'], uses: ['level', 'bracing', 'clamps', 'drill', 'tape'] },
  'step.on-shoes': { adds: ['post'], uses: ['level', 'bracing', 'clamps', 'drill', 'tape'] },
  'step.pairs': { adds: ['beam'], uses: ['steps', 'drill', 'clamps', 'level', 'tape'] },
  'step.side-braces': { adds: ['side brace'], uses: ['saw', 'bevel', 'drill', 'level'] },
  'step.roof-slats': { adds: ['roof slat'], uses: ['spacer', 'tape', 'drill', 'steps'] },
  'step.roof-wires': { adds: ['roof wire'], uses: ['hammer', 'pliers', 'snips', 'steps', 'gloves', 'goggles'] },
  'step.plumb': { uses: ['level', 'tape'] },
  'step.trim': { uses: ['line level', 'saw', 'steps', 'brush'] },
  'step.beams': { adds: ['beam'], uses: ['steps', 'drill', 'clamps', 'level'] },
  'step.braces': { adds: ['brace'], uses: ['saw', 'bevel', 'drill', 'steps'] },
  'step.rafters': { adds: ['rafter'], uses: ['tape', 'square', 'drill', 'steps'] },
  'step.slats': { adds: ['slat'], uses: ['spacer', 'level', 'drill'] },
  'step.mesh-slats': { adds: ['slat'], uses: ['tape', 'level', 'drill'] },
  'step.side-laths': { adds: ['side lath'], uses: ['spacer', 'level', 'drill', 'clamps'] },
  'step.side-mesh': { adds: ['side mesh'], uses: ['cutters', 'drill', 'gloves', 'goggles'] },
  'step.side-wires': { adds: ['side wire'], uses: ['hammer', 'pliers', 'snips', 'gloves', 'goggles'] },
  'step.string': { adds: ['string'], uses: ['knife', 'steps'] },
  'step.plant': { uses: ['spade'] },
};

export const BUILDING = { steps, doings, season };
