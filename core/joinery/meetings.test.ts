import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { CATALOGUE } from '../catalogue/catalogue';
import { DEMO_PLAN } from '../demo/garden';
import type { Design } from '../design/design';
import { linkedBy } from '../design/linked';
import { touches } from '../design/nearest';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { computeAs } from '../plan/compute-as';
import type { Plan } from '../plan/plan';
import { inches } from '../quantity/length';
import { anyPlan } from '../structures/any-plan.fixture';
import { onBed } from '../structures/onto-bed.fixture';
import { kindOf, KINDS } from '../structures/registry';
import { carriesOf } from './held-by';
import { gapAt, meetingsOf, supportsOf, type Meeting, type Support } from './meetings';

/** Parts that nothing holds down to what a design stands on. */
function hanging(parts: readonly Part[], meetings: readonly Meeting[], supports: readonly Support[]): string[] {
  const linked = linkedBy(meetings.map(({ a, b }) => [a, b] as const));
  return parts.flatMap(({ id }) => (supports.some(({ part }) => linked.same(part, id)) ? [] : [id]));
}

const computed = (plan: Plan) => computeAs(kindOf, plan, plan.structures[0] as Plan['structures'][number]);
const demo = (id: string): Design =>
  computeAs(kindOf, DEMO_PLAN, DEMO_PLAN.structures.find((one) => one.id === id) as Plan['structures'][number]).sized
    .design;

describe.each(KINDS.map((kind) => [kind.id, kind] as const))(
  'the joints of %s, over its whole knob space',
  (_id, kind) => {
    it('name what touches, pair by pair; all hangs together down to what it stands on, and what is hung can be pulled', () => {
      fc.assert(
        fc.property(anyPlan(kind), (plan) => {
          const { sized, verdicts } = computed(plan);
          // Where a post is sold too short nothing reaches its top, and that is said.
          fc.pre(verdicts.every(({ told }) => told.code !== 'post.short'));
          const { design } = sized;
          const named = new Map(design.parts.map((part) => [part.id, part]));
          const [meetings, supports] = [meetingsOf(design), supportsOf(design)];
          const met = new Set(meetings.flatMap(({ joint, a, b }) => [`${joint} ${a}`, `${joint} ${b}`]));
          for (const { joint, a, b, at } of meetings) {
            expect(at.length, `${joint}: ${a} and ${b}`).toBeGreaterThan(0);
            for (const place of at)
              expect(gapAt([place], named.get(a) as Part, named.get(b) as Part)).toBeLessThanOrEqual(80);
          }
          // Who meets nobody in a joint of several is held there by itself: by its own peg, in its own place.
          for (const joint of design.joints)
            for (const id of joint.parts)
              if (joint.parts.length > 1 && !met.has(`${joint.id} ${id}`))
                expect(
                  joint.places.some((place) => touches(named.get(id) as Part, place)),
                  `${joint.kind}: ${id}`,
                ).toBe(true);
          expect(hanging(design.parts, meetings, supports)).toEqual([]);
          const stands = new Set(supports.map(({ part }) => part));
          for (const { id } of design.parts.filter((part) => ['cord', 'face'].includes(shapeOf(part).nature)))
            expect(
              stands.has(id) || meetings.some(({ a, b, carries }) => [a, b].includes(id) && carries.pull),
              `${id} has no way down`,
            ).toBe(true);
          for (const { depthMm, acrossMm } of supports) expect([depthMm, acrossMm].every((mm) => mm >= 0)).toBe(true);
        }),
        { numRuns: cases(6) },
      );
    });
  },
);

describe('what is held by what', () => {
  it('one screw is a pivot, two hold against turning; what only bears cannot be pulled; a cord cannot be pressed', () => {
    expect(carriesOf('screwed', 1)).toEqual({ press: true, pull: true, shear: true, turn: false });
    expect(carriesOf('screwed', 2).turn).toBe(true);
    expect(carriesOf('bearing', 9)).toEqual({ press: true, pull: false, shear: false, turn: false });
    expect([carriesOf('tied', 3).press, carriesOf('hinged', 2).turn, carriesOf('cast in', 0).turn]).toEqual([
      false,
      false,
      true,
    ]);
  });

  it('a post in concrete stands as deep as it is let in and as wide as its hole, three of its faces; one that is driven by itself (by hand)', () => {
    const { design } = onBed('rail-trellis', { section: '4x4', depth: inches(24), footing: 'dry', gravel: 0 });
    const cast = supportsOf(design).filter(({ footing }) => footing !== null);
    expect(cast).toHaveLength(design.posts.length);
    for (const { by, depthMm, acrossMm } of cast) {
      expect([by, depthMm]).toEqual(['concrete', expect.closeTo(inches(24), 3)]);
      expect(acrossMm).toBeCloseTo(3 * inches(3.5), 3);
    }
    const driven = supportsOf(demo('tomato-wall'));
    expect(driven.length).toBeGreaterThan(0);
    for (const { by, footing } of driven) expect([by, footing]).toEqual(['driven', null]);
  });

  it('every fixing of the demo that goes through one part into another holds those two to each other, and is named by its meeting', () => {
    for (const structure of DEMO_PLAN.structures) {
      const { design } = computeAs(kindOf, DEMO_PLAN, structure).sized;
      const meetings = meetingsOf(design);
      for (const joint of design.joints)
        joint.fixings.forEach(({ drive, stock }, i) => {
          if (drive?.through == null || drive.into === null) return;
          const own = meetings.find((one) => one.joint === joint.id && one.fixings.includes(i));
          expect([own?.a, own?.b]).toEqual([drive.through, drive.into]);
          expect(CATALOGUE.stock(stock).form).toBe('piece');
        });
    }
  });

  it('finds what hangs on nothing, and what nothing says how it is held', () => {
    const design = demo('tomato-wall');
    const [lost] = design.parts.filter((part) => shapeOf(part).nature === 'face') as [Part];
    const joints = design.joints.filter(({ parts }) => !parts.includes(lost.id));
    expect(hanging(design.parts, meetingsOf({ ...design, joints }), supportsOf(design))).toContain(lost.id);
    const bare = design.joints.map((joint) => ({ ...joint, fixings: [] }));
    expect(() => meetingsOf({ ...design, joints: bare })).toThrow(/by what .* is held/);
  });
});
