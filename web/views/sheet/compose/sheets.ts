import { filled, MARGIN_PX, onPages, SIZES, type Block, type Page, type PaperSize } from '@lignum/core/paper/page';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan } from '@lignum/core/plan/plan';
import type { Tongue } from '@lignum/core/wording/say';
import { cutBlocks } from './cutting';
import { head, views } from './looks';
import { partNumbers, type On } from './on';
import { holes, parts, ripped } from './pieces';
import { toBuy, tools } from './to-buy';
import { marks } from './marks';
import { joints } from './joints';
import { order, seasons } from './order';

/** Everything a stranger needs to build one structure, on as many sheets as it takes: what it looks like, its pieces and where each comes from, marks, joints, and the order of building. */
export function structureSheets(plan: Plan, computed: ComputedStructure, tongue: Tongue, size: PaperSize): Page[] {
  const wide = SIZES[size].widthPx - 2 * MARGIN_PX;
  const compose = (drawn: number): Page[] => {
    const on: On = { plan, computed, tongue, wide, drawn };
    return onPages(
      blocksOf(on),
      size,
      `${computed.structure.name} · ${plan.garden.name}`,
      (page, of) => `page ${page} of ${of}`,
    );
  };
  const pages = compose(1);
  if (filled(pages) > LEAST_FILLED) return pages;
  // A little that is left over for a page of its own finds room when the drawings are made smaller.
  const fewer = SMALLER.map(compose).find((tried) => tried.length < pages.length);
  return fewer ?? pages;
}

/** Less of the last page than this is not worth a sheet of paper. */
const LEAST_FILLED = 0.3;
const SMALLER = [0.9, 0.8, 0.7];

const blocksOf = (on: On): Block[] => {
  const { computed, plan, tongue, wide } = on;
  const numbers = partNumbers(computed);
  return [
    ...head(on),
    ...views(on),
    ...parts(on),
    ...cutBlocks(computed.shopping, ({ part }) => numbers.get(part)?.toString(), plan, tongue, wide),
    ...ripped(on),
    ...toBuy(on),
    ...tools(on),
    ...holes(on),
    ...marks(on),
    ...joints(on),
    ...order(on),
    ...seasons(on),
  ];
};
