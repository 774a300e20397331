import type { Design } from '../../design/design';
import { fact } from '../../wording/say';
import type { Step } from '../kind';
import type { TwineFrameValues } from './size';

/** Ends first, plumb and braced; the beam is cut to what was built. */
export function twineFrameSteps(design: Design, v: TwineFrameValues): Step[] {
  const posts = design.support.posts.length;
  return [
    { what: fact('step.locate'), people: 1, caution: fact('care.services') },
    { what: fact('step.cut'), people: 1, caution: fact('care.saw') },
    { what: fact('step.dig', { posts, depth: { mm: v.depth } }), people: 1 },
    { what: fact('step.stand'), people: 2 },
    { what: fact('step.remeasure'), people: 1 },
    { what: fact('step.beam'), people: 2, caution: fact('care.lift') },
    ...(v.braces === 'none' ? [] : [{ what: fact('step.braces'), people: 1 } as const]),
    { what: fact(v.hang === 'eye' ? 'step.eyes' : 'step.holes'), people: 1 },
    { what: fact('step.strings', { slack: { mm: v.slack } }), people: 1 },
    { what: fact('step.train'), people: 1 },
  ];
}
