import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { setOf } from '@lignum/core/catalogue/how-set';
import { TOOL_WORDS } from '@lignum/core/building/tool-words';
import { jointsByStep } from '@lignum/core/building/tools';
import { toolsFor } from '@lignum/core/building/tools-for';
import { cropIn } from '@lignum/core/crops/book';
import type { Joint } from '@lignum/core/design/design';
import type { Fill } from '@lignum/core/design/shapes/fill';
import { sayEnds } from '@lignum/core/design/end-cuts';
import { closeUps } from '@lignum/core/drawing/close-ups';
import { stepView } from '@lignum/core/drawing/step-views';
import { setOnPaper } from '@lignum/core/drawing/sheet';
import { drawViews } from '@lignum/core/drawing/views';
import { ripAcross, ripAlong } from '@lignum/core/drawing/rip-views';
import { beside, gap, heading, paragraph, rows, together, type Column } from '@lignum/core/paper/blocks';
import {
  filled,
  MARGIN_PX,
  onPages,
  SIZES,
  text,
  type Block,
  type Page,
  type PageMark,
  type PaperSize,
} from '@lignum/core/paper/page';
import { atScale } from '@lignum/core/paper/scale';
import { typeWidth } from '@lignum/core/paper/type';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan } from '@lignum/core/plan/plan';
import { formatBit, formatLength } from '@lignum/core/quantity/length';
import { formatVolume } from '@lignum/core/quantity/measure';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { ringOf } from '@lignum/core/setting-out/ring';
import { rodsOf, storyStep, type Rod } from '@lignum/core/setting-out/rods';
import { formatMonthDay, say, type Tongue } from '@lignum/core/wording/say';
import { reach } from '@lignum/core/geometry/space';
import { plantingWords } from '../../garden/crop-words';
import { placeWords } from '../../shell/place-words';
import { inShopOrder, sizeWords, wordFor } from '../../shell/stock-words';
import { metAlong, rodTitle } from './mark-words';
import { cutBlocks } from './cutting';

const BODY = 12;
const SMALL = 11;

interface On {
  plan: Plan;
  computed: ComputedStructure;
  tongue: Tongue;
  wide: number;
  /** How large drawings are, as a share of their usual height. */
  drawn: number;
}

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

const amount = (on: On, minor: number): string => formatMoney(money(minor, on.plan.garden.currency), on.tongue.locale);
const long = (on: On, mm: number): string => formatLength(mm, on.tongue.units);

function head(on: On): Block[] {
  const { computed, plan, tongue, wide } = on;
  const { structure, kind, setting, cost, sized, verdicts } = computed;
  const growing = plan.plantings
    .filter((one) => structure.plantings.includes(one.id))
    .map((one) => plantingWords(one, plan.crops))
    .join('; ');
  const price = amount(on, cost.totalMinor);
  const urgent = verdicts.filter(({ level }) => level === 'fail' || level === 'warn');
  return [
    {
      heightPx: 36,
      leads: true,
      at: (y) => [
        text(MARGIN_PX, y + 25, structure.name, 26, { weight: 'bold' }),
        text(MARGIN_PX + wide, y + 25, price, 20, { weight: 'bold', anchor: 'end' }),
      ],
    },
    paragraph(
      `${kind.name} · ${plan.garden.name}, ${placeWords(setting.place, tongue)} · ${long(on, sized.design.builtMm)} long${growing ? ` · ${growing}` : ''}`,
      { size: BODY, widthPx: wide, tint: 'soft', leads: true, after: 2 },
    ),
    paragraph(
      `${amount(on, cost.perSeasonMinor)} a season over the life of its parts. Sized by the rules of the trade; its strength in wind, under snow and under load is not reckoned. For height, boundaries, snow and storm winds, local rules and licensed people decide.`,
      { size: SMALL, widthPx: wide, tint: 'soft', after: 4 },
    ),
    ...urgent.flatMap((verdict) => [
      paragraph(`To be settled first: ${say(verdict.told, {}, tongue)}`, {
        size: BODY,
        widthPx: wide,
        tint: 'care',
        weight: 'bold',
        after: 3,
      }),
    ]),
  ];
}

/** Every view at the scale of a rule, with a bar to measure by. */
function views(on: On): Block[] {
  const { computed, wide, tongue } = on;
  return drawViews(computed.sized.design, computed.around).map((view, i) => {
    const scaled = atScale(view, {
      widthPx: wide,
      heightPx: on.drawn * (i === 0 ? 330 : view.title.toLowerCase().includes('above') ? 300 : 270),
      units: tongue.units,
    });
    const said = `${view.title}: ${scaled.said}`;
    return {
      heightPx: scaled.paper.heightPx + 24,
      at: (y): PageMark[] => [
        text(MARGIN_PX, y + 15, said, BODY, { weight: 'bold' }),
        ...bar(MARGIN_PX + typeWidth(said, BODY, 'bold') + 14, y + 11, scaled.bar.px, long(on, scaled.bar.mm)),
        { put: 'drawing', x: MARGIN_PX, y: y + 20, paper: scaled.paper, fine: scaled.fine },
      ],
    };
  });
}

const bar = (x: number, y: number, px: number, said: string): PageMark[] => [
  { put: 'box', x, y, widthPx: px / 2, heightPx: 4, fill: 'ink', stroke: 'ink' },
  { put: 'box', x: x + px / 2, y, widthPx: px / 2, heightPx: 4, fill: null, stroke: 'ink' },
  text(x + px + 6, y + 5, said, SMALL, { tint: 'soft' }),
];

/** Cut pieces by number, as the bill has them: part by part. */
export function partNumbers({ bill }: ComputedStructure): Map<string, number> {
  const numbers = new Map<string, number>();
  bill
    .filter((line) => line.of !== 'joint')
    .forEach((line, i) => line.parts.forEach((part) => numbers.set(part, i + 1)));
  return numbers;
}

function parts(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const { bill, kind, sized } = computed;
  const named = new Map(sized.design.parts.map((part) => [part.id, part]));
  const pieces = bill.filter((line) => line.of !== 'joint');
  const numbers = partNumbers(computed);
  const fromBoard = (board: string): string => `out of the same as ${numbers.get(board) ?? 'it'}`;
  const cells = pieces.map((line, i) => {
    const first = named.get(line.parts[0] ?? '');
    const [from, to] = first?.shape === 'line' && first.path.length === 2 ? first.path : [];
    const measured =
      line.litres !== null
        ? formatVolume(line.litres * 1e6, tongue.units === 'imperial' ? 'ft³' : 'L', tongue.locale)
        : line.cutMm !== null
          ? long(on, line.cutMm)
          : '';
    const how = [
      line.ends ? sayEnds(line.ends, tongue.units) : '',
      line.ends?.some((end) => 'angleRad' in end) ? measuredTo(line.ends.some((end) => end.cut === 'mitre')) : '',
      from && to ? `${long(on, reach(from, to))} between its ends as it hangs` : '',
      first?.shape === 'sheet' ? `${long(on, first.heightMm)} high` : '',
      line.litres === null ? (kind.names.parts[line.use]?.means ?? '') : 'in each, see Holes',
      line.board === null ? '' : fromBoard(line.board),
    ].filter(Boolean);
    return [
      String(i + 1),
      String(line.count),
      wordFor(kind, line.use),
      CATALOGUE.stock(line.stock).name,
      measured,
      how.join('; '),
    ];
  });
  const columns: Column[] = [
    { widthPx: 26, weight: 'bold' },
    { widthPx: 34, anchor: 'end', weight: 'bold' },
    { widthPx: 96 },
    { widthPx: 176, tint: 'soft' },
    { widthPx: 82, anchor: 'end', weight: 'bold' },
    { widthPx: wide - 414, tint: 'soft' },
  ];
  return [
    heading('Pieces', wide),
    paragraph(
      'The number is written on each piece as it is cut, and stands in the cutting plan, the marks and the steps.',
      {
        size: SMALL,
        widthPx: wide,
        tint: 'soft',
        leads: true,
        after: 3,
      },
    ),
    ...whole(rows(cells, columns, BODY)),
  ];
}

/** A list that takes less than a third of a page is not parted. */
const whole = (blocks: readonly Block[]): Block[] =>
  blocks.reduce((sum, one) => sum + one.heightPx, 0) < 330 ? [together(blocks)] : [...blocks];

const measuredTo = (mitre: boolean): string =>
  mitre ? 'measured over all, from long point to long point' : 'measured along its middle';

function ripped(on: On): Block[] {
  const { computed, wide, tongue } = on;
  return (computed.sized.design.boards ?? []).flatMap((board) => [
    heading(`Ripping ${CATALOGUE.stock(board.stock).name}`, wide),
    ...[ripAcross(board), ripAlong(board)].map((view): Block => {
      const paper = setOnPaper(view, { widthPx: wide, heightPx: 210, units: tongue.units });
      return { heightPx: paper.heightPx + 6, at: (y) => [{ put: 'drawing', x: MARGIN_PX, y, paper, fine: 1 }] };
    }),
    ...board.guides.map((guide) =>
      paragraph(
        `Cut ${guide.cut}: from the ${guide.from} the strip is ${long(on, guide.stripMm)}; the guide is clamped ${long(on, guide.guideMm)} from that edge.`,
        { size: BODY, widthPx: wide },
      ),
    ),
  ]);
}

function toBuy(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const { shopping, cost, kind, bill } = computed;
  const small = bill.filter((line) => line.of === 'joint');
  const bought = inShopOrder(shopping.purchases).map((one) => [
    String(one.count),
    `${CATALOGUE.stock(one.stock).name}, ${sizeWords(one.stock, one.size, tongue.units)}`,
    amount(on, one.costMinor),
  ]);
  const own = shopping.fromShed.map((one) => [
    CATALOGUE.stock(one.stock).form === 'piece' || CATALOGUE.stock(one.stock).form === 'bagged'
      ? String(one.size)
      : String(one.count),
    `${CATALOGUE.stock(one.stock).name}${['piece', 'bagged', 'panel'].includes(CATALOGUE.stock(one.stock).form) ? '' : `, ${long(on, one.size)}`}, from the shed`,
    '',
  ]);
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
    `${CATALOGUE.stock(line.stock).name}${line.cutMm ? `, ${long(on, line.cutMm)} each` : ''}: ${wordFor(kind, line.use).toLowerCase()}`,
  ]);
  const title = (said: string): Block => paragraph(said, { size: BODY, weight: 'bold', widthPx: half, after: 2 });
  return [
    heading('To buy and to lay out', wide),
    beside([
      {
        blocks: [
          title('To buy'),
          ...rows(
            [...bought, ...own, ...missing, ...tax, ['', 'Together', amount(on, cost.totalMinor)]],
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

function tools(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const { tools: list, bitsMm } = toolsFor(computed.sized.steps, computed.sized.design);
  if (list.length === 0) return [];
  const said = list.map((tool) => `○ ${TOOL_WORDS[tool]}`);
  if (bitsMm.length > 0) said.push(`○ Drill bits: ${bitsMm.map((mm) => formatBit(mm, tongue.units)).join(', ')}`);
  const third = Math.ceil(said.length / 2);
  const half = (wide - 20) / 2;
  return [
    gap(8),
    together([
      paragraph('Tools, ticked when they lie ready', { size: BODY, weight: 'bold', widthPx: wide, after: 2 }),
      beside(
        [said.slice(0, third), said.slice(third)].map((column, n) => ({
          blocks: column.map((one) =>
            paragraph(one, { size: SMALL, widthPx: half, x: MARGIN_PX + n * (half + 20), after: 1 }),
          ),
        })),
      ),
    ]),
  ];
}

/** How wide and deep each hole is, and what goes into it. */
function holes(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const fills = computed.sized.design.parts.filter(
    (part): part is Fill => part.shape === 'fill' && 'round' in part.rim,
  );
  if (fills.length === 0) return [];
  const volume = (litres: number): string =>
    formatVolume(litres * 1e6, tongue.units === 'imperial' ? 'ft³' : 'L', tongue.locale);
  const byPost = new Map<string, Fill[]>();
  for (const fill of fills) {
    const post = fill.id.replace(/^(concrete|gravel)-/, '');
    byPost.set(post, [...(byPost.get(post) ?? []), fill]);
  }
  const alike = new Map<string, { posts: string[]; cells: string[] }>();
  for (const [post, some] of byPost) {
    const [gravel, concrete] = ['gravel', 'concrete'].map((role) => some.find((one) => one.role === role));
    const rim = (some[0] as Fill).rim as { round: number };
    const buried = computed.sized.design.posts.find((one) => one.id === post)?.buriedMm ?? concrete?.cutMm ?? 0;
    const cells = [
      long(on, rim.round),
      long(on, buried + (gravel?.cutMm ?? 0)),
      gravel ? `${long(on, gravel.cutMm)}, ${volume(gravel.litres)}` : 'none',
      concrete
        ? `${volume(concrete.litres)}, crowned ${long(on, concrete.crownMm)} over the soil`
        : 'the soil, tamped back',
    ];
    const known = alike.get(cells.join());
    alike.set(cells.join(), { posts: [...(known?.posts ?? []), post.replace(/^post-/, '')], cells });
  }
  const cells = [...alike.values()].map((one) => [`Post ${one.posts.join(', ')}`, ...one.cells]);
  return [
    heading('Holes', wide),
    ...whole(
      rows(
        [['', 'across', 'deep', 'gravel in each', 'round each post'], ...cells],
        [{ widthPx: wide - 500, weight: 'bold' }, { widthPx: 70 }, { widthPx: 70 }, { widthPx: 130 }, { widthPx: 230 }],
        BODY,
      ),
    ),
  ];
}

/** Everything measured along something, as running figures beside a rod drawn to scale. */
function marks(on: On): Block[] {
  const { computed, wide, plan } = on;
  const rods = rodsOf(computed.sized.design).filter((rod) => rod.role !== 'brace');
  const ring = ringOf(computed.sized.design);
  if (rods.length === 0 && !ring) return [];
  const cropName = (id: string): string => cropIn(plan.crops, id).name;
  return [
    heading('Marks', wide),
    paragraph('Running figures: hook the tape once on the zero and mark them all before you move it.', {
      size: SMALL,
      widthPx: wide,
      tint: 'soft',
      leads: true,
      after: 4,
    }),
    ...(ring ? ringBlocks(on, ring) : []),
    ...rods.flatMap((rod) => rodBlocks(on, rod, cropName)),
  ];
}

function ringBlocks(on: On, ring: NonNullable<ReturnType<typeof ringOf>>): Block[] {
  const { wide } = on;
  return [
    paragraph('Ring: poles from above, clockwise', { size: BODY, weight: 'bold', widthPx: wide, leads: true }),
    paragraph(
      `Zero: pole 1${ring.doorMm === null ? '' : `, left of the door as you look out of it; the door is ${long(on, ring.doorMm)} between poles ${ring.poles.length} and 1`}. A chord is measured straight from foot to foot.`,
      { size: SMALL, widthPx: wide, tint: 'soft', leads: true, after: 2 },
    ),
    together(
      rows(
        [
          ['', 'from the middle', 'chord from the one before', 'chord from pole 1', 'turned from pole 1'],
          ...ring.poles.map((pole) => [
            `Pole ${pole.no}`,
            long(on, pole.radiusMm),
            pole.no === 1 ? '–' : long(on, pole.chordMm),
            pole.no === 1 ? '–' : long(on, 2 * pole.radiusMm * Math.abs(Math.sin((pole.turnDeg * Math.PI) / 360))),
            `${Math.round(pole.turnDeg)}°`,
          ]),
        ],
        [
          { widthPx: 90, weight: 'bold' },
          { widthPx: 140, anchor: 'end' },
          { widthPx: 180, anchor: 'end' },
          { widthPx: 140, anchor: 'end' },
          { widthPx: 130, anchor: 'end' },
        ],
        BODY,
      ),
    ),
    gap(8),
  ];
}

/** "rail-front-bottom-1" as "front bottom 1". */
const calledBy = (id: string, role: string): string => id.replace(new RegExp(`^${role}-`), '').replaceAll('-', ' ');

const ROD_HIGH = 9;

function rodBlocks(on: On, rod: Rod, cropName: (id: string) => string): Block[] {
  const { computed, wide } = on;
  const { title, zero } = rodTitle(computed.kind, rod);
  const numbers = partNumbers(computed);
  const no = rod.kind === 'timber' || rod.kind === 'heights' ? numbers.get(rod.parts[0] ?? '') : undefined;
  const met = metAlong(computed.kind, rod, cropName);
  const least = Math.min(0, ...rod.marks.map((mark) => mark.atMm));
  const most = Math.max(rod.lengthMm, ...rod.marks.map((mark) => mark.atMm));
  const x = (mm: number): number => MARGIN_PX + ((mm - least) / Math.max(1, most - least)) * wide;
  const step = storyStep(rod);
  const story = step ? ` Story stick: ${step.count} of them, ${long(on, step.stepMm)} from each to the next.` : '';
  const alike = rod.alike > 1 ? `, make ${rod.alike} alike` : '';
  const which =
    (rod.kind === 'timber' || rod.kind === 'heights') && rod.alike <= 4
      ? `, ${rod.parts.map((id) => calledBy(id, rod.role)).join('; ')}`
      : '';
  const rodBlock: Block = {
    heightPx: ROD_HIGH + 10,
    leads: true,
    at: (y) => [
      {
        put: 'box',
        x: x(least),
        y: y + 3,
        widthPx: Math.max(1, x(most) - x(least)),
        heightPx: ROD_HIGH,
        fill: rod.kind === 'timber' || rod.kind === 'heights' || rod.kind === 'run' ? 'timber' : null,
        stroke: 'ink',
      },
      ...met.flatMap(({ fromMm, atMm, toMm }): PageMark[] => {
        const [a, b] = [fromMm ?? atMm ?? 0, toMm ?? atMm ?? 0];
        return fromMm !== null || toMm !== null
          ? [
              {
                put: 'box',
                x: x(a),
                y: y + 3,
                widthPx: Math.max(1.2, x(b) - x(a)),
                heightPx: ROD_HIGH,
                fill: 'chalk',
                stroke: null,
              },
            ]
          : [{ put: 'line', from: [x(a), y], to: [x(a), y + ROD_HIGH + 6], widthPx: 1, tint: 'chalk' }];
      }),
    ],
  };
  const faces = met.some((one) => one.fromMm !== null || one.toMm !== null);
  const figure = (mm: number | null): string => (mm === null ? '' : long(on, mm));
  const cells = met.map((one) =>
    faces ? [one.what, figure(one.fromMm), figure(one.atMm), figure(one.toMm)] : [one.what, figure(one.atMm)],
  );
  // Long lists stand in columns beside each other.
  const across = cells.length > 6 ? (faces ? 2 : 3) : 1;
  const per = Math.ceil(cells.length / across);
  const wideEach = across > 1 ? (wide - (across - 1) * 16) / across : Math.min(wide, 430);
  const columns: Column[] = faces
    ? [
        { widthPx: wideEach - 232 },
        { widthPx: 75, anchor: 'end' },
        { widthPx: 82, anchor: 'end', weight: 'bold' },
        { widthPx: 75, anchor: 'end' },
      ]
    : [{ widthPx: Math.min(220, wideEach - 88) }, { widthPx: 88, anchor: 'end', weight: 'bold' }];
  const header = faces ? [['', 'from', 'middle', 'to']] : [];
  const table = Array.from({ length: across }, (_, n) =>
    rows([...header, ...cells.slice(n * per, (n + 1) * per)], columns, SMALL, MARGIN_PX + n * (wideEach + 16)),
  );
  const lines = Math.max(...table.map((one) => one.length));
  return [
    paragraph(`${no === undefined ? '' : `${no} · `}${title}${which}${alike}: ${long(on, rod.lengthMm)}`, {
      size: BODY,
      weight: 'bold',
      widthPx: wide,
      leads: true,
    }),
    paragraph(`${zero}.${story}`, { size: SMALL, tint: 'soft', widthPx: wide, leads: true }),
    rodBlock,
    ...whole(
      Array.from({ length: lines }, (_, i): Block =>
        beside(table.map((column) => ({ blocks: column.slice(i, i + 1) }))),
      ),
    ),
    gap(9),
  ];
}

/** Each kind of joint, drawn large, with what holds it and how that is set. */
function joints(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const all = closeUps(computed.sized.design);
  if (all.length === 0) return [];
  return [
    heading('Joints', wide),
    paragraph('A red dot is the head of a screw or a nail, a dashed line its shank in the wood, as long as it is.', {
      size: SMALL,
      widthPx: wide,
      tint: 'soft',
      leads: true,
      after: 3,
    }),
    ...all.flatMap((one) => {
      const drawn = one.views.map((view) => setOnPaper(view, { widthPx: 205, heightPx: 240, units: tongue.units }));
      const left = MARGIN_PX + drawn.length * 210;
      const textWide = wide - drawn.length * 210;
      const said = one.fixings.flatMap((held) => {
        const where = held.into
          ? `${held.through ? `, through ${wordFor(computed.kind, held.through).toLowerCase()}` : ','} into ${wordFor(computed.kind, held.into).toLowerCase()}`
          : '';
        const pilot = held.pilotMm === null ? '' : `; pilot hole ${formatBit(held.pilotMm, tongue.units)}`;
        return [
          paragraph(
            `${held.count} × ${CATALOGUE.stock(held.stock).name}${held.eachMm ? `, ${long(on, held.eachMm)}` : ''}${where}${pilot}`,
            { size: SMALL, widthPx: textWide, x: left, weight: 'bold' },
          ),
          paragraph(setOf(held.stock), { size: SMALL, widthPx: textWide, x: left, tint: 'soft', after: 3 }),
        ];
      });
      const how = computed.kind.names.joinery?.[one.kind];
      return [
        together([
          beside([
            {
              blocks: [
                {
                  heightPx: Math.max(0, ...drawn.map((paper) => paper.heightPx)) + 4,
                  at: (y) =>
                    drawn.map((paper, n): PageMark => ({ put: 'drawing', x: MARGIN_PX + n * 210, y, paper, fine: 1 })),
                },
              ],
            },
            {
              blocks: [
                paragraph(`${wordFor(computed.kind, one.kind)}${one.count > 1 ? `, ${one.count} of them` : ''}`, {
                  size: 13,
                  weight: 'bold',
                  widthPx: textWide,
                  x: left,
                  after: 2,
                }),
                ...(how ? [paragraph(how, { size: SMALL, widthPx: textWide, x: left, after: 3 })] : []),
                ...said,
              ],
            },
          ]),
          gap(6),
        ]),
      ];
    }),
  ];
}

const PICTURE = 168;

/** What joints are made with, counted: "With 8 × coated deck screw…". */
function smallParts(joints: readonly Joint[]): string[] {
  const count = new Map<string, number>();
  for (const { fixings } of joints)
    for (const one of fixings) count.set(one.stock, (count.get(one.stock) ?? 0) + one.count);
  return count.size === 0
    ? []
    : [`With ${[...count].map(([stock, n]) => `${n} × ${CATALOGUE.stock(stock).name}`).join(', ')}.`];
}

/** The steps in their order, each that adds something with a small picture of what is added. */
function order(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const { steps, design } = computed.sized;
  const numbers = partNumbers(computed);
  const roles = new Map(design.parts.map((part) => [part.id, part.role]));
  const stands = new Set<string>();
  const joined = jointsByStep(steps, design.joints);
  const blocks = steps.map((step, i): Block => {
    const adds = step.adds ?? [];
    const picture =
      adds.length > 0
        ? setOnPaper(stepView(design, adds, new Set(stands)), { widthPx: PICTURE, heightPx: 104, units: tongue.units })
        : null;
    for (const id of adds) stands.add(id);
    const comes = [...new Set(adds.map((id) => roles.get(id) ?? ''))]
      .map((role) => {
        const ids = adds.filter((id) => roles.get(id) === role);
        const nos = [...new Set(ids.flatMap((id) => numbers.get(id) ?? []))].toSorted((a, b) => a - b);
        const which = nos.length > 2 ? `${nos[0]}–${nos.at(-1)}` : nos.join(', ');
        return `${ids.length} × ${wordFor(computed.kind, role).toLowerCase()}${which ? ` (${which})` : ''}`;
      })
      .join(', ');
    const left = MARGIN_PX + PICTURE + 38;
    const textWide = wide - PICTURE - 38;
    const aside = [
      ...(step.people > 1 ? [`${step.people} people.`] : []),
      ...(step.waitHours === undefined ? [] : [`Then wait ${step.waitHours} hours.`]),
      ...(comes ? [`Adds ${comes}.`] : []),
      ...smallParts(joined[i] ?? []),
    ].join(' ');
    return together([
      beside([
        { blocks: [{ heightPx: 22, at: (y) => [text(MARGIN_PX, y + 15, String(i + 1), 15, { weight: 'bold' })] }] },
        {
          blocks: picture
            ? [
                {
                  heightPx: picture.heightPx,
                  at: (y) => [{ put: 'drawing', x: MARGIN_PX + 26, y, paper: picture, fine: 0.55 }],
                },
              ]
            : [],
        },
        {
          blocks: [
            gap(3),
            paragraph(say(step.what, computed.kind.phrases, tongue), {
              size: BODY,
              widthPx: textWide,
              x: left,
              after: 2,
            }),
            ...(aside ? [paragraph(aside, { size: SMALL, tint: 'soft', widthPx: textWide, x: left, after: 2 })] : []),
            ...(step.caution
              ? [
                  paragraph(`Care: ${say(step.caution, computed.kind.phrases, tongue)}`, {
                    size: SMALL,
                    tint: 'care',
                    widthPx: textWide,
                    x: left,
                    after: 2,
                  }),
                ]
              : []),
          ],
        },
      ]),
      gap(5),
    ]);
  });
  return [heading('In this order', wide), ...blocks];
}

function seasons(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const { season } = computed.sized;
  if (season.length === 0) return [];
  return [
    heading('Through the season', wide),
    ...rows(
      season.map((note) => [
        note.on ? `about ${formatMonthDay(note.on, tongue.locale)}` : '',
        say(note.what, computed.kind.phrases, tongue),
      ]),
      [{ widthPx: 110, weight: 'bold' }, { widthPx: wide - 110 }],
      BODY,
    ),
  ];
}
