import { partNumbers } from '@lignum/core/materials/part-numbers';
import { filled, MARGIN_PX, onPages, SIZES, type Block, type Page, type PaperSize } from '@lignum/core/paper/page';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Wanted } from '@lignum/core/cutting/cut-plan';
import type { SeenGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import type { Tongue } from '@lignum/core/wording/say';
import type { NotReckoned } from '@lignum/core/withstand/asked';
import type { Withstood } from '@lignum/core/withstand/withstand';
import { cutBlocks } from './cutting';
import { head, views } from './looks';
import { gardenNumbers, pageOf, type On } from './on';
import { holes, parts, ripped } from './pieces';
import { toBuy, tools } from './to-buy';
import { labels } from './labels';
import { marks } from './marks';
import { joints } from './joints';
import { order, seasons } from './order';
import { standSum } from './stand';
import { templates } from './templates';
import { where } from './where';

/** Everything a stranger needs to build one structure, on as many sheets as it takes: what it looks like, its pieces and where each comes from, marks, joints, and the order of building; on pages of their own templates at full size, the sum of its strength and labels to cut out where they are asked for. `with`: the garden it is bought and cut with, whose one cutting plan it then shows its part of; else it is built alone. */
export function structureSheets(
  plan: Plan,
  computed: ComputedStructure,
  tongue: Tongue,
  size: PaperSize,
  o: { labels?: boolean; with?: SeenGarden | null; stood?: Withstood | NotReckoned | null } = {},
): Page[] {
  const garden = o.with && o.with.structures.length > 1 ? o.with : null;
  const on: On = { plan, computed, tongue, wide: SIZES[size].widthPx - 2 * MARGIN_PX, with: garden };
  const title = `${computed.structure.name} · ${plan.garden.name}`;
  const [first, rest] = [head(on), afterTheDrawings(on)];
  const drawn = (share: number): Page[] => onPages(blocksOf(share), size, title, pageOf);
  const blocksOf = (share: number): Block[] => [...first, ...views(on, share), ...rest];
  const share = shareOf(drawn);
  const apart = [...(o.stood ? standSum(on, o.stood) : []), ...templates(on, size), ...(o.labels ? labels(on) : [])];
  return apart.length > 0 ? onPages([...blocksOf(share), ...apart], size, title, pageOf) : drawn(share);
}

/** How large drawings are: a little that is left over for a page of its own finds room when they are made smaller. */
function shareOf(drawn: (share: number) => readonly Page[]): number {
  const pages = drawn(1);
  if (filled(pages) > LEAST_FILLED) return 1;
  return SMALLER.find((share) => drawn(share).length < pages.length) ?? 1;
}

/** Less of the last page than this is not worth a sheet of paper. */
const LEAST_FILLED = 0.3;
const SMALLER = [0.9, 0.8, 0.7];

function afterTheDrawings(on: On): Block[] {
  const { computed, plan, tongue, wide } = on;
  const own = partNumbers(computed);
  const all = on.with && gardenNumbers(on.with);
  const { shopping } = on.with ?? computed;
  const numberOf = ({ structure, part }: Pick<Wanted, 'structure' | 'part'>): string | undefined =>
    all && structure !== computed.structure.id ? all.get(`${structure} ${part}`) : own.get(part)?.toString();
  return [
    ...where(on),
    ...parts(on),
    ...cutBlocks(shopping, numberOf, plan, tongue, wide, on.with ? computed.structure.id : undefined),
    ...ripped(on),
    ...toBuy(on),
    ...tools(on),
    ...holes(on),
    ...marks(on),
    ...joints(on),
    ...order(on),
    ...seasons(on),
  ];
}
