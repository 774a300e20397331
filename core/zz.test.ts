import { test } from 'vitest';
import { DEMO_PLAN } from './demo/garden';
import { computeAs } from './plan/compute-as';
import { kindOf } from './structures/registry';
import { rodsOf, storyStep } from './setting-out/rods';
import { ringOf } from './setting-out/ring';
import { formatLength } from './quantity/length';
test('t', () => {
  for (const s of DEMO_PLAN.structures) {
    const d = computeAs(kindOf, DEMO_PLAN, s).sized.design;
    const t = performance.now();
    const rods = rodsOf(d);
    console.log('##', s.id, (performance.now() - t).toFixed(0), 'ms');
    for (const r of rods)
      console.log(
        '   ',
        r.kind,
        r.role,
        '×' + r.alike,
        formatLength(r.lengthMm, 'imperial'),
        '|',
        r.marks
          .slice(0, 14)
          .map((m) => formatLength(m.atMm, 'imperial') + ' ' + m.of + ' ' + m.what + (m.no || ''))
          .join('; '),
        r.marks.length,
        JSON.stringify(storyStep(r)),
      );
    const ring = ringOf(d);
    if (ring) console.log(JSON.stringify(ring).slice(0, 500));
  }
});
