import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import type { Design } from '../design/design';
import { computeAs } from '../plan/compute-as';
import { stepsOf } from '../plan/steps';
import { anyPlan } from './any-plan.fixture';
import { kindOf, KINDS } from './registry';
import { nearAnEdge, outOfReach, overhang, unsound } from './unsound.fixture';

/** On a corner of a fence that is not square braces of one run lie askew on the post: there their screws bite less, or meet those of the other, and mesh is behind them; those of a frame bite most of their inch. */
const ASKEW =
  /^(they meet: .*)?brace to post|^(low )?mesh to post: brace is in the way|^(frame|rail) to post: \S+ bites/;
const askew = ({ ground }: Design): boolean => {
  if (!('path' in ground)) return false;
  const ways = ground.path.slice(1).map((to, i) => {
    const from = ground.path[i] as (typeof ground.path)[number];
    return Math.atan2(to[1] - from[1], to[0] - from[0]);
  });
  // The last of a closed path meets the first.
  return [...ways.slice(1), ways[0] as number].some(
    (way, i) => Math.abs(Math.sin(2 * (way - (ways[i] as number)))) > 0.01,
  );
};
const squarely =
  (design: Design) =>
  (fault: string): boolean =>
    !askew(design) || !ASKEW.test(fault);
/** Where these are found, what is held does not reach what should hold it, and that is what is said. */
const SAID = ['post.short', 'panel.leans', 'path.sharp', 'path.crosses'];

it.each(KINDS.map((kind) => [kind.id, kind] as const))(
  'every fixing of %s bites, lies with all of its steel on what is there, stays inside and off the edges, meets no other and can be reached when its step comes, over its whole knob space',
  (_id, kind) => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const computed = computeAs(kindOf, plan, plan.structures[0] as (typeof plan.structures)[number]);
        const { sized, verdicts } = computed;
        if (verdicts.some(({ told }) => SAID.includes(told.code))) return;
        expect(unsound(sized.design).filter(squarely(sized.design))).toEqual([]);
        expect(overhang(sized.design)).toEqual([]);
        // About three shanks, and well over one, where a corner is crowded or tiny.
        expect(nearAnEdge(sized.design, { end: 2.9, edge: 1.25 }).filter(squarely(sized.design))).toEqual([]);
        expect(outOfReach(sized.design, stepsOf(computed)).filter(squarely(sized.design))).toEqual([]);
      }),
      { numRuns: cases(25) },
    );
  },
);

it('keeps three shanks to every edge (EN 1995-1-1 table 8.2) and four to every square end in whatever stands in the demo', () => {
  for (const structure of DEMO_PLAN.structures)
    expect(
      nearAnEdge(computeAs(kindOf, DEMO_PLAN, structure).sized.design, { end: 4, edge: 3 }),
      structure.name,
    ).toEqual([]);
});
