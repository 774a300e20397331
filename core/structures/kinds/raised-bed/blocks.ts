import { blockStock } from '../../../catalogue/masonry';
import type { Rod } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf } from '../../../design/shapes/bar';
import { blockOf, type Block } from '../../../design/shapes/block';
import { fillOf, squareRim } from '../../../design/shapes/fill';
import type { Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { blocksIn, onRun, runsRound, type Run } from '../../assemblies/courses';
import { type Stood, at, flat, PIN_UNDER_MM, pinPlaces, pinsIn } from './stood';

/** Blocks in courses with broken joints; where they are pinned, concrete about a steel pin in a core at every corner and between. */
export function blockSides(s: Stood, o: { block: string; pinned: boolean; rod: Rod }): Assembled {
  const whole = blockStock(o.block);
  const half = blockStock(whole.half ?? o.block);
  const laid = Array.from({ length: s.courses }, (_, course) => course).flatMap((course) =>
    runsRound(s.outline, s.thickMm, course).map((run) => {
      const { wholes, halves } = blocksIn(run.toMm - run.fromMm, whole.longMm, half.longMm);
      let mm = run.fromMm;
      const blocks = [...Array<typeof whole>(wholes).fill(whole), ...Array<typeof whole>(halves).fill(half)].map(
        (of, n): Block => {
          const block = blockOf({
            id: `block-${course + 1}-${run.side + 1}-${n + 1}`,
            role: of === whole ? 'block' : 'half block',
            of,
            corner: at(onRun(run, mm, 0), s.baseMm + course * s.courseMm),
            along: flat(run.way),
          });
          mm += of.longMm;
          return block;
        },
      );
      return { course, run, blocks };
    }),
  );
  const inRow = laid.flatMap(({ run, blocks, course }): Joint[] =>
    blocks.length < 2
      ? []
      : [
          {
            id: `row-${course + 1}-${run.side + 1}`,
            kind: 'block beside block',
            by: 'bearing',
            places: blocks.slice(1).map(({ corner }) => middleOf(corner, run, s)),
            parts: blocks.map(({ id }) => id),
            fixings: [],
          },
        ],
  );
  const corners = laid.map(({ course, run, blocks }, i): Joint => {
    const next = laid[course * s.outline.length + ((i + 1) % s.outline.length)] as (typeof laid)[number];
    const [last, first] = [blocks.at(-1), next.blocks[0]] as [Block, Block];
    const end = at(onRun(run, run.toMm, s.thickMm / 2), s.baseMm + (course + 0.5) * s.courseMm);
    return {
      id: `corner-${course + 1}-${run.side + 1}`,
      kind: 'block at a corner',
      by: 'bearing',
      places: [end, middleOf(first.corner, next.run, s)],
      parts: [last.id, first.id],
      fixings: [],
    };
  });
  const over = laid
    .filter(({ course }) => course > 0)
    .map(({ course, run, blocks }): Joint => {
      const below = laid.find((one) => one.course === course - 1 && one.run.side === run.side) as (typeof laid)[number];
      const [upper, lower] = [blocks[0], below.blocks[0]] as [Block, Block];
      const from = Math.max(run.fromMm, below.run.fromMm);
      const place = at(onRun(run, from + s.thickMm / 4, s.thickMm / 2), s.baseMm + course * s.courseMm);
      return {
        id: `over-${course + 1}-${run.side + 1}`,
        kind: 'course on course',
        by: 'bearing',
        places: [place],
        parts: [upper.id, lower.id],
        fixings: [],
      };
    });
  const cores = o.pinned
    ? pinnedCores(
        s,
        o.rod,
        laid.flatMap(({ blocks }) => blocks),
      )
    : { parts: [], joints: [] };
  return {
    parts: [...laid.flatMap(({ blocks }) => blocks), ...cores.parts],
    joints: [...inRow, ...corners, ...over, ...cores.joints],
  };
}

const middleOf = (corner: Point, run: Run, s: Stood): Point => [
  corner[0] + (run.inwards[0] * s.thickMm) / 2,
  corner[1] + (run.inwards[1] * s.thickMm) / 2,
  corner[2] + s.courseMm / 2,
];

/** A core is so wide (from memory). mm. */
const CORE_MM = inches(5);

/** Concrete about a pin in a core, from the ground to the rim. */
function pinnedCores(s: Stood, rod: Rod, blocks: readonly Block[]): Assembled {
  const high = s.courses * s.courseMm;
  const made = pinPlaces(s).map((spot, i) => {
    const pin = barOf({
      id: `pin-${i + 1}`,
      role: 'pin',
      of: rod,
      from: at(spot, s.baseMm - pinsIn(s)),
      to: at(spot, s.baseMm + high - PIN_UNDER_MM),
      buriedMm: pinsIn(s),
    });
    const core = fillOf({
      id: `core-${i + 1}`,
      role: 'core',
      of: 'concrete-mix',
      bottom: at(spot, s.baseMm),
      rim: squareRim(CORE_MM / 2),
      cutMm: high,
      litres: (CORE_MM ** 2 * high) / 1e6,
    });
    const inIt = blocks.filter(({ corner, along: way, cutMm }) => {
      const [dx, dy] = [spot[0] - corner[0], spot[1] - corner[1]];
      const mm = dx * way[0] + dy * way[1];
      const side = -dx * way[1] + dy * way[0];
      return mm >= -1 && mm <= cutMm + 1 && side > 0 && side < s.thickMm;
    });
    const joint: Joint = {
      id: `core-${i + 1}-cast`,
      kind: 'pin in a core',
      by: 'cast in',
      places: inIt.map(({ corner }) => at(spot, corner[2] + s.courseMm / 2)),
      parts: [core.id, pin.id, ...inIt.map(({ id }) => id)],
      fixings: [],
    };
    return { pin, core, joint };
  });
  return {
    parts: made.flatMap(({ pin, core }) => [pin, core]),
    joints: made.map(({ joint }) => joint),
  };
}
