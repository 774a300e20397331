/**
 * A garden of thirty structures: all of it worked out afresh, and again after one bed has been dragged, as
 * shares of 100 ms and of 10 ms, and one against the other. All from one run on this machine.
 */
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { computeGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';

const COLD_MS = 100;
const WARM_MS = 10;
const TURNS = 15;
const median = (times: number[]): number => times.sort((a, b) => a - b)[times.length >> 1] ?? 0;
const timed = (run: () => void): number => {
  const start = performance.now();
  run();
  return performance.now() - start;
};

/** The demo garden twice over, each copy's things by names of their own; none remembered from before. */
function twice(plan: Plan): Plan {
  const copy = structuredClone(plan);
  const other = (id: string): string => `${id}-2`;
  const again = structuredClone(plan);
  return {
    ...copy,
    site: { ...copy.site, widthMm: copy.site.widthMm * 2 },
    beds: [...copy.beds, ...again.beds.map((bed) => ({ ...bed, id: other(bed.id), xMm: bed.xMm + plan.site.widthMm }))],
    plantings: [...copy.plantings, ...again.plantings.map((one) => ({ ...one, id: other(one.id) }))],
    structures: [
      ...copy.structures,
      ...again.structures.map((one) => {
        const { stand } = one;
        return {
          ...one,
          id: other(one.id),
          plantings: one.plantings.map(other),
          stand:
            stand.on === 'bed'
              ? { ...stand, bed: other(stand.bed) }
              : stand.on === 'beds'
                ? { ...stand, beds: [other(stand.beds[0]), other(stand.beds[1])] as const }
                : stand.on === 'path'
                  ? { ...stand, spots: stand.spots.map((spot) => ({ ...spot, xMm: spot.xMm + plan.site.widthMm })) }
                  : stand.on === 'spot'
                    ? { ...stand, at: { ...stand.at, xMm: stand.at.xMm + plan.site.widthMm } }
                    : { ...stand, of: other(stand.of) },
        };
      }),
    ],
  };
}

const plan = twice(DEMO_PLAN);
for (let i = 0; i < 5; i++) computeGarden(twice(DEMO_PLAN));
const cold = median(
  Array.from({ length: TURNS }, () => {
    const fresh = twice(DEMO_PLAN);
    return timed(() => computeGarden(fresh));
  }),
);
computeGarden(plan);
const dragged = (turn: number): Plan => ({
  ...plan,
  beds: plan.beds.map((bed, i) => (i === 0 ? { ...bed, xMm: bed.xMm + turn } : bed)),
});
for (let i = 0; i < 5; i++) computeGarden(dragged(i + 100));
const warm = median(Array.from({ length: TURNS }, (_, turn) => timed(() => computeGarden(dragged(turn + 1)))));
const again = median(Array.from({ length: TURNS }, () => timed(() => computeGarden(plan))));
const share = (ms: number, of: number): string => `${Math.round((ms / of) * 100)} %`;
console.table({
  'worked out afresh': { structures: plan.structures.length, 'of 100 ms': share(cold, COLD_MS), 'to afresh': '1 : 1' },
  'after a bed is dragged': {
    structures: plan.structures.length,
    'of 10 ms': share(warm, WARM_MS),
    'to afresh': `1 : ${Math.round(cold / warm)}`,
  },
  'asked again': {
    structures: plan.structures.length,
    'of 10 ms': share(again, WARM_MS),
    'to afresh': `1 : ${Math.round(cold / again)}`,
  },
});
