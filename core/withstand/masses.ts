import type { Design } from '../design/design';
import type { Block } from '../design/shapes/block';
import type { Fill } from '../design/shapes/fill';
import { asShape, ofShape, shapeOf } from '../design/shapes/shapes';
import type { Link } from '../frame/frame';
import { add, ALONG, scale, type Point } from '../geometry/space';
import type { Meeting } from '../joinery/meetings';
import { addNode, type Draft } from './draft';
import type { BlockIn } from './parts-in';

const middle = (points: readonly Point[]): Point =>
  scale(points.reduce(add, [0, 0, 0]), 1 / Math.max(1, points.length));

/** Blocks and fillings, each a place of its own: what is filled in hangs on what holds it; what lies on the soil is borne by that. */
export function massesIn(
  { parts }: Pick<Design, 'parts'>,
  draft: Draft,
  meetings: readonly Meeting[],
  lies: ReadonlySet<string>,
): BlockIn[] {
  const blocks = [...ofShape(parts, 'block'), ...ofShape(parts, 'fill').filter(({ id }) => !lies.has(id))]
    .filter(({ id }) => lies.has(id) || meetings.some(({ a, b }) => a === id || b === id))
    .map((part): BlockIn => ({ part, node: addNode(draft, middle(shapeOf(part).extent(part))) }));
  stack(draft, blocks);
  return blocks;
}

/** What is stacked bears on what is below it, at its corners. */
function stack({ links }: Draft, blocks: readonly BlockIn[]): void {
  const stacked = blocks.flatMap(({ part, node }) => {
    const block = asShape(part, 'block');
    return block ? [{ block, node }] : [];
  });
  for (const upper of stacked)
    for (const corner of lowCorners(upper.block))
      for (const lower of stacked)
        if (upper !== lower && bearsAt(corner, lower.block))
          links.push({
            a: upper.node,
            b: lower.node,
            at: corner,
            axes: [[0, 0, -1], ALONG, [0, 1, 0]],
            stiff: STACKED,
            pressesOnly: true,
          });
}

/** Corners of the foot of a mass. */
export function lowCorners(part: Block | Fill): Point[] {
  const all = shapeOf(part).extent(part);
  const low = Math.min(...all.map(([, , z]) => z));
  return all.filter(([, , z]) => z < low + 1);
}

/** A tier on a tier, a block on a block (from memory). N/mm. */
const STACKED: Link['stiff'] = [2000, 500, 500, 1e4, 1e4, 1e4];
/** What is stacked lies over what is below by so much. mm. */
const STACKS_WITHIN_MM = 30;
function bearsAt([x, y, z]: Point, on: Block): boolean {
  const all = shapeOf(on).extent(on);
  const span = (k: 0 | 1 | 2): [number, number] => [
    Math.min(...all.map((at) => at[k])),
    Math.max(...all.map((at) => at[k])),
  ];
  const [[x0, x1], [y0, y1], [low, top]] = [span(0), span(1), span(2)];
  // Cups sit in each other.
  return z > (low + top) / 2 && z < top + STACKS_WITHIN_MM && x > x0 - 1 && x < x1 + 1 && y > y0 - 1 && y < y1 + 1;
}
