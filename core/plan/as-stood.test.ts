import fc from 'fast-check';
import { afterAll, describe, expect, it } from 'vitest';
import { CATALOGUE, stockOf } from '../catalogue/catalogue';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { anyPlan, first } from '../structures/any-plan.fixture';
import { kindOf } from '../structures/registry';
import { clearBefore } from '../structures/rules/as-stood';
import { measuredIn } from '../structures/rules/measured-in';
import { outOfReach, unsound } from '../structures/unsound.fixture';
import { computeStructure } from './compute';
import type { Plan } from './plan';
import { withReadings, type Reading } from './readings';

const baysOf = (plan: Plan) => first(plan).sized.design.bays ?? [];
/** What a tape says before the second post of some bays, by share of what it may say. */
const readingsAt = (plan: Plan, shares: readonly number[]): Reading[] => {
  const { id: structure, kind } = plan.structures[0]!;
  return baysOf(plan).flatMap(({ posts, asStood }, i): Reading[] => {
    const share = shares[i % shares.length]!;
    return asStood && share >= 0
      ? [
          {
            structure,
            kind,
            knob: clearBefore(posts[1]),
            mm: asStood.leastMm + share * (asStood.mostMm - asStood.leastMm),
          },
        ]
      : [];
  });
};

const asUnsaid = (bay: ReturnType<typeof baysOf>[number]) => ({ ...bay, asStood: { ...bay.asStood, saidMm: null } });

/** Of a row everything after a bay moves along; a fence ends where it was set. */
const ROWS = ['rail-trellis', 'post-and-wire', 'weave', 'twine-frame', 'panel-wall'];

describe.each([...ROWS, 'garden-fence'].map(kindOf))('bays of $id as they were built', (kind) => {
  let measured = 0;
  afterAll(() => expect(measured).toBeGreaterThan(8));

  it('are as wide as the tape said, whatever it said; all of it is built to them, and the plan keeps what was meant', () => {
    fc.assert(
      fc.property(
        anyPlan(kind),
        // Less than nought: nothing was measured there.
        fc.array(
          fc.integer({ min: -300, max: 1000 }).map((n) => n / 1000),
          { minLength: 1, maxLength: 5 },
        ),
        (plan, shares) => {
          const readings = readingsAt(plan, shares);
          const over = withReadings(plan, readings);
          const built = first(over);
          measured += measuredIn(built.sized.design).measured;
          for (const { posts, clearMm, asStood } of built.sized.design.bays ?? []) {
            const said = readings.find(({ knob }) => knob === clearBefore(posts[1]));
            // What one bay takes may leave another less than its tape says: that is told as not measured.
            if (asStood?.isMeasured) expect(Math.abs(clearMm - (said?.mm ?? NaN))).toBeLessThan(0.01);
            else if (asStood && ROWS.includes(kind.id)) expect(clearMm).toBeCloseTo(asStood.plannedMm, 6);
          }
          if (ROWS.includes(kind.id))
            expect((built.sized.design.bays ?? []).filter(({ asStood }) => asStood?.isMeasured)).toHaveLength(
              readings.length,
            );
          // Where posts are too short for what was asked it holds nothing, measured or not.
          if (unsound(first(plan).sized.design).length === 0) expect(unsound(built.sized.design)).toEqual([]);
          expect(first(plan)).toEqual(first({ ...over, structures: plan.structures }));
        },
      ),
      { numRuns: cases(25) },
    );
  });

  it('say nothing where the tape says what cannot be, or another post', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { id: structure, kind: of } = plan.structures[0]!;
        const wrong = baysOf(plan).flatMap(({ posts, asStood }) =>
          asStood
            ? [asStood.leastMm - 1, asStood.mostMm + 1, -10].map((mm) => ({
                structure,
                kind: of,
                knob: clearBefore(posts[1]),
                mm,
              }))
            : [],
        );
        const other = { structure, kind: of, knob: clearBefore('nobody'), mm: 1000 };
        const meant = first(plan).sized.design;
        expect(first(withReadings(plan, [other])).sized.design).toEqual(meant);
        for (const one of wrong) {
          const { bays = [], ...design } = first(withReadings(plan, [one])).sized.design;
          expect({ ...design, bays: bays.map(asUnsaid) }).toEqual({ ...meant, bays: (meant.bays ?? []).map(asUnsaid) });
          // It is not swallowed: what was said and cannot be is told where it was typed.
          expect(bays.flatMap(({ asStood }) => asStood?.saidMm ?? [])).toEqual([one.mm]);
        }
      }),
      { numRuns: cases(8) },
    );
  });
});

it('the melon trellis with three odd gaps: its panels are cut to each, its rails reach from post to post, its list comes out anew', () => {
  const alone = { ...DEMO_PLAN, structures: DEMO_PLAN.structures.filter(({ id }) => id === 'melon-trellis') };
  const meant = computeStructure(alone, alone.structures[0]!);
  const clear = meant.sized.design.bays?.[0]?.clearMm ?? 0;
  const odd = [-62, 25, 103].map((by) => clear + by);
  const over = withReadings(
    alone,
    odd.map((mm, i) => ({ structure: 'melon-trellis', kind: 'rail-trellis', knob: clearBefore(`post-${i + 2}`), mm })),
  );
  const built = computeStructure(over, over.structures[0]!);
  const bays = built.sized.design.bays ?? [];
  expect(bays.slice(0, 3).map(({ clearMm }) => Math.round(clearMm))).toEqual(
    odd.slice(0, bays.length).map((mm) => Math.round(mm)),
  );
  // A panel between two posts is no longer than what is clear there, and no shorter than that by a mesh.
  for (const [i, { clearMm }] of bays.entries()) {
    const panel = built.sized.design.parts.find(({ id }) => id === `panel-${i + 1}`);
    const cutMm = panel && 'cutMm' in panel ? panel.cutMm : 0;
    expect(cutMm).toBeLessThanOrEqual(clearMm + 0.5);
    expect(cutMm).toBeGreaterThan(clearMm - 205);
  }
  const lengthOf = (computed: typeof built): number =>
    computed.sized.design.parts
      .filter(({ id }) => id.startsWith('rail-front-bottom'))
      .reduce((sum, part) => sum + ('cutMm' in part ? part.cutMm : 0), 0);
  const by = bays.reduce((sum, { clearMm, asStood }) => sum + clearMm - (asStood?.plannedMm ?? 0), 0);
  expect(lengthOf(built) - lengthOf(meant)).toBeCloseTo(by, 3);
  expect(outOfReach(built.sized.design, [])).toEqual(outOfReach(meant.sized.design, []));
});

it('a bay that came out wider than a whole panel by more than a mesh is told, with panels behind the posts as what helps', () => {
  const melon = DEMO_PLAN.structures.find(({ id }) => id === 'melon-trellis')!;
  const structure = { ...melon, knobs: { panel: 'panel-3m', bays: 'clear', bay: 2500, rowLength: 5300 } };
  const alone = { ...DEMO_PLAN, structures: [structure] };
  const told = (mm: number) => {
    const over = withReadings(alone, [
      { structure: structure.id, kind: structure.kind, knob: clearBefore('post-2'), mm },
    ]);
    return computeStructure(over, over.structures[0]!).verdicts.find(({ check }) => check === 'bay-fits');
  };
  const { lengthMm, pitchMm } = stockOf(CATALOGUE, 'panel-3m', 'panel');
  expect(told(lengthMm + pitchMm - 5)?.told.code).toBe('bay.fits');
  expect(told(lengthMm + pitchMm + 5)).toMatchObject({
    level: 'warn',
    told: { code: 'bay.open' },
    mend: { settings: { hang: 'behind' } },
  });
});

it('panels over driven posts that stand where they stand: every lap holds a post, the last reaches the last and no further than a mesh, none is longer than it is sold', () => {
  const kind = kindOf('panel-wall');
  let laps = 0;
  fc.assert(
    fc.property(
      anyPlan(kind),
      fc.array(fc.integer({ min: 0, max: 620 }), { minLength: 1, maxLength: 7 }),
      (plan, of) => {
        const over = withReadings(
          plan,
          readingsAt(
            plan,
            of.map((n) => n / 1000),
          ),
        );
        const { sized, setting } = first(over);
        const { design, knobs } = sized;
        const bays = design.bays ?? [];
        if (measuredIn(design).measured === 0) return;
        const panel = stockOf(setting.catalogue, String(knobs.panel?.value), 'panel');
        const postsAt = [bays[0]!.fromMm, ...bays.map(({ fromMm, centresMm }) => fromMm + centresMm)];
        const sheets = design.parts.flatMap((part) => (part.role === 'panel' && part.shape === 'sheet' ? [part] : []));
        const joined = new Map(sheets.map(({ id }) => [id, new Set<string>()]));
        for (const joint of design.joints)
          if (joint.kind === 'panel to post')
            for (const id of joint.parts) for (const other of joint.parts) joined.get(id)?.add(other);
        const widest = Math.max(...bays.map(({ centresMm }) => centresMm));
        for (const [i, sheet] of sheets.entries()) {
          expect(sheet.cutMm).toBeLessThanOrEqual(panel.lengthMm + 0.5);
          // Where a panel is longer than two bays and a mesh, one post is within each of its laps.
          const next = sheets[i + 1];
          if (next && 2 * widest + panel.pitchMm < panel.lengthMm) {
            laps++;
            const both = design.joints.filter(
              ({ kind: what, parts }) =>
                what === 'panel to post' && parts.includes(sheet.id) && parts.includes(next.id),
            );
            const each = [...(joined.get(sheet.id) ?? [])].filter(
              (id) => joined.get(next.id)?.has(id) && id.startsWith('post'),
            );
            // On the level side of a slope each is hung by itself, from the same post.
            expect(both.length + each.length).toBeGreaterThan(0);
          }
        }
        const reach = design.builtMm;
        if (!('path' in design.ground) && Math.abs(design.ground.riseMm) < 1) {
          // Its end wire may lie beside the middle of the last post, but on its face.
          expect(reach).toBeGreaterThanOrEqual((postsAt.at(-1) ?? 0) - 18);
          expect(reach).toBeLessThan((postsAt.at(-1) ?? 0) + panel.pitchMm * 2);
        }
      },
    ),
    { numRuns: cases(60) },
  );
  expect(laps).toBeGreaterThan(0);
});

it('a wall of 16′ panels whose first bay came out ⅜″ wider needs no panel more: its end lies on the face of the third post; two inches wider it laps a post sooner', () => {
  const wall = DEMO_PLAN.structures.find(({ id }) => id === 'tomato-wall')!;
  const alone = { ...DEMO_PLAN, structures: [wall] };
  const panels = (by: number): number[] => {
    const meant = computeStructure(alone, wall).sized.design;
    const [bay] = meant.bays ?? [];
    const mm = (bay?.clearMm ?? 0) + by;
    const over = withReadings(alone, [{ structure: wall.id, kind: wall.kind, knob: clearBefore('post-2'), mm }]);
    const { design } = computeStructure(over, over.structures[0]!).sized;
    return design.parts.flatMap((part) => (part.role === 'panel' && part.shape === 'sheet' ? [part.cutMm] : []));
  };
  const meant = panels(0);
  expect(meant.length).toBe(2);
  expect(panels(9.5)).toEqual(meant);
  const wide = panels(51);
  expect(wide.length).toBe(3);
  // The second begins at the second post and ends short of the fourth, so a third laps it at the third: from 16′ to 24′ 8″.
  expect(wide[2]).toBeCloseTo(13 * 203.2, 1);
});
