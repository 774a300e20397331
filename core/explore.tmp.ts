import { DEMO_PLAN } from './demo/garden';
import { computeAs } from './plan/compute-as';
import { kindOf } from './structures/registry';
const plan = {
  ...DEMO_PLAN,
  shed: [],
  priceBook: {
    ...DEMO_PLAN.priceBook,
    lines: DEMO_PLAN.priceBook.lines.filter((l) => l.stock !== 'timber-2x4-untreated' || l.size <= 8 * 304.8),
  },
};
const s = plan.structures.find((x) => x.id === 'string-frame')!;
const c = computeAs(kindOf, plan, s);
console.log(
  c.shopping.missing,
  Object.fromEntries(Object.entries(c.sized.knobs).map(([k, v]) => [k, v.value])),
  c.sized.design.parts.filter((p) => p.role === 'upright' || p.role === 'post').map((p) => p.cutMm / 25.4),
);
