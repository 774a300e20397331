import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../../../demo/garden';
import { computeStructure } from '../../../plan/compute';
import type { Plan } from '../../../plan/plan';
import { feet, inches } from '../../../quantity/length';
import { bowOf } from './bow';
import type { PanelArchFacts } from './size';

const demoArch = DEMO_PLAN.structures.find((one) => one.kind === 'panel-arch') as Plan['structures'][number];
function arch(knobs: Record<string, number | string>, plan: Plan = DEMO_PLAN) {
  const computed = computeStructure(plan, { ...demoArch, knobs });
  return {
    ...computed,
    facts: computed.sized.facts as PanelArchFacts,
    codes: computed.verdicts.map((verdict) => verdict.told.code),
  };
}
/** The demo's beds, with the way between them as wide as wanted. */
const apart = (wideMm: number): Plan => {
  const [west, east] = (demoArch.stand.on === 'beds' ? demoArch.stand.beds : []).map((id) =>
    DEMO_PLAN.beds.find((bed) => bed.id === id),
  );
  if (!west || !east) throw new Error('the demo has no arch over a way');
  return {
    ...DEMO_PLAN,
    beds: DEMO_PLAN.beds.map((bed) =>
      bed.id === east.id ? { ...bed, xMm: west.xMm + (west.widthMm + east.widthMm) / 2 + wideMm } : bed,
    ),
  };
};

describe('panel arch', () => {
  it('over 4′ with a 16′ panel and its feet a little up gives the headroom the trade gives: 7–7½′ (common practice, no source)', () => {
    // By hand, as half a circle on straight legs: (16′ − π·4′/2)/2 + 2′ = 6′ 10⅜″. The spring stands a little fuller, so a little lower.
    const bow = bowOf({ spanMm: feet(4), liftMm: 0, heldMm: feet(1), lengthMm: feet(16), section: null });
    const circle = (feet(16) - (Math.PI * feet(4)) / 2) / 2 + feet(2);
    expect(bow?.crownMm).toBeLessThan(circle + 0.5);
    expect(bow?.crownMm).toBeGreaterThan(circle - inches(6));
    const { sized, facts } = arch({ solve: 'feet', headroom: inches(87) });
    expect(facts.bow?.crownMm).toBeCloseTo(inches(87), -1);
    expect(sized.design.parts.length).toBeGreaterThan(4);
  });

  it('as suggested stoops no gardener, however high the tallest of them reaches, over ways that are walked', () => {
    for (let reachMm = 1500; reachMm <= 2700; reachMm += 60)
      for (const wideMm of [700, 1220, 1500]) {
        const plan = apart(wideMm);
        const tall = arch({}, { ...plan, garden: { ...plan.garden, reachMm } });
        const clear = tall.facts.bow.crownMm - Number(tall.sized.knobs.hang?.value);
        // Stature is reach over 1.25 (from memory), and 2″ over the head.
        expect(clear, `${reachMm} ${wideMm}`).toBeGreaterThanOrEqual(reachMm / 1.25 + 50);
        expect(tall.codes).toContain('headroom.fits');
      }
  });

  it('finds what is asked for either way: the span that gives a headroom gives it back', () => {
    const wide = arch({ solve: 'span', lift: inches(12), headroom: inches(84) });
    const back = arch({ solve: 'headroom', lift: inches(12), span: wide.facts.bow.spanMm });
    expect(Math.abs(back.facts.bow.crownMm - wide.facts.bow.crownMm)).toBeLessThan(2);
    // A wider stance is a lower arch with another push on its feet.
    const wider = arch({ solve: 'headroom', lift: inches(12), span: wide.facts.bow.spanMm + 400 });
    expect(wider.facts.bow.crownMm).toBeLessThan(wide.facts.bow.crownMm);
    expect(wider.facts.pushN).not.toBeCloseTo(wide.facts.pushN, 1);
  });

  it('says in words what cannot be: beds too far apart for the strip, and fruit that hangs into a low crown', () => {
    const far = arch({ solve: 'feet' }, apart(6500));
    expect(far.codes).toContain('span.far');
    expect(far.verdicts.find((verdict) => verdict.told.code === 'span.far')?.mend).toBeTruthy();
    expect(
      far.sized.design.parts.flatMap((part) => (part.shape === 'bar' ? part.from : [])).every(Number.isFinite),
    ).toBe(true);
    expect(arch({ make: 'panel', panel: 'panel-3m', solve: 'headroom', lift: 0 }).codes).toContain('headroom.low');
  });

  it('shares the posts between arches side by side', () => {
    const posts = (count: number) => arch({ count }).sized.design.posts.length;
    expect(posts(2) - posts(1)).toBe(2);
  });
});
