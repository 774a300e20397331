/**
 * The sun over the demo plot, all growing months on a quarter-metre grid, as the worker does it: as a
 * share of one second, and against a single month's map. All from one run on this machine.
 */
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { findPlaces } from '@lignum/core/shade/positions';
import { gridOver } from '@lignum/core/shade/shade';
import { standingOf, studySun, sunMap } from '@lignum/core/shade/study';

const SECOND_MS = 1000;
function usual(run: () => void): number {
  run();
  const times = Array.from({ length: 7 }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  });
  return times.sort((a, b) => a - b)[3] ?? 0;
}

const standing = standingOf(DEMO_PLAN);
const grid = gridOver(DEMO_PLAN.site.widthMm, DEMO_PLAN.site.depthMm, 250);
const month = usual(() => {
  sunMap(DEMO_PLAN, standing, grid, 7);
});
const season = usual(() => {
  studySun(DEMO_PLAN, 250);
});
const places = usual(() => {
  findPlaces(DEMO_PLAN, 'tomato-wall', 7);
});
console.table({
  'whole season': {
    cells: grid.columns * grid.rows,
    'of a second': `${Math.round((season / SECOND_MS) * 100)} %`,
    'to one month': `${(season / month).toFixed(1)} : 1`,
  },
  'better places for one support': {
    cells: '',
    'of a second': `${Math.round((places / SECOND_MS) * 100)} %`,
    'to one month': `${(places / month).toFixed(1)} : 1`,
  },
});
