import { expect, it } from 'vitest';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { SIZES, type Page } from '@lignum/core/paper/page';
import { typeWidth } from '@lignum/core/paper/type';
import { computeAs } from '@lignum/core/plan/compute-as';
import type { StructurePlan } from '@lignum/core/plan/plan';
import { standsOf } from '@lignum/core/plan/stands';
import { kindOf } from '@lignum/core/structures/registry';
import { BESIDES, FORMULAS, fromWords, hardestTold, shareWords, sumWords, windLines } from '../words/stand-words';
import { structureSheets } from './sheets';
import { windSumOf } from '@lignum/core/structures/rules/gust';

const named = (id: string): StructurePlan => DEMO_PLAN.structures.find((one) => one.id === id) as StructurePlan;
const textsOf = (pages: readonly Page[]) =>
  pages.flatMap((page) => page.marks.flatMap((mark) => (mark.put === 'text' ? [mark] : [])));

it.each([
  ['tomato-wall', 'imperial', 'Letter'],
  ['rose-arbor', 'metric', 'A4'],
  ['berry-cage', 'imperial', 'Letter'],
] as const)(
  'the sum of %s can be followed on one page, within its margins: each figure over what may be is its share',
  (id, units, size) => {
    const tongue = { units, locale: 'en' };
    const computed = computeAs(kindOf, DEMO_PLAN, named(id));
    const { stood } = standsOf(DEMO_PLAN, named(id), false);
    if (typeof stood === 'string') throw new Error(stood);
    const without = structureSheets(DEMO_PLAN, computed, tongue, size);
    const pages = structureSheets(DEMO_PLAN, computed, tongue, size, { stood });
    const page = pages.filter((one) => textsOf([one]).some(({ text }) => text === 'Will it stand? The sum'));
    expect(page).toHaveLength(1);
    expect(pages.length).toBeLessThanOrEqual(without.length + 1);
    const texts = textsOf(page);
    for (const mark of texts) {
      const wide = typeWidth(mark.text, mark.size, mark.weight);
      const left = mark.x - (mark.anchor === 'end' ? wide : mark.anchor === 'middle' ? wide / 2 : 0);
      expect(left, mark.text).toBeGreaterThan(20);
      expect(left + wide, mark.text).toBeLessThan(SIZES[size].widthPx - 20);
    }
    const said = texts.map(({ text }) => text).join(' ');
    const [first] = stood.uses;
    if (!first) throw new Error('nothing is used');
    expect(said).toContain(shareWords(first.share, 'en'));
    expect(said).toContain(`${sumWords(first, tongue).has} of`);
    expect(said).toContain(FORMULAS[first.by].source.slice(0, 20));
    for (const { is } of windLines(windSumOf(computed.setting, stood.worst.day, stood.worst.gustMs), false, tongue))
      if (is) expect(said).toContain(is);
    for (const { by, share } of stood.besides) {
      expect(said).toContain(BESIDES[by]);
      expect(said).toContain(shareWords(share, 'en'));
    }
    // What works hardest is told first, and nothing twice.
    const told = hardestTold(computed, stood.uses, tongue.units, 20);
    const shares = told.map(({ use }) => use.share);
    expect(shares).toEqual(shares.toSorted((a, b) => b - a));
    expect(shares[0]).toBe(first.share);
    expect(new Set(told.map(({ words }) => words)).size).toBe(told.length);
    // The figures told give the share again: moments over their sections, a push over what may be.
    for (const use of stood.uses.slice(0, 8)) {
      expect(fromWords(use, tongue) !== '').toBe(use.from !== null);
      if (use.from?.of === 'part' && use.by === 'bending') {
        const { section, bentWide, bentThick } = use.from;
        const bent = Math.abs(bentWide) / section.wideMm3 + Math.abs(bentThick) / section.thickMm3;
        expect(use.has / bent).toBeGreaterThan(0.5);
        expect(use.has / bent).toBeLessThan(1.3);
      }
      if (use.from?.of === 'joint') {
        const { drawnN: d, acrossN: s, mayDrawN, mayAcrossN } = use.from;
        const f = Math.hypot(s, d);
        expect(s ** 2 / f / mayAcrossN + d ** 2 / f / mayDrawN).toBeCloseTo(use.share, 9);
      }
      if (use.from?.of === 'soil') expect(use.has / use.may).toBeCloseTo(use.share, 9);
    }
  },
);

it('what is not reckoned says so on paper too, and nothing is added where it is not asked for', () => {
  const computed = computeAs(kindOf, DEMO_PLAN, named('mast'));
  const tongue = { units: 'metric', locale: 'en' } as const;
  const told = (o: Parameters<typeof structureSheets>[4]): string =>
    textsOf(structureSheets(DEMO_PLAN, computed, tongue, 'A4', o))
      .map(({ text }) => text)
      .join(' ');
  expect(told({ stood: standsOf(DEMO_PLAN, named('mast'), false).stood })).toContain('Not worked out: what is stacked');
  expect(told({})).not.toContain('Will it stand? The sum');
});
