import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { DEMO_PLAN } from '../../../demo/garden';
import { distanceTo } from '../../../design/nearest';
import { ofShape, type Part } from '../../../design/shapes/shapes';
import { templatesOf } from '../../../design/templates';
import { reach, type Point } from '../../../geometry/space';
import { computeStructure } from '../../../plan/compute';
import { feet, inches } from '../../../quantity/length';
import { SOIL } from '../../../site/underfoot';
import { anyPlan, first } from '../../any-plan.fixture';
import { kind } from './index';

const onOpenGround = (knobs: Record<string, number | string>) =>
  computeStructure(DEMO_PLAN, {
    id: 'a',
    kind: 'arbor',
    name: 'A',
    plantings: [],
    stand: { on: 'spot', at: { xMm: 19_000, yMm: 8000, turnDeg: 0 }, underfoot: SOIL },
    knobs,
  });
const role = (parts: readonly Part[], wanted: string) => ofShape(parts, 'bar').filter((part) => part.role === wanted);

describe('arbor', () => {
  it('54″ clear on 4×4 posts with a foot over: beams of 7′ 1″, rafters of 56″ over 3′, as many spaces as 16″ allows (by hand)', () => {
    const { design } = onOpenGround({
      inside: inches(54),
      long: feet(3),
      beamOver: inches(12),
      rafterOver: inches(10),
      rafterEvery: inches(16),
      section: '4x4',
    }).sized;
    const [beams, rafters] = [role(design.parts, 'beam'), role(design.parts, 'rafter')];
    // 54 + 2 × 3½ + 2 × 12 = 85″; 36 + 2 × 10 = 56″; 85″ less an inch and half a rafter at both ends are 81½″: six spaces.
    expect([beams.length, beams[0]?.cutMm]).toEqual([2, expect.closeTo(inches(85), 6)]);
    expect([rafters.length, rafters[0]?.cutMm]).toEqual([7, expect.closeTo(inches(56), 6)]);
    expect(role(design.parts, 'brace').length).toBe(4);
  });

  it('whatever its knobs: rafters in equal spaces stand out alike, lie on their beams, and all shaped ends are of two templates', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design, knobs } = first(plan).sized;
        const rafters = role(design.parts, 'rafter');
        const axis = knobs.beams?.value === 'across' ? 1 : 0;
        const at = rafters.map(({ from }) => from[axis] as number);
        const steps = at.slice(1).map((mm, i) => mm - (at[i] ?? 0));
        expect(Math.max(...steps) - Math.min(...steps)).toBeLessThan(1e-6);
        expect(Math.max(...steps)).toBeLessThanOrEqual(Number(knobs.rafterEvery?.value) + 1e-6);
        const posts = role(design.parts, 'post').flatMap(({ from }) => [from[1 - axis] as number]);
        for (const { from, to } of rafters) {
          const [near, far] = [
            Math.min(...posts) - (from[1 - axis] as number),
            (to[1 - axis] as number) - Math.max(...posts),
          ];
          expect(near).toBeCloseTo(far, 6);
        }
        const named = new Map(design.parts.map((part) => [part.id, part]));
        for (const { kind: made, parts, places } of design.joints)
          if (['rafter on beam', 'beam on post', 'brace to post', 'brace to beam'].includes(made))
            for (const id of parts)
              for (const place of places)
                // A bar's own measure is round about it: within its half width at the most.
                expect(distanceTo(named.get(id) as Part, place), `${made}: ${id}`).toBeLessThan(1);
        const names = new Set(templatesOf(design).map(({ name }) => name));
        for (const name of names) expect(['beam end', 'rafter end']).toContain(name);
      }),
      { numRuns: cases(40) },
    );
  });

  it('its braces are as long as 45° has it: leg × √2 in the middle, a width more over all (Pythagoras)', () => {
    const { design } = onOpenGround({ braceLeg: inches(18), inside: inches(60) }).sized;
    for (const { from, to, cutMm, wideMm } of role(design.parts, 'brace')) {
      expect(reach(from as Point, to as Point)).toBeCloseTo(inches(18) * Math.SQRT2, 6);
      expect(cutMm).toBeCloseTo(inches(18) * Math.SQRT2 + wideMm, 6);
    }
  });

  it('a pergola is broken over its posts where no beam is as long, each piece on a post at both ends', () => {
    const { design } = onOpenGround({ bays: 4, long: feet(30), beams: 'along', beamEnds: 'wave' }).sized;
    const beams = role(design.parts, 'beam');
    const posts = role(design.parts, 'post');
    expect(beams.length).toBeGreaterThan(2);
    expect(Math.max(...beams.map(({ cutMm }) => cutMm))).toBeLessThanOrEqual(feet(16) + 0.5);
    // Only what stands out past the posts is shaped.
    expect(beams.flatMap(({ ends }) => ends.filter(({ cut }) => cut === 'shaped')).length).toBe(4);
    for (const beam of beams) {
      const under = posts.filter(
        ({ to }) => Math.abs(to[1] - beam.from[1]) < 1 && to[0] >= beam.from[0] - 1 && to[0] <= beam.to[0] + 1,
      );
      expect(under.length).toBeGreaterThanOrEqual(2);
    }
  });
});
