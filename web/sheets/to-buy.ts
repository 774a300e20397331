import { stepsOf } from '@lignum/core/plan/steps';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { TOOL_WORDS } from '@lignum/core/building/tool-words';
import { toolsFor } from '@lignum/core/building/tools-for';
import { beside, gap, heading, paragraph, together, type Column, rows } from '@lignum/core/paper/blocks';
import { MARGIN_PX, type Block } from '@lignum/core/paper/page';
import type { SeenGarden } from '@lignum/core/plan/compute';
import { formatBit } from '@lignum/core/quantity/length';
import { tellVolume } from '@lignum/core/quantity/measure';
import { namesOf } from '../words/layouts';
import { cutWords, inShopOrder, sizeWords, wordFor } from '../words/stock-words';
import { amount, BODY, fromShed, SMALL, type On } from './on';

/** What to buy beside where the small parts go. */
export function toBuy(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const { shopping, cost, kind, bill } = computed;
  const list = on.with ? fromGarden(on, on.with) : null;
  const small = bill.filter((line) => line.of === 'joint');
  const bought = inShopOrder(shopping.purchases).map((one) => [
    String(one.count),
    `${CATALOGUE.stock(one.stock).name}, ${sizeWords(one.stock, one.size, tongue.units)}${one.shop ? ` (${one.shop})` : ''}`,
    amount(on, one.costMinor),
  ]);
  const own = fromShed(shopping, tongue.units).map(([count, what]) => [count ?? '', `${what}, from the shed`, '']);
  const missing = shopping.missing.map((one) => [
    '!',
    `${CATALOGUE.stock(one.stock).name}: ${one.because === 'no price' ? 'has no price in the book' : 'is sold in nothing long enough'}`,
    '',
  ]);
  const tax = cost.taxMinor > 0 ? [['', 'Tax', amount(on, cost.taxMinor)]] : [];
  const half = (wide - 20) / 2;
  const buyColumns: Column[] = [
    { widthPx: 34, anchor: 'end', weight: 'bold' },
    { widthPx: half - 100 },
    { widthPx: 66, anchor: 'end' },
  ];
  const use = small.map((line) => [
    String(line.count),
    `${CATALOGUE.stock(line.stock).name}${line.cutMm ? `, ${cutWords(line.stock, line.cutMm, tongue.units)} each` : ''}: ${wordFor(kind, line.use).toLowerCase()}`,
  ]);
  const title = (said: string): Block => paragraph(said, { size: BODY, weight: 'bold', widthPx: half, after: 2 });
  return [
    heading('To buy and to lay out', wide),
    beside([
      {
        blocks: [
          title(list ? 'Out of what is bought for the garden' : 'To buy'),
          ...rows(
            list ?? [...bought, ...own, ...missing, ...tax, ['', 'Together', amount(on, cost.totalMinor)]],
            buyColumns,
            SMALL,
          ),
        ],
      },
      {
        blocks: [
          ...(use.length > 0
            ? [
                paragraph('Small parts, where they go', {
                  size: BODY,
                  weight: 'bold',
                  widthPx: half,
                  x: MARGIN_PX + half + 20,
                  after: 2,
                }),
              ]
            : []),
          ...rows(
            use,
            [{ widthPx: 40, anchor: 'end', weight: 'bold' }, { widthPx: half - 40 }],
            SMALL,
            MARGIN_PX + half + 20,
          ),
        ],
      },
    ]),
  ];
}

/** What of the garden's one list goes into it: lengths by their letters, the rest by how many or how much. */
function fromGarden(on: On, garden: SeenGarden): string[][] {
  const { bill, structure } = on.computed;
  const cut = garden.shopping.cutPlans.flatMap((plan) => {
    const mine = plan.layouts.filter(({ cuts }) => cuts.some((one) => one.structure === structure.id));
    return mine.length === 0
      ? []
      : [[String(mine.length), `${CATALOGUE.stock(plan.stock).name}: ${namesOf(mine, plan.layouts)}`, '']];
  });
  const inPlan = new Set(garden.shopping.cutPlans.map(({ stock }) => stock));
  const rest = bill
    .filter(({ of, stock }) => of !== 'joint' && !inPlan.has(stock))
    .map((line) => [
      line.litres === null ? String(line.count) : '',
      `${CATALOGUE.stock(line.stock).name}${
        line.litres !== null
          ? `, ${tellVolume(line.litres * line.count * 1e6, on.tongue.units, on.tongue.locale)}`
          : line.cutMm !== null
            ? `, ${cutWords(line.stock, line.cutMm, on.tongue.units)}`
            : ''
      }`,
      '',
    ]);
  return [...cut, ...rest];
}

/** Tools and drill bits, to be ticked. */
export function tools(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const { tools: list, bitsMm } = toolsFor(stepsOf(computed), computed.sized.design);
  if (list.length === 0) return [];
  const said = list.map((tool) => `○ ${TOOL_WORDS[tool]}`);
  if (bitsMm.length > 0) said.push(`○ Drill bits: ${bitsMm.map((mm) => formatBit(mm, tongue.units)).join(', ')}`);
  const split = Math.ceil(said.length / 2);
  const half = (wide - 20) / 2;
  return [
    gap(8),
    together([
      paragraph('Tools, ticked when they lie ready', { size: BODY, weight: 'bold', widthPx: wide, after: 2 }),
      beside(
        [said.slice(0, split), said.slice(split)].map((column, n) => ({
          blocks: column.map((one) =>
            paragraph(one, { size: SMALL, widthPx: half, x: MARGIN_PX + n * (half + 20), after: 1 }),
          ),
        })),
      ),
    ]),
  ];
}
