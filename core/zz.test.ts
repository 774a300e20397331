import { it } from 'vitest';
import { DEMO_PLAN } from './demo/garden';
import { kindOf } from './structures/registry';
import { computeAs } from './plan/compute-as';
import { say } from './wording/say';
import { onBed } from './structures/onto-bed.fixture';
it('x', () => {
  const c = computeAs(
    kindOf,
    DEMO_PLAN,
    DEMO_PLAN.structures.find((s) => s.id === 'cabbage-tunnel')!,
  );
  console.log(c.verdicts.map((v) => `${v.level} ${say(v.told, {}, { units: 'imperial', locale: 'en' })}`).join('\n'));
  console.log(c.bill.map((l) => `${l.count} ${l.use} ${l.stock} ${l.cutMm}`).join('\n'), c.cost.totalMinor);
  console.log(JSON.stringify(Object.fromEntries(Object.entries(c.sized.knobs).map(([k, s]) => [k, s.value]))));
  console.log(c.sized.steps.map((s) => say(s.what, c.kind.phrases, { units: 'imperial', locale: 'en' })).join('\n'));
}, 60000);
