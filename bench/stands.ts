/**
 * How long it takes to know whether a garden stands: the demo's structures, each through its year. Reported as ratios of
 * one run on this machine: the short answer (worst week alone) to the whole, the softest and the dearest to their
 * median, and all of them to the 200 ms that are aimed at. Run: npm run bench
 */
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { computeGarden } from '@lignum/core/plan/compute';
import { isWeighed } from '@lignum/core/withstand/stand-of';
import { withstand, worstWeek } from '@lignum/core/withstand/withstand';

const AIM_MS = 200;
const AIM_STRUCTURES = 30;

const all = computeGarden(DEMO_PLAN).structures.filter(({ kind }) => isWeighed(kind));
const took = (run: () => unknown): number => {
  const start = performance.now();
  run();
  return performance.now() - start;
};
// Once round first: what is compiled on the way is nobody's.
for (const { sized, setting } of all) worstWeek(sized.design, setting, CATALOGUE, false);
const lines = all.map(({ structure, sized, setting }) => ({
  structure: structure.id,
  short: took(() => worstWeek(sized.design, setting, CATALOGUE, false)),
  whole: took(() => withstand(sized.design, setting, CATALOGUE, false)),
}));
const sum = (of: 'short' | 'whole'): number => lines.reduce((total, line) => total + line[of], 0);
const sorted = [...lines].sort((a, b) => a.short - b.short);
const median = sorted[sorted.length >> 1]?.short ?? 1;
const dearest = sorted[sorted.length - 1];

console.log(`${lines.length} structures`);
console.log(`short answer: ${(sum('short') / sum('whole')).toFixed(2)} of the whole`);
console.log(`dearest: ${dearest?.structure}, ${((dearest?.short ?? 0) / median).toFixed(1)} times the median`);
console.log(
  `all of them, of what is aimed at for as many: ${(sum('short') / ((AIM_MS * lines.length) / AIM_STRUCTURES)).toFixed(1)} times`,
);
