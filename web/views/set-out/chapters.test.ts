import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { computeGarden } from '@lignum/core/plan/compute';
import { formatLength } from '@lignum/core/quantity/length';
import { rodsToMark } from '@lignum/core/setting-out/rods';
import { chaptersOf } from './chapters';

describe.each(computeGarden(DEMO_PLAN).structures.map((one) => [one.structure.name, one] as const))(
  'setting out %s one figure a screen',
  (_name, computed) => {
    it.each(['imperial', 'metric'] as const)(
      'tells every figure of its marks once, in %s, those of the ground before those of the bench',
      (units) => {
        const chapters = chaptersOf(DEMO_PLAN, computed, { units, locale: 'en' });
        const told = chapters.flatMap(({ steps }) => steps.flatMap(({ figures }) => figures));
        for (const { says, mm } of told) if (mm !== null) expect(says).toBe(formatLength(mm, units));
        const rods = rodsToMark(computed.sized.design);
        const marked = chapters.filter(({ zero }) => zero?.startsWith('Zero:'));
        expect(marked.length).toBe(rods.length);
        const figures = marked
          .flatMap(({ steps }) => steps.flatMap((step) => step.figures.map(({ mm }) => mm)))
          .toSorted((a, b) => (a ?? 0) - (b ?? 0));
        expect(figures).toEqual(rods.flatMap(({ marks }) => marks.map(({ atMm }) => atMm)).toSorted((a, b) => a - b));
        for (const { share } of marked.flatMap(({ steps }) => steps)) {
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(1);
        }
        // What is marked at the saw comes last.
        const timbers = rods.filter(({ kind }) => kind === 'timber').length;
        const atTheSaw = marked.map(({ zero }) => zero?.startsWith('Zero: its first end') === true);
        expect(atTheSaw).toEqual(marked.map((_, k) => k >= marked.length - timbers));
      },
    );
  },
);
