import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { DEMO_PLAN } from '../../../demo/garden';
import { distanceTo } from '../../../design/nearest';
import { extentOf } from '../../../design/extent';
import { ofShape, type Part } from '../../../design/shapes/shapes';
import { supportsOf } from '../../../joinery/meetings';
import { templatesOf } from '../../../design/templates';
import { reach, type Point } from '../../../geometry/space';
import { computeStructure } from '../../../plan/compute';
import { feet, inches } from '../../../quantity/length';
import { holesOf } from '../../../setting-out/holes';
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
const codes = ({ verdicts }: ReturnType<typeof onOpenGround>) => verdicts.map(({ told }) => told.code);
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
        const [near = 0, far = 0] = [at[0], at.at(-1)];
        const step = (far - near) / Math.max(1, at.length - 1);
        expect(step).toBeLessThanOrEqual(Number(knobs.rafterEvery?.value) + 1e-6);
        const tips = role(design.parts, 'beam').flatMap(({ from, to }) => [from[axis] as number, to[axis] as number]);
        for (const [i, mm] of at.entries()) {
          const off = Math.abs(mm - (near + i * step));
          // Where the screws would come out of the end of a beam it lies beside that.
          if (off > 1e-6) {
            expect(off).toBeCloseTo(26, 6);
            expect(Math.min(...tips.map((tip) => Math.abs(near + i * step - tip)))).toBeLessThan(25);
          }
        }
        const posts = role(design.parts, 'post').flatMap(({ from }) => [from[1 - axis] as number]);
        for (const { from, to } of rafters) {
          const over = [Math.min(...posts) - (from[1 - axis] as number), (to[1 - axis] as number) - Math.max(...posts)];
          expect(over[0]).toBeCloseTo(over[1] as number, 6);
        }
        const named = new Map(design.parts.map((part) => [part.id, part]));
        for (const { kind: made, parts, places } of design.joints)
          if (
            [
              'rafter on beam',
              'beam on post',
              'beam to post',
              'beam to brace',
              'slat on rafter',
              'wire on rafter',
              'brace to post',
              'brace to beam',
            ].includes(made)
          )
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

  it('paired beams lie on both faces of every post from the headroom up, and are nowhere both broken over one post', () => {
    for (const bays of [1, 3, 5]) {
      const { design } = onOpenGround({
        bays,
        long: feet(7 * bays),
        beams: 'along',
        beamSort: 'paired',
        headroom: feet(7),
      }).sized;
      const beams = role(design.parts, 'beam');
      for (const { from, wideMm } of beams) expect(from[2] - wideMm / 2).toBeCloseTo(feet(7), 6);
      for (const post of role(design.parts, 'post')) {
        expect(post.to[2]).toBeCloseTo(feet(7) + (beams[0]?.wideMm ?? 0), 6);
        const at = beams.filter(({ id }) =>
          design.joints.some(({ parts }) => parts.includes(id) && parts.includes(post.id)),
        );
        const faces = new Set(at.map(({ from }) => Math.sign(from[1] - post.to[1])));
        expect(faces.size).toBe(2);
        // Three boards where one of the two is broken, never four.
        expect(at.length).toBeLessThanOrEqual(3);
      }
    }
  });

  it('slats close the share of the roof that is asked for, to half of one slat, in equal spaces; wires lie no farther apart than is said', () => {
    fc.assert(
      fc.property(
        fc.record({
          shade: fc.integer({ min: 15, max: 85 }),
          inside: fc.integer({ min: 900, max: 2400 }),
          long: fc.integer({ min: 900, max: 3000 }),
          beams: fc.constantFrom('across', 'along'),
          roofSlatOf: fc.constantFrom('2x2', '1x3'),
        }),
        (knobs) => {
          const { design } = onOpenGround({ ...knobs, roof: 'slats' }).sized;
          const slats = role(design.parts, 'roof slat').filter(
            ({ id }) => !/-[2-9]$/.test(id.replace(/^roof-slat-\d+/, '')),
          );
          const axis = knobs.beams === 'across' ? 0 : 1;
          const at = slats.map(({ from }) => from[axis] as number);
          const [wide, steps] = [slats[0]?.wideMm ?? 0, at.slice(1).map((mm, i) => mm - (at[i] as number))];
          expect(Math.max(...steps) - Math.min(...steps)).toBeLessThan(1e-6);
          expect(Math.min(...steps)).toBeGreaterThanOrEqual(wide + 8 - 1e-6);
          const covered = (at.at(-1) as number) - (at[0] as number) + wide;
          const wanting = (knobs.shade / 100) * covered - slats.length * wide;
          // No more of them than find room with 8 mm between any two.
          const isFull = slats.length * (wide + 8) + wide > covered;
          expect(isFull ? -wanting : Math.abs(wanting)).toBeLessThanOrEqual(wide / 2 + 1e-6);
        },
      ),
      { numRuns: cases(30) },
    );
    const wired = onOpenGround({ roof: 'wires', wireEvery: inches(10) }).sized.design;
    const along = ofShape(wired.parts, 'line')
      .flatMap(({ path }) => path.slice(0, 1).map(([x]) => x))
      .toSorted((a, b) => a - b);
    for (const [i, x] of along.slice(1).entries())
      expect(x - (along[i] as number)).toBeLessThanOrEqual(inches(10) + 1e-6);
    expect(along.length).toBeGreaterThan(3);
  });

  it('on paving stands on plates that are bolted to it, nothing goes into the ground, and four anchors hold each; on soil none is offered, on a deck it has no feet', () => {
    const on = (is: 'paving' | 'soil' | 'decking', knobs: Record<string, number | string> = {}) =>
      computeStructure(DEMO_PLAN, {
        id: 'a',
        kind: 'arbor',
        name: 'A',
        plantings: [],
        stand: {
          on: 'spot',
          at: { xMm: 19_000, yMm: 8000, turnDeg: 0 },
          underfoot: is === 'decking' ? { is, bearsKgM2: null, answeredBy: '' } : { is },
        },
        knobs,
      });
    const slab = on('paving', { inside: feet(5) });
    const posts = role(slab.sized.design.parts, 'post');
    for (const post of posts) expect([post.stands?.set, post.buriedMm, post.from[2]]).toEqual(['plate', 0, 25]);
    const lines = (use: string) =>
      slab.bill.filter((line) => line.stock === use).reduce((sum, { count }) => sum + count, 0);
    expect([lines('post-plate'), lines('anchor-bolt')]).toEqual([posts.length, 4 * posts.length]);
    expect(slab.sized.design.parts.filter(({ shape }) => shape === 'fill')).toEqual([]);
    expect(codes(slab)).not.toContain('ground.none');
    expect(codes(slab)).toContain('shoes.braced');
    for (const { by } of supportsOf(slab.sized.design)) expect(by).toBe('plate');
    expect(slab.sized.knobs['feet']?.value).toBe('plates');
    expect(on('soil').sized.knobs['feet']?.value).toBe('ground');
    expect(codes(on('decking'))).toContain('ground.none');
  });

  it('on shoes no wood is in the soil, and braces stop it leaning both ways, or that is said', () => {
    const stood = (knobs: Record<string, number | string>) => onOpenGround({ feet: 'shoes', ...knobs });
    const { sized, verdicts } = stood({ beams: 'across' });
    for (const bar of ofShape(sized.design.parts, 'bar')) expect(bar.from[2]).toBeGreaterThanOrEqual(50);
    expect(role(sized.design.parts, 'side brace').length).toBe(2);
    expect(holesOf(sized.design).map(({ posts, deepMm }) => [posts.length, deepMm])).toEqual([
      [4, expect.closeTo(Number(sized.knobs['depth']?.value) + Number(sized.knobs['gravel']?.value), 6)],
    ]);
    expect(verdicts.map(({ told }) => told.code)).toContain('shoes.braced');
    for (const knobs of [{ beams: 'along' }, { beams: 'across', braceLeg: 0 }])
      expect(codes(stood(knobs))).toContain('shoes.lean');
    expect(codes(onOpenGround({}))).not.toContain('shoes.lean');
  });

  it('sides: laths, mesh and wires lie on what holds them, between the beams and where the lowest is asked for, alike on both', () => {
    fc.assert(
      fc.property(anyPlan(kind), fc.constantFrom('slats', 'lattice', 'mesh', 'wires'), (plan, sides) => {
        const [structure] = plan.structures as [(typeof plan.structures)[number]];
        const closed = { ...structure, knobs: { ...structure.knobs, sides } };
        const { design, knobs } = first({ ...plan, structures: [closed] }).sized;
        if (knobs.sides?.value !== sides) return;
        const at = design.parts.filter(({ role: of }) => ['slat', 'side lath', 'side mesh', 'side wire'].includes(of));
        const named = (of: string) => at.filter((part) => part.role === of);
        expect(
          named(
            sides === 'slats' ? 'slat' : sides === 'lattice' ? 'slat' : `side ${sides === 'mesh' ? 'mesh' : 'wire'}`,
          ).length,
        ).toBeGreaterThan(0);
        expect(named('slat').length > 0).toBe(sides !== 'wires');
        // Front and back are one another's mirror.
        for (const of of ['slat', 'side lath', 'side mesh', 'side wire']) {
          const [front, back] = ['front', 'back'].map((side) => named(of).filter(({ id }) => id.includes(side)).length);
          expect(front, of).toBe(back);
        }
        const under = Math.min(...role(design.parts, 'beam').map(({ from, wideMm }) => from[2] - wideMm / 2));
        for (const part of at) {
          const high = Math.max(...extentOf(part).map((spot) => spot[2]));
          expect(high).toBeLessThan(under);
        }
        for (const joint of design.joints.filter(({ kind: made }) =>
          ['lath on slat', 'mesh on slat', 'wire on post'].includes(made),
        ))
          for (const id of joint.parts)
            for (const place of joint.places)
              expect(
                distanceTo(design.parts.find((part) => part.id === id) as Part, place),
                `${joint.id} ${id}`,
              ).toBeLessThan(3);
      }),
      { numRuns: cases(30) },
    );
  });

  it('old wisteria on a pergola of 7′ bays: 20 lb to a foot, half of it on each line of 2×6 (by hand); the heaviest counts', () => {
    const grown = (crops: string[], knobs: Record<string, number | string> = {}) =>
      computeStructure(
        {
          ...DEMO_PLAN,
          plantings: crops.map((crop, i) => ({
            id: `p${i}`,
            bed: 'lock-west',
            crop,
            training: 'vine',
            count: 1,
            year: DEMO_PLAN.garden.year,
          })),
        },
        {
          id: 'a',
          kind: 'arbor',
          name: 'A',
          plantings: crops.map((_, i) => `p${i}`),
          stand: { on: 'beds', beds: ['lock-west', 'lock-east'] },
          knobs,
        },
      );
    const wide = {
      bays: 2,
      long: inches(2 * 84 + 3.5),
      inside: inches(54),
      beams: 'along',
      beamOf: '2x6',
      beamSort: 'on top',
      section: '4x4',
    };
    const { sized, verdicts } = grown(['clematis', 'wisteria'], wide);
    const vines = sized.facts as { vines: { kgM: number; weightKg: number; beam: { share: number; spanMm: number } } };
    expect(vines.vines.kgM).toBeCloseTo((20 * 0.45359237) / 0.3048, 1);
    expect(vines.vines.beam.spanMm).toBeCloseTo(inches(84), 6);
    // 29.8 kg/m · 9.80665 / 2 = 146 N/m over 2134 mm: see the statics of that beam.
    expect(vines.vines.beam.share).toBeCloseTo(0.147, 2);
    expect(verdicts.map(({ told }) => told.code)).toContain('vines.borne');
    const far = grown(['wisteria'], { ...wide, bays: 1, long: feet(22) });
    const told = far.verdicts.find(({ told: { code } }) => code === 'vines.beams');
    expect(told?.mend).toBeDefined();
  });
});
