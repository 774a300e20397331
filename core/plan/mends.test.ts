import { describe, expect, it } from 'vitest';
import type { Level, Verdict } from '../checks/check';
import { postNumbers } from '../design/post-numbers';
import { footholdOf } from '../site/stands/stands';
import { DEMO_PLAN } from '../demo/garden';
import { feet, inches } from '../quantity/length';
import { planOnBed } from '../structures/onto-bed.fixture';
import { kindOf } from '../structures/registry';
import { computeStructure } from './compute';
import { madeWorse } from './mends';
import type { Plan, StructurePlan } from './plan';

const first = (plan: Plan) => computeStructure(plan, plan.structures[0] as StructurePlan);
const found = (check: string, level: Level, code: string): Verdict => ({
  check,
  level,
  told: { code, values: {}, says: '' },
});

describe('what a mend makes worse', () => {
  const before = [found('post-depth', 'warn', 'depth.shallow'), found('reach-up', 'good', 'reach.top')];
  it.each([
    ['a warning that fails under its own code', [found('post-depth', 'fail', 'depth.shallow')], ['depth.shallow']],
    ['another finding of a check that spoke before', [found('post-depth', 'warn', 'depth.bed')], ['depth.bed']],
    ['what was good', [...before.slice(0, 1), found('reach-up', 'warn', 'reach.tall')], ['reach.tall']],
    [
      'a second one of a kind',
      [...before, found('post-depth', 'fail', 'depth.shallow')],
      ['depth.shallow', 'depth.shallow'],
    ],
    ['nothing, where it is as it was', before, []],
    ['nothing, where a note has come', [...before, found('braced', 'note', 'brace.none')], []],
  ])('%s', (_what, after, codes) => {
    expect(madeWorse(before, after).map(({ told }) => told.code)).toEqual(codes);
  });
});

describe('what stands in a run', () => {
  const gates = DEMO_PLAN.structures.filter(({ stand }) => stand.on === 'run');
  const hostOf = (gate: StructurePlan): StructurePlan =>
    DEMO_PLAN.structures.find(({ id }) => gate.stand.on === 'run' && id === gate.stand.of) as StructurePlan;

  it('opens its own fence and no other', () => {
    for (const gate of gates) {
      const host = hostOf(gate);
      const other = { ...host, id: 'other' };
      const plan = { ...DEMO_PLAN, structures: [...DEMO_PLAN.structures, other] };
      const openings = (one: StructurePlan) =>
        computeStructure(plan, one)
          .sized.design.bays?.filter(({ guest }) => guest !== null)
          .map(({ guest }) => guest);
      expect(openings(host)).toEqual(gates.filter((one) => hostOf(one) === host).map(({ id }) => id));
      expect(openings(other)).toEqual([]);
    }
  });

  it('hangs between the posts that the drawings of its fence call by those numbers', () => {
    for (const gate of gates) {
      const { gap } = footholdOf(computeStructure(DEMO_PLAN, gate).setting.place);
      const numbers = postNumbers(computeStructure(DEMO_PLAN, hostOf(gate)).sized.design);
      expect(gap?.opening.numbers.length).toBe(2);
      expect(gap?.opening.numbers).toEqual(gap?.opening.posts.map((id) => numbers.get(id)));
    }
  });

  it('is not asked again who comes past it: that is told of all of the fence', () => {
    for (const gate of gates) {
      const site = { ...DEMO_PLAN.site, visitors: ['rabbits', 'deer', 'cabbage butterflies'] as const };
      const plan: Plan = { ...DEMO_PLAN, site };
      const checks = (one: StructurePlan) => computeStructure(plan, one).verdicts.map(({ check }) => check);
      expect(checks(hostOf(gate))).toContain('leaves-open');
      expect(checks(gate)).not.toContain('leaves-open');
    }
  });
});

describe('a mend is judged by everything', () => {
  it('is not offered where its feet would come to stand outside the bed, nor where a neighbour stands', () => {
    // A tunnel on a bed as wide as itself: none of its mends may take a foot over the edge.
    const tunnel = planOnBed(
      'hoop-tunnel',
      { width: feet(4), rowAt: feet(2.5) },
      { heightMm: inches(11) },
      { crop: 'cabbage', training: 'head' },
    );
    const { verdicts, sized } = first(tunnel);
    expect(verdicts.find(({ told }) => told.code === 'bed.in-air')?.level).toBe('fail');
    for (const { mend, told } of verdicts) {
      if (!mend) continue;
      const [structure] = tunnel.structures as [StructurePlan];
      const codes = computeStructure(tunnel, { ...structure, knobs: mend.settings }).verdicts.map(
        (one) => one.told.code,
      );
      expect(codes, told.code).not.toContain(told.code);
    }
    expect(sized.knobs.rowAt?.by).toBe('hand');
    const back = verdicts.find(({ told }) => told.code === 'bed.in-air')?.mend;
    expect(back?.turns.map(({ knob }) => knob)).toContain('rowAt');
  });

  it('whatever one length takes off its bed comes back onto it with one touch', () => {
    const off = DEMO_PLAN.structures.flatMap((one) =>
      Object.entries(kindOf(one.kind).knobs).flatMap(([name, knob]) =>
        (knob.type === 'length' ? [knob.min, knob.max] : []).flatMap((value) => {
          const { verdicts } = computeStructure(DEMO_PLAN, { ...one, knobs: { ...one.knobs, [name]: value } });
          const found = verdicts.find(({ told }) => ['bed.beside', 'bed.in-air'].includes(told.code));
          return found ? [{ where: `${one.kind}: ${name} ${value}`, mend: found.mend }] : [];
        }),
      ),
    );
    expect(off.length).toBeGreaterThan(20);
    expect(off.filter(({ mend }) => !mend).map(({ where }) => where)).toEqual([]);
  });

  it('tells no difference in cost where something has no price', () => {
    const plan = planOnBed('panel-wall', { depth: inches(12), gap: inches(26) }, {}, null);
    const withoutPosts = {
      ...plan,
      priceBook: { ...plan.priceBook, lines: plan.priceBook.lines.filter(({ stock }) => stock !== 'steel-post') },
    };
    const mendOf = (of: Plan) => first(of).verdicts.find(({ told }) => told.code === 'depth.shallow')?.mend;
    expect(mendOf(plan)?.costMinor).toEqual(expect.any(Number));
    expect(mendOf(withoutPosts) ?? { costMinor: null }).toMatchObject({ costMinor: null });
  });

  it('a gate’s mend is not one that breaks its fence', () => {
    for (const structure of DEMO_PLAN.structures.filter(({ stand }) => stand.on === 'run')) {
      const wide = { ...structure, knobs: { width: feet(6) } };
      for (const { mend } of computeStructure(DEMO_PLAN, wide).verdicts) {
        if (!mend) continue;
        const mended = {
          ...DEMO_PLAN,
          structures: DEMO_PLAN.structures.map((one) => (one.id === wide.id ? { ...wide, knobs: mend.settings } : one)),
        };
        const host = mended.structures.find(({ id }) => structure.stand.on === 'run' && id === structure.stand.of);
        expect(
          computeStructure(mended, host as StructurePlan).verdicts.filter(({ level }) => level === 'fail'),
        ).toEqual([]);
      }
    }
  });
});
