import type { Doings } from '../../../building/tools';
import { countOf } from '../../../crops/planted';
import type { Design } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import { inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { footingSteps } from '../../assemblies/footing';
import type { BedSetting } from '../../setting';
import type { SeasonNote, StatedStep } from '../../step';
import { wireHeights } from '../../rules/level-wires';
import { isRaspberry, type PostAndWireValues } from './knobs';

/** End posts first and held, line posts to a string between them, then wire by wire from the top. */
function steps(design: Design, v: PostAndWireValues): Listed<StatedStep> {
  const posts = design.posts.length;
  const between = posts - 2;
  return [
    { what: fact('step.line', { posts, row: { mm: design.builtMm } }) },
    { what: fact('step.dig', { ends: { mm: Math.max(v.depth, v.endDepth) + v.gravel } }) },
    { what: fact('step.stand'), people: 2, adds: endsOf(design) },
    ...(between > 0
      ? [
          {
            what: fact('step.between', { posts: between, depth: { mm: v.depth + v.gravel } }),
            people: 2 as const,
          },
        ]
      : []),
    ...footingSteps(v.footing),
    { what: fact('step.trim'), caution: fact('care.saw') },
    v.ends === 'strut' && { what: fact('step.strut') },
    v.ends === 'guy' && { what: fact('step.guy') },
    v.form === 'double' && { what: fact('step.arms', { heights: wireHeights(v).length }) },
    { what: fact('step.heights', { heights: wireHeights(v).length }) },
    { what: fact('step.wire'), people: 2, caution: fact('care.wire') },
    { what: fact('step.strain', { pull: { newtons: v.pull } }), caution: fact('care.strain') },
    { what: fact('step.plant') },
  ];
}

const endsOf = ({ posts }: Design): string[] => [posts[0], posts.at(-1)].flatMap((post) => (post ? [post.id] : []));

/** Canes are tied so far apart: about ten to the yard (from memory). mm. */
const CANES_APART_MM = inches(3.6);

const season = (design: Design, _v: unknown, setting: BedSetting): Listed<SeasonNote> => [
  { on: null, what: fact('season.strain') },
  isRaspberry(setting) &&
    countOf(setting.planted) > 0 && {
      on: null,
      what: fact('season.canes', { canes: Math.round(design.builtMm / CANES_APART_MM), apart: { mm: CANES_APART_MM } }),
    },
];

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.line': { uses: ['line', 'pegs', 'tape', 'chalk', 'plumb'] },
  'step.dig': { uses: ['hole digger', 'tape'] },
  'step.stand': { adds: ['gravel'], uses: ['level', 'bracing', 'line'] },
  'step.between': { adds: ['post'], uses: ['hole digger', 'level', 'line'] },
  'step.trim': { uses: ['line level', 'saw', 'brush', 'steps'] },
  'step.strut': { adds: ['strut'], uses: ['spade', 'saw', 'bevel', 'drill'] },
  'step.guy': { adds: ['guy wire'], uses: ['bar', 'drill', 'pliers', 'snips', 'gloves', 'goggles'] },
  'step.arms': { adds: ['arm'], uses: ['level', 'square', 'drill', 'clamps'] },
  'step.heights': { uses: ['tape', 'chalk'] },
  'step.wire': { adds: ['wire'], uses: ['pliers', 'snips', 'hammer', 'gloves', 'goggles'] },
  'step.strain': { joins: ['wire to post'], uses: ['bar', 'hammer', 'gloves', 'goggles'] },
  'step.plant': { uses: [] },
};

export const BUILDING = { steps, doings, season };
