/**
 * How much of a frame a turned knob takes before it is painted: sizing, bill, cuts, cost, verdicts, and
 * all views set on paper; and how much more the mends that are tried after it. Reported as shares of one
 * 16 ms frame and as ratios between the stages, all from one run on this machine. Run: npm run bench
 */
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { setOnPaper } from '@lignum/core/drawing/sheet';
import { toSvg } from '@lignum/core/drawing/svg';
import { drawViews } from '@lignum/core/drawing/views';
import { computeAs } from '@lignum/core/plan/compute-as';
import { withMends } from '@lignum/core/plan/mends';
import { computeStructure } from '@lignum/core/plan/compute';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { settingOf, withStructure } from '@lignum/core/plan/setting-of';
import { kindOf } from '@lignum/core/structures/registry';

const FRAME_MS = 16;
const TURNS = 60;

const median = (times: number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1] ?? 0;
function timed(run: (turn: number) => void): { usual: number; worst: number } {
  for (let i = 0; i < 30; i++) run(i);
  const times = Array.from({ length: TURNS }, (_, turn) => {
    const start = performance.now();
    run(turn);
    return performance.now() - start;
  });
  return { usual: median(times), worst: Math.max(...times) };
}

/** The demo's structures, or those that are named, and the longest row that anyone plants: 100′ of tomatoes on panels. */
const named = process.argv.slice(2);
const wall = DEMO_PLAN.structures.find((one) => one.id === 'tomato-wall');
const HUNDRED_FEET_MM = 30_480;
const LONG: Plan = {
  ...DEMO_PLAN,
  beds: DEMO_PLAN.beds.map((bed) => ({ ...bed, lengthMm: Math.max(bed.lengthMm, HUNDRED_FEET_MM + 100) })),
};
const measured: { plan: Plan; structure: StructurePlan }[] = [
  ...DEMO_PLAN.structures.map((structure) => ({ plan: DEMO_PLAN, structure })),
  ...(wall
    ? [
        {
          plan: LONG,
          structure: { ...wall, name: 'A wall of 100′', knobs: { ...wall.knobs, length: HUNDRED_FEET_MM } },
        },
      ]
    : []),
].filter(({ structure }) => named.length === 0 || named.includes(structure.id));

const lines = measured.map(({ plan: garden, structure }) => {
  // A slightly other length at every turn, so that nothing is remembered.
  const { design, knobs } = computeStructure(garden, structure).sized;
  const knob = design.handles[0]?.knob ?? '';
  const turned = (turn: number) => ({
    ...structure,
    knobs: { ...structure.knobs, [knob]: Number(knobs[knob]?.value) - turn },
  });
  const sizing = timed((turn) =>
    kindOf(structure.kind).design(turned(turn).knobs, settingOf(kindOf, garden, structure)),
  );
  const whole = timed((turn) => {
    const { sized, around } = computeAs(kindOf, garden, turned(turn));
    for (const view of drawViews(sized.design, around))
      toSvg(setOnPaper(view, { widthPx: 640, heightPx: 360, units: 'imperial' }));
  });
  const mends = timed((turn) => {
    const plan = withStructure(garden, turned(turn));
    withMends(kindOf, plan, computeAs(kindOf, plan, turned(turn)));
  });
  const bare = timed((turn) => computeAs(kindOf, garden, turned(turn)));
  const share = (ms: number): string => `${Math.round((ms / FRAME_MS) * 100)} %`;
  return {
    support: structure.name,
    'of a frame, usual': share(whole.usual),
    'of a frame, worst': share(whole.worst),
    'mends, after it': share(Math.max(0, mends.usual - bare.usual)),
    'whole : sizing alone': `${Math.round(whole.usual / sizing.usual)} : 1`,
  };
});
console.table(lines);
