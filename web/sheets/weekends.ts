import { TOOL_WORDS } from '@lignum/core/building/tool-words';
import { outlinesOf } from '@lignum/core/ahead/outlines';
import { drawPlot } from '@lignum/core/drawing/plot-plan';
import { setOnPaper } from '@lignum/core/drawing/sheet';
import { middleOfBounds } from '@lignum/core/geometry/polygon';
import { beside, gap, heading, paragraph, rows, together } from '@lignum/core/paper/blocks';
import {
  MARGIN_PX,
  onPages,
  SIZES,
  text,
  type Block,
  type Page,
  type PageMark,
  type PaperSize,
} from '@lignum/core/paper/page';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan } from '@lignum/core/plan/plan';
import { stepPhrases, stepsOf } from '@lignum/core/plan/steps';
import { bedOnPlot } from '@lignum/core/site/bed';
import { cornersOf } from '@lignum/core/site/plot';
import { say, type Tongue } from '@lignum/core/wording/say';
import type { WorkDay } from '@lignum/core/work/days';
import { needsOf } from '@lignum/core/work/needs';
import { boardOf, onDay, type OnDay, type Stretch } from '@lignum/core/work/on-day';
import type { Weekends } from '@lignum/core/work/weekends';
import { weekOf } from '@lignum/core/site/calendar-days';
import { waitWords } from '../words/stock-words';
import { beforeWords, countedWords, dateWords, hoursWords, hourWords, neededWords } from '../words/work-words';
import { BODY, pageOf, SMALL } from './on';

/** Between two days that stand abreast. Pixels. */
const GUTTER_PX = 24;
const BOARD_PX = 22;
const NAME_PX = 64;
const PLOT = { wide: 300, high: 210 };
/** A box to tick off, and the room it takes before the words. Pixels. */
const BOX_PX = 11;
const TICK_PX = 24;

interface On {
  plan: Plan;
  byId: ReadonlyMap<string, ComputedStructure>;
  weekends: Weekends;
  tongue: Tongue;
  wide: number;
}

/** The weekends on paper: what has to be seen to before, the days in their order, and a page a day to take outside. */
export function weekendSheets(
  plan: Plan,
  computed: readonly ComputedStructure[],
  weekends: Weekends,
  tongue: Tongue,
  size: PaperSize,
): Page[] {
  const on: On = {
    plan,
    byId: new Map(computed.map((one) => [one.structure.id, one])),
    weekends,
    tongue,
    wide: SIZES[size].widthPx - 2 * MARGIN_PX,
  };
  return onPages(
    [...overview(on), ...weekends.days.flatMap((day) => dayBlocks(on, day))],
    size,
    `Weekends · ${plan.garden.name}`,
    pageOf,
  );
}

const nameIn =
  ({ byId }: On) =>
  (id: string): string =>
    byId.get(id)?.structure.name ?? id;

/** What has to be seen to before, and every day in a line or two a structure. */
function overview(on: On): Block[] {
  const { weekends, tongue, wide } = on;
  const { days, minutes, before, withPlants } = weekends;
  const name = nameIn(on);
  const half = (wide - GUTTER_PX) / 2;
  const [first, last] = [days[0]?.date, days.at(-1)?.date];
  const date = (day: string): string => dateWords(day, tongue.locale);
  return [
    {
      heightPx: 34,
      leads: true,
      at: (y) => [text(MARGIN_PX, y + 24, 'Weekends', 26, { weight: 'bold' })],
    },
    paragraph(
      first && last
        ? `${hoursWords(minutes)} of work, from ${date(first)} to ${date(last)}.`
        : 'Nothing is left to be built.',
      { size: 14, widthPx: wide, after: 6 },
    ),
    ...(before.length > 0
      ? [
          heading('Before that', wide),
          ...rows(
            before.map((one) => [dateWords(one.by, tongue.locale, false), beforeWords(one, name, tongue.locale)]),
            [{ widthPx: 110, weight: 'bold' }, { widthPx: wide - 110 }],
            BODY,
          ),
          gap(6),
        ]
      : []),
    heading('In this order', wide),
    ...pairs(days).map((pair) =>
      together([
        gap(4),
        beside(
          pair.map((day, column) => ({ blocks: dayLines(on, day, MARGIN_PX + column * (half + GUTTER_PX), half) })),
        ),
        gap(4),
      ]),
    ),
    ...(withPlants.length > 0
      ? [
          heading('Then, when the plants go in', wide),
          ...rows(
            withPlants.map(({ on: day, structures }) => [
              `about ${dateWords(day, tongue.locale, false)}`,
              structures.map(name).join(', '),
            ]),
            [{ widthPx: 130, weight: 'bold' }, { widthPx: wide - 130 }],
            BODY,
          ),
        ]
      : []),
  ];
}

/** Two days abreast, those of one week. */
const pairs = (days: readonly WorkDay[]): WorkDay[][] =>
  days.reduce<WorkDay[][]>((all, day) => {
    const last = all.at(-1);
    if (last?.length === 1 && last[0] && weekOf(last[0].date) === weekOf(day.date)) last.push(day);
    else all.push([day]);
    return all;
  }, []);

/** A day in short: who is there, and a line a structure. */
function dayLines(on: On, day: WorkDay, x: number, widthPx: number): Block[] {
  const { weekends, tongue } = on;
  return [
    paragraph(`${dateWords(day.date, tongue.locale)}: ${day.there.map((one) => one.name).join(', ')}`, {
      size: BODY,
      weight: 'bold',
      widthPx,
      x,
      after: 1,
    }),
    ...rows(
      onDay(weekends, day.date).map(({ structure, counted, minutes }) => [
        nameIn(on)(structure),
        countedWords(counted, tongue, 2),
        hoursWords(minutes),
      ]),
      [{ widthPx: widthPx * 0.42 }, { widthPx: widthPx * 0.58 - 56, tint: 'soft' }, { widthPx: 56, anchor: 'end' }],
      SMALL,
      x,
    ),
  ];
}

/** Each person's day as a board that is cut up. */
function board({ wide }: On, day: WorkDay, work: readonly OnDay[]): Block {
  const { endsMin, hours, rows: people } = boardOf(day, work);
  const x = (minute: number): number => MARGIN_PX + NAME_PX + ((wide - NAME_PX) * minute) / endsMin;
  const row = BOARD_PX + 4;
  return {
    heightPx: 30 + people.length * row,
    at: (y) => [
      ...hours.map(({ minute, clock }, i) =>
        text(x(minute), y + 10, hourWords(clock), SMALL, {
          tint: 'soft',
          anchor: i === 0 ? 'start' : minute + 15 > endsMin ? 'end' : 'middle',
        }),
      ),
      ...people.flatMap(({ name, minutes, stretches }, i): PageMark[] => {
        const top = y + 16 + i * row;
        return [
          text(MARGIN_PX, top + BOARD_PX - 7, name, SMALL),
          { put: 'box', x: x(0), y: top, widthPx: x(minutes) - x(0), heightPx: BOARD_PX, fill: null, stroke: 'rule' },
          ...stretches.flatMap((one) => stretch(one, x, top)),
        ];
      }),
      text(MARGIN_PX + wide, y + 26 + people.length * row, 'Pale: two together', 9, { tint: 'soft', anchor: 'end' }),
    ],
  };
}

/** A stretch of somebody's day on their board, with the number of its structure where there is room. */
function stretch(
  { number, from, to, together: both }: Stretch,
  x: (minute: number) => number,
  top: number,
): PageMark[] {
  const [left, widthPx] = [x(from), x(to) - x(from)];
  return [
    {
      put: 'box',
      x: left,
      y: top + 2,
      widthPx,
      heightPx: BOARD_PX - 4,
      fill: both ? 'waste' : 'timber',
      stroke: 'ink',
    },
    ...(widthPx > 12
      ? [text(left + widthPx / 2, top + BOARD_PX - 7, String(number), SMALL, { anchor: 'middle', weight: 'bold' })]
      : []),
  ];
}

/** The plot with the numbers of the day. */
function plot({ plan, byId, tongue }: On, work: readonly OnDay[]): Block {
  const outlines = outlinesOf([...byId.values()]);
  const own = new Map(work.map(({ structure, number }) => [structure, number]));
  const view = {
    ...drawPlot(plan.site, {
      features: plan.features.map((one) => cornersOf(one, one.lengthMm, one.widthMm)),
      beds: plan.beds.map(bedOnPlot),
      built: outlines.filter(({ structure }) => own.has(structure)).map(({ corners }) => corners),
    }),
    chains: [],
  };
  const paper = setOnPaper(view, { widthPx: PLOT.wide, heightPx: PLOT.high, units: tongue.units });
  const { scale, originPx } = paper.frame;
  return {
    heightPx: paper.heightPx + 4,
    at: (y) => [
      { put: 'drawing', x: MARGIN_PX, y, paper, fine: 0.6 },
      ...[...own].flatMap(([structure, number]): PageMark[] => {
        const corners = outlines.find((one) => one.structure === structure)?.corners;
        if (!corners) return [];
        const [right, up] = middleOfBounds(corners);
        const [px, py] = [MARGIN_PX + originPx[0] + right * scale, y + originPx[1] - up * scale];
        return [
          { put: 'box', x: px - 7, y: py - 8, widthPx: 14, heightPx: 15, fill: null, stroke: null },
          text(px, py + 4, String(number), 13, { anchor: 'middle', weight: 'bold' }),
        ];
      }),
    ],
  };
}

/** What is laid out and had ready the day before. */
function dayBefore({ byId, wide }: On, work: readonly OnDay[]): Block[] {
  const x = MARGIN_PX + PLOT.wide + 24;
  const column = wide - PLOT.wide - 24;
  const { stocks, tools } = needsOf(work, byId);
  const said = (words: string, o: { bold?: true } = {}): Block =>
    paragraph(words, { size: SMALL, widthPx: column, x, after: 3, ...(o.bold ? { weight: 'bold' as const } : {}) });
  return [
    said('The day before', { bold: true }),
    ...(stocks.size > 0
      ? [said(`Have there: ${[...stocks].map(([stock, n]) => neededWords(stock, n)).join('; ')}.`)]
      : []),
    said(`Lay out: ${tools.map((tool) => TOOL_WORDS[tool]).join('; ')}.`),
    ...(tools.includes('drill') ? [said('Charge the batteries of the drill.')] : []),
  ];
}

function dayBlocks(on: On, day: WorkDay): Block[] {
  const { weekends, tongue, wide, byId } = on;
  const work = onDay(weekends, day.date);
  const minutes = work.reduce((sum, one) => sum + one.minutes, 0);
  return [
    heading(
      `${dateWords(day.date, tongue.locale)}: ${day.there.map(({ name, minutes: own }) => `${name} ${hoursWords(own)}`).join(', ')}; ${hoursWords(minutes)} of work`,
      wide,
      { first: true },
    ),
    board(on, day, work),
    gap(6),
    beside([{ blocks: [plot(on, work)] }, { blocks: dayBefore(on, work) }]),
    gap(4),
    ...work.flatMap((one) => {
      const computed = byId.get(one.structure);
      return computed ? stepsOn(on, one, computed) : [];
    }),
  ];
}

/** What of one structure is done on a day, each step with a box to tick. */
function stepsOn({ tongue, wide }: On, one: OnDay, computed: ComputedStructure): Block[] {
  const [steps, phrases] = [stepsOf(computed), stepPhrases(computed)];
  const x = MARGIN_PX + TICK_PX;
  const said = (words: string, o: { tint?: 'soft' | 'care' } = {}): Block =>
    paragraph(words, { size: o.tint ? SMALL : BODY, widthPx: wide - TICK_PX, x, after: 1, ...o });
  const lines = one.tasks.flatMap(({ task, placed }) =>
    task.steps.map((i): Block => {
      const step = steps[i];
      if (!step) return gap(0);
      const isWork = i === task.steps.at(-1);
      const aside = [
        `${placed.people.join(' and ')}, about ${hoursWords(placed.to - placed.from)}`,
        ...(task.waitHours > 0 ? [`then wait ${waitWords(task.waitHours)}`] : []),
      ].join('; ');
      return together([
        beside([
          {
            blocks: [
              {
                heightPx: BOX_PX + 4,
                at: (y) =>
                  isWork
                    ? [
                        {
                          put: 'box',
                          x: MARGIN_PX,
                          y: y + 3,
                          widthPx: BOX_PX,
                          heightPx: BOX_PX,
                          fill: null,
                          stroke: 'ink',
                        },
                      ]
                    : [],
              },
            ],
          },
          {
            blocks: [
              said(say(step.what, phrases, tongue)),
              ...(isWork ? [said(aside, { tint: 'soft' })] : []),
              ...(step.caution ? [said(`Care: ${say(step.caution, phrases, tongue)}`, { tint: 'care' })] : []),
            ],
          },
        ]),
        gap(3),
      ]);
    }),
  );
  const [first, ...rest] = lines;
  const head: Block = {
    heightPx: 22,
    leads: true,
    at: (y) => [
      { put: 'line', from: [MARGIN_PX, y + 3], to: [MARGIN_PX + wide, y + 3], widthPx: 0.8, tint: 'ink' },
      text(MARGIN_PX, y + 17, String(one.number), 13, { weight: 'bold' }),
      text(x, y + 17, computed.structure.name, 13, { weight: 'bold' }),
      text(MARGIN_PX + wide, y + 17, hoursWords(one.minutes), BODY, { anchor: 'end', tint: 'soft' }),
    ],
  };
  return [...(first ? [together([head, first])] : [head]), ...rest];
}
