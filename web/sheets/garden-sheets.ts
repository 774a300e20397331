import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { coverOf } from '@lignum/core/design/on-plot';
import { layoutName } from '@lignum/core/cutting/cut-plan';
import { drawPlot } from '@lignum/core/drawing/plot-plan';
import { apart, type Called } from '@lignum/core/paper/apart';
import { beside, columnFor, gap, heading, paragraph, rows, together, type Column } from '@lignum/core/paper/blocks';
import {
  FOOT_PX,
  MARGIN_PX,
  onPages,
  SIZES,
  text,
  type Block,
  type Page,
  type PaperSize,
} from '@lignum/core/paper/page';
import { atScale } from '@lignum/core/paper/scale';
import { middleOfBounds } from '@lignum/core/geometry/polygon';
import type { SeenGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { bedOnPlot } from '@lignum/core/site/bed';
import { cornersOf } from '@lignum/core/site/plot';
import type { Tongue } from '@lignum/core/wording/say';
import { inShopOrder, listGroup, sizeWords } from '../words/stock-words';
import { cutBlocks } from './cutting';
import { north } from './where';
import { BODY, fromShed, gardenNumbers, pageOf, SMALL } from './on';

/** The whole garden on paper: where everything lies, one list for the shop with one total, and where each piece comes from. */
export function gardenSheets(plan: Plan, garden: SeenGarden, tongue: Tongue, size: PaperSize): Page[] {
  const wide = SIZES[size].widthPx - 2 * MARGIN_PX;
  const amount = (minor: number): string => formatMoney(money(minor, plan.garden.currency), tongue.locale);
  const numbers = gardenNumbers(garden);
  return onPages(
    [
      {
        heightPx: 40,
        leads: true,
        at: (y) => [
          text(MARGIN_PX, y + 25, plan.garden.name, 26, { weight: 'bold' }),
          text(MARGIN_PX + wide, y + 25, amount(garden.cost.totalMinor), 20, { weight: 'bold', anchor: 'end' }),
        ],
      },
      ...plotPlan(plan, garden, tongue, SIZES[size]),
      ...toBuy(garden, tongue, wide, amount, SIZES[size].heightPx - 2 * MARGIN_PX - FOOT_PX - HEAD_PX),
      ...cutBlocks(garden.shopping, (cut) => numbers.get(`${cut.structure} ${cut.part}`), plan, tongue, wide),
    ],
    size,
    plan.garden.name,
    pageOf,
  );
}

/** Size of type in the table of where everything lies. Pixels. */
const TABLE_TYPE_PX = 10;

/** On large paper the plot takes so much of the first page. */
const PLOT_SHARE = 0.46;

/** The plot to scale: beds by number, what is built by letter, the rest by name; where each lies is in a table. */
function plotPlan(
  plan: Plan,
  garden: SeenGarden,
  tongue: Tongue,
  { widthPx, heightPx }: { widthPx: number; heightPx: number },
): Block[] {
  const wide = widthPx - 2 * MARGIN_PX;
  const long = (mm: number): string => formatLength(mm, tongue.units);
  const beds = plan.beds.map((bed) => ({ bed, outline: bedOnPlot(bed) }));
  const built = garden.structures.map((one) => ({ one, covers: coverOf(one.sized.design, one.frame) }));
  const features = plan.features.map((feature) => ({
    feature,
    outline: cornersOf(feature, feature.lengthMm, feature.widthMm),
  }));
  const view = drawPlot(plan.site, {
    features: features.map(({ outline }) => outline),
    beds: beds.map(({ outline }) => outline),
    built: built.flatMap(({ covers }) => covers),
  });
  const scaled = atScale(view, { widthPx: wide, heightPx: Math.max(520, heightPx * PLOT_SHARE), units: tongue.units });
  const { scale, originPx } = scaled.paper.frame;
  const wish = (outline: readonly (readonly [number, number])[], said: string): Called => {
    const [right, up] = middleOfBounds(outline);
    return { said, x: MARGIN_PX + originPx[0] + right * scale, y: originPx[1] - up * scale + 4 };
  };
  const called = apart([
    ...beds.map(({ outline }, i) => wish(outline, String(i + 1))),
    ...built.flatMap(({ covers }, i) => (covers[0] ? [wish(covers.flat(), layoutName(i))] : [])),
  ]);
  const corner = (outline: readonly (readonly [number, number])[]): [string, string] => [
    long(Math.min(...outline.map(([x]) => x))),
    long(Math.min(...outline.map(([, y]) => y))),
  ];
  const drawing: Block = {
    heightPx: scaled.paper.heightPx + 26,
    at: (y) => {
      return [
        text(MARGIN_PX, y + 14, `The plot from above: ${scaled.said}`, BODY, { weight: 'bold' }),
        { put: 'drawing', x: MARGIN_PX, y: y + 20, paper: scaled.paper, fine: 0.8 },
        ...called.map((one) => text(one.x, y + 20 + one.y, one.said, SMALL, { anchor: 'middle', weight: 'bold' })),
        ...north(plan.site.northDeg, [MARGIN_PX + wide - 22, y + 44]),
      ];
    },
  };
  const half = (wide - 20) / 2;
  const cells = [
    ...beds.map(({ bed, outline }, i) => [
      String(i + 1),
      `${bed.name}, ${long(bed.lengthMm)} × ${long(bed.widthMm)}`,
      ...corner(outline),
    ]),
    ...built.map(({ one, covers }, i) => [
      layoutName(i),
      one.structure.name,
      ...(covers.length > 0 ? corner(covers.flat()) : ['', '']),
    ]),
    ...features.map(({ feature, outline }) => ['', feature.name || feature.kind, ...corner(outline)]),
  ];
  const header = ['', '', 'from the left', 'from below'];
  const figures = (column: 2 | 3): number =>
    columnFor(
      [header, ...cells].map((row) => row[column] ?? ''),
      TABLE_TYPE_PX,
    );
  const [left, below] = [figures(2), figures(3)];
  const columns: Column[] = [
    { widthPx: 28, weight: 'bold' },
    { widthPx: half - 28 - left - below },
    { widthPx: left, anchor: 'end' },
    { widthPx: below, anchor: 'end' },
  ];
  const split = Math.ceil(cells.length / 2);
  return [
    drawing,
    paragraph(
      'Figures are from the left and the lower boundary to the nearest corner of each. Letters stand in the cutting plan before the number of a piece.',
      {
        size: SMALL,
        tint: 'soft',
        widthPx: wide,
        leads: true,
        after: 2,
      },
    ),
    beside(
      [cells.slice(0, split), cells.slice(split)].map((column, n) => ({
        blocks: rows([header, ...column], columns, TABLE_TYPE_PX, MARGIN_PX + n * (half + 20)),
      })),
    ),
  ];
}

/**
 * One list in two columns, page by page: even where it goes on one page, full where it does not. `left` and `right`
 * are the same blocks for either column; what leads another is never the last of a column.
 */
function inTwoColumns(left: readonly Block[], right: readonly Block[], roomPx: number): Block[] {
  const heights = left.map((one) => one.heightPx);
  const sum = (from: number, to: number): number => heights.slice(from, to).reduce((all, one) => all + one, 0);
  /** How many blocks from one on go into a column of so much. */
  const filled = (from: number, mostPx: number): number => {
    let to = from;
    while (to < left.length && sum(from, to + 1) <= mostPx) to++;
    while (to > from + 1 && to < left.length && left[to - 1]?.leads) to--;
    return Math.max(from + 1, to);
  };
  const pages: Block[] = [];
  for (let from = 0; from < left.length;) {
    const rest = sum(from, left.length);
    const half = rest / 2 + Math.max(...heights.slice(from));
    const middle = filled(from, Math.min(roomPx, half));
    const end = middle < left.length ? filled(middle, roomPx) : middle;
    pages.push(beside([{ blocks: left.slice(from, middle) }, { blocks: right.slice(middle, end) }]));
    from = end;
  }
  return pages;
}

/** What a heading and the line under a list take of a page. */
const HEAD_PX = 48;

function toBuy(
  garden: SeenGarden,
  tongue: Tongue,
  wide: number,
  amount: (minor: number) => string,
  roomPx: number,
): Block[] {
  const { shopping, cost } = garden;
  const half = (wide - 20) / 2;
  const bought = inShopOrder(shopping.purchases);
  const groups = [...new Set(bought.map(listGroup))].map((group) => ({
    group,
    cells: bought
      .filter((one) => listGroup(one) === group)
      .map((one) => [
        `○ ${one.count}`,
        `${CATALOGUE.stock(one.stock).name}, ${sizeWords(one.stock, one.size, tongue.units)}`,
        amount(one.costMinor),
      ]),
  }));
  const own = fromShed(shopping, tongue.units).map(([count, what]) => [`○ ${count}`, what ?? '', '']);
  const columns: Column[] = [{ widthPx: 46, weight: 'bold' }, { widthPx: half - 116 }, { widthPx: 70, anchor: 'end' }];
  const lists = [...groups, ...(own.length > 0 ? [{ group: 'Out of the shed', cells: own }] : [])];
  const column = (x: number): Block[] =>
    lists.flatMap(({ group, cells }) => [
      { ...paragraph(group, { size: BODY, weight: 'bold', widthPx: half, x, after: 1 }), leads: true },
      ...rows(cells, columns, SMALL, x),
      gap(6),
    ]);
  const [left, right] = [column(MARGIN_PX), column(MARGIN_PX + half + 20)];
  const tax = cost.taxMinor > 0 ? `, ${amount(cost.taxMinor)} of it tax` : '';
  return [
    heading('To buy', wide, { first: true }),
    ...inTwoColumns(left, right, roomPx),
    together([
      paragraph(`Together ${amount(cost.totalMinor)}${tax}.`, { size: 14, weight: 'bold', widthPx: wide }),
      ...(cost.complete
        ? []
        : [
            paragraph('Something has no price in the book: the total is too low.', {
              size: BODY,
              tint: 'care',
              widthPx: wide,
            }),
          ]),
    ]),
    gap(6),
  ];
}
