import type { Listed } from '../../../design/listed';
import type { Doings } from '../../../building/tools';
import type { Design } from '../../../design/design';
import { fact } from '../../../wording/say';
import { footingSteps } from '../../assemblies/footing';
import type { SeasonNote, StatedStep } from '../../step';
import { footingOf, type TwineFrameValues } from './knobs';
import { clearing } from '../../rules/clearing';
import type { Setting } from '../../setting';

/** Ends first, plumb and braced; the beam is cut to what was built. */
function steps(design: Design, v: TwineFrameValues): Listed<StatedStep> {
  const posts = design.posts.length;
  const footing = footingOf(v.setIn);
  const toDig = v.setIn === 'bed' ? posts - 2 : posts;
  const [board] = design.boards ?? [];
  const braced = design.parts.some((part) => part.role === 'brace');
  return [
    board && {
      what: fact('step.rip', {
        strip: { mm: board.guides[0]?.stripMm ?? 0 },
        guide: { mm: board.guides[0]?.guideMm ?? 0 },
      }),
      people: 2,
      caution: fact('care.saw'),
    },
    { what: fact(board ? 'step.cut-strips' : 'step.cut'), caution: fact('care.saw') },
    toDig > 0 && { what: fact('step.dig', { posts: toDig, depth: { mm: v.depth } }) },
    v.setIn === 'bed' && { what: fact('step.screw-bed'), people: 2 },
    toDig > 0 && { what: fact('step.stand'), people: 2 },
    ...(toDig > 0 ? footingSteps(footing) : []),
    { what: fact('step.remeasure') },
    { what: fact('step.beam'), people: 2, caution: fact('care.lift') },
    braced && { what: fact('step.braces') },
    v.rows > 1 && { what: fact('step.arms', { arm: { mm: v.armLength } }) },
    { what: fact(v.hang === 'eye' ? 'step.eyes' : 'step.holes') },
    { what: fact('step.strings', { slack: { mm: v.slack } }) },
    v.skirt === 'low' && { what: fact('step.skirt') },
    { what: fact('step.train') },
  ];
}

function season(_design: Design, v: TwineFrameValues, setting: Setting): Listed<SeasonNote> {
  return [
    v.skirt === 'low' && { on: null, what: fact('season.skirt-off') },
    { on: null, what: fact('season.wind') },
    ...clearing(setting, v.twine === 'natural' ? 'season.compost' : 'season.unpick'),
  ];
}

/** What each step adds, and what it is done with. */
const doings: Doings = {
  'step.rip': { uses: ['saw bench', 'tape', 'goggles', 'muffs', 'mask'] },
  'step.cut-strips': { uses: ['saw', 'square', 'tape'] },
  'step.cut': { uses: ['saw', 'square', 'tape', 'goggles', 'muffs'] },
  'step.dig': { uses: ['hole digger', 'line', 'pegs', 'tape'] },
  'step.screw-bed': { adds: ['post'], uses: ['level', 'drill', 'clamps'] },
  'step.stand': { adds: ['post'], uses: ['level', 'bracing', 'line'] },
  'step.remeasure': { uses: ['tape', 'saw'] },
  'step.beam': { adds: ['beam'], uses: ['drill', 'steps', 'square'] },
  'step.braces': { adds: ['brace'], uses: ['saw', 'bevel', 'drill', 'clamps'] },
  'step.arms': { adds: ['cross arm'], uses: ['drill', 'square', 'tape'] },
  'step.eyes': { joins: ['string to beam', 'string to arm'], uses: ['drill', 'tape', 'steps'] },
  'step.holes': { uses: ['drill', 'tape', 'steps'] },
  'step.strings': { adds: ['string'], uses: ['knife', 'tape'] },
  'step.skirt': { adds: ['wind skirt'], uses: ['hammer', 'knife'] },
  'step.train': { uses: [] },
};

export const BUILDING = { steps, doings, season };
