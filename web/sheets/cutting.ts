import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { meshesToMm, type Shopping } from '@lignum/core/costing/buy';
import { KERF_MM } from '@lignum/core/cutting/saw';
import { tightOf } from '@lignum/core/cutting/tight';
import type { Layout, Wanted } from '@lignum/core/cutting/cut-plan';
import { gap, heading, paragraph, together } from '@lignum/core/paper/blocks';
import { MARGIN_PX, text, type Block, type PageMark } from '@lignum/core/paper/page';
import { typeWidth } from '@lignum/core/paper/type';
import type { Plan } from '@lignum/core/plan/plan';
import { formatLength } from '@lignum/core/quantity/length';
import { alikeLayouts, namesOf } from '../words/layouts';
import { cutWords } from '../words/stock-words';
import type { Tongue } from '@lignum/core/wording/say';

const ROD_HIGH = 20;
const NAME_WIDE = 66;

/** Which piece comes from which length, bought or out of the shed, in cutting order, with what is left. */
export function cutBlocks(
  shopping: Shopping,
  numberOf: (piece: Pick<Wanted, 'structure' | 'part'>) => string | undefined,
  plan: Plan,
  tongue: Tongue,
  wide: number,
  /** Only lengths that a piece of this structure comes out of; pieces of others are left white. */
  only?: string,
): Block[] {
  const kerfMm = plan.garden.saw?.kerfMm ?? KERF_MM;
  const mine = ({ cuts }: Layout): boolean => only === undefined || cuts.some(({ structure }) => structure === only);
  const all = shopping.cutPlans.filter((one) => one.layouts.some(mine));
  if (all.length === 0) return [];
  const long = (mm: number): string => formatLength(mm, tongue.units);
  const label = ({ part, structure }: Pick<Wanted, 'structure' | 'part'>): string => {
    const no = numberOf({ structure, part: part.replace(/ \(\d+ of \d+\)$/, '') });
    return no === undefined ? '' : `${no}: `;
  };
  return [
    heading('Where each piece comes from', wide),
    paragraph(
      `Cut in this order, from the hooked end of the tape. Every saw cut takes ${long(kerfMm)}; a panel is cut beside a wire and loses that mesh. Chalk its letter on what is left.`,
      { size: 11, widthPx: wide, tint: 'soft', leads: true, after: 3 },
    ),
    ...(only === undefined
      ? []
      : [
          paragraph(
            'This is its part of the garden’s one cutting plan, under the letters that stand there. White pieces belong to something else: their letter and number are in the garden’s list.',
            { size: 11, widthPx: wide, tint: 'soft', leads: true, after: 3 },
          ),
        ]),
    ...all.flatMap((cuts) => {
      const toMm = (measure: number): number =>
        cuts.measuredIn === 'mm' ? measure : meshesToMm(CATALOGUE, cuts.stock, measure);
      const longest = Math.max(...cuts.layouts.filter(mine).map((layout) => layout.measure));
      return [
        paragraph(CATALOGUE.stock(cuts.stock).name, { size: 12, weight: 'bold', widthPx: wide, leads: true }),
        ...alikeLayouts(cuts.layouts.filter(mine), label).map((group) =>
          layoutBlock(group, {
            toMm,
            all: cuts.layouts,
            longest,
            long,
            pieceLong: (mm) => cutWords(cuts.stock, mm, tongue.units),
            label,
            own: ({ structure }) => only === undefined || structure === only,
            wide,
            timber: cuts.measuredIn === 'mm' && CATALOGUE.stock(cuts.stock).form === 'timber',
          }),
        ),
        gap(4),
      ];
    }),
  ];
}

/** What follows itself is told once, with how often: "6 × G3: 361 mm". */
function counted(words: readonly string[]): string[] {
  const told: { word: string; times: number }[] = [];
  for (const word of words) {
    const last = told.at(-1);
    if (last?.word === word) last.times += 1;
    else told.push({ word, times: 1 });
  }
  return told.map(({ word, times }) => (times > 1 ? `${times} × ${word}` : word));
}

function layoutBlock(
  group: readonly Layout[],
  o: {
    toMm(measure: number): number;
    all: readonly Layout[];
    longest: number;
    long(mm: number): string;
    /** How long a piece is told to be cut. */
    pieceLong(mm: number): string;
    label(piece: Wanted): string;
    own(piece: Wanted): boolean;
    wide: number;
    timber: boolean;
  },
): Block {
  const layout = group[0] as Layout;
  const names = namesOf(group, o.all);
  const room = o.wide - NAME_WIDE;
  const x = (measure: number): number => MARGIN_PX + NAME_WIDE + (measure / o.longest) * room;
  const tight = o.timber ? tightOf(layout) : null;
  const from = `${group.length > 1 ? `${group.length} of ` : ''}${o.long(o.toMm(layout.measure))}${layout.from === 'shed' ? ' from the shed' : ''}`;
  const left = layout.offcut > 0 ? `${o.long(o.toMm(layout.offcut))} left over` : 'nothing left over';
  const warn =
    tight !== null
      ? `Tight: only ${o.long(tight)} to spare with ${layout.cuts.length} cuts; measure the length before you cut, and saw on the waste side.`
      : '';
  const each = layout.cuts.map((cut) => `${o.label(cut)}${o.pieceLong(o.toMm(cut.measure))}`);
  const said = `${from}: ${counted(each).join(' + ')}; ${left}.`;
  return together([
    {
      heightPx: ROD_HIGH + 6,
      at: (y): PageMark[] => [
        text(MARGIN_PX, y + 16, names, 12.5, { weight: 'bold' }),
        {
          put: 'box',
          x: x(0),
          y: y + 3,
          widthPx: x(layout.measure) - x(0),
          heightPx: ROD_HIGH,
          fill: 'waste',
          stroke: 'ink',
        },
        ...layout.cuts.flatMap((cut): PageMark[] => {
          const [a, b] = [x(cut.at), x(cut.at + cut.measure)];
          const full = `${o.label(cut)}${o.pieceLong(o.toMm(cut.measure))}`;
          const brief = o.label(cut).replace(': ', '');
          const fits = [full, brief].find((one) => typeWidth(one, 11) < b - a - 6);
          return [
            {
              put: 'box',
              x: a,
              y: y + 3,
              widthPx: b - a,
              heightPx: ROD_HIGH,
              fill: o.own(cut) ? 'timber' : null,
              stroke: 'ink',
            },
            ...(fits ? [text((a + b) / 2, y + 17, fits, 11, { anchor: 'middle' })] : []),
          ];
        }),
      ],
    },
    paragraph(said, { size: 11, tint: 'soft', x: MARGIN_PX + NAME_WIDE, widthPx: room }),
    ...(warn ? [paragraph(warn, { size: 11, tint: 'care', x: MARGIN_PX + NAME_WIDE, widthPx: room })] : []),
    gap(5),
  ]);
}
