import { partNumbers } from '@lignum/core/materials/part-numbers';
import { asShape } from '@lignum/core/design/shapes/shapes';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { EndCut } from '@lignum/core/design/end-cut';
import { sayEnds } from '@lignum/core/design/end-cuts';
import type { Sheet } from '@lignum/core/design/shapes/sheet';
import { setOnPaper } from '@lignum/core/drawing/sheet';
import { ripAcross, ripAlong } from '@lignum/core/drawing/rip-views';
import { columnFor, heading, paragraph, rows, type Column } from '@lignum/core/paper/blocks';
import { MARGIN_PX, type Block } from '@lignum/core/paper/page';
import { formatVolume, tellVolume } from '@lignum/core/quantity/measure';
import { reach } from '@lignum/core/geometry/space';
import { holesOf } from '@lignum/core/setting-out/holes';
import { cutWords, wordFor } from '../words/stock-words';
import { BODY, long, ranges, SMALL, whole, type On } from './on';

/** Every piece by its number: how many, of what, how long and how its ends are cut. */
export function parts(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const { bill, kind, sized } = computed;
  const named = new Map(sized.design.parts.map((part) => [part.id, part]));
  const pieces = bill.filter((line) => line.of !== 'joint');
  const numbers = partNumbers(computed);
  const fromBoard = (board: string): string => `out of the same as ${numbers.get(board) ?? 'it'}`;
  const cells = pieces.map((line, i) => {
    const first = named.get(line.parts[0] ?? '');
    const [sheet, fill, cord] = [asShape(first, 'sheet'), asShape(first, 'fill'), asShape(first, 'line')];
    const [from, to] = cord?.path.length === 2 ? cord.path : [];
    const measured =
      line.litres !== null
        ? tellVolume(line.litres * 1e6, tongue.units, tongue.locale)
        : line.cutMm !== null
          ? cutWords(line.stock, line.cutMm, tongue.units)
          : '';
    const how = [
      line.ends ? sayEnds(line.ends, tongue.units) : '',
      line.ends?.some((end) => 'angleRad' in end) ? slants(line.ends) : '',
      from && to ? `${long(on, reach(from, to))} between its ends as it hangs` : '',
      sheet ? acrossRoll(on, sheet) : '',
      line.litres === null
        ? (kind.names.parts[line.use]?.means ?? '')
        : fill && 'round' in fill.rim
          ? 'in each, see Holes'
          : 'in each',
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
  const lengthPx = columnFor(
    cells.map((row) => row[4] ?? ''),
    BODY,
    'bold',
  );
  const columns: Column[] = [
    { widthPx: 26, weight: 'bold' },
    { widthPx: 34, anchor: 'end', weight: 'bold' },
    { widthPx: 96 },
    { widthPx: 176, tint: 'soft' },
    { widthPx: lengthPx, anchor: 'end', weight: 'bold' },
    { widthPx: wide - 332 - lengthPx, tint: 'soft' },
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

/** How much of a sheet lies across its length: its height, or how much of the roll’s width it takes. */
const acrossRoll = (on: On, { spreadMm, heightMm }: Sheet): string =>
  spreadMm === undefined ? `${long(on, heightMm)} high` : `${long(on, spreadMm)} of the roll’s width`;

/** Across which face an end slants, of which hand it is, and between which points the length is measured. */
const slants = (ends: readonly EndCut[]): string =>
  [
    ends.some((end) => end.cut === 'mitre')
      ? 'across the wide face, measured over all from long point to long point'
      : ends.every((end) => end.cut === 'angle')
        ? 'across the narrow edge, measured over all from long point to long point'
        : 'across the narrow edge, measured along its middle',
    ...(ends.filter((end) => 'angleRad' in end).length === 1 ? ['of either hand: turn it over'] : []),
  ].join('; ');

/** How boards are ripped. */
export function ripped(on: On): Block[] {
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

/** How wide and deep each hole is, and what goes into it. */
export function holes(on: On): Block[] {
  const { computed, wide, tongue } = on;
  const all = holesOf(computed.sized.design);
  if (all.length === 0) return [];
  // As gravel and concrete are sold, however little it is.
  const volume = (litres: number): string =>
    formatVolume(litres * 1e6, tongue.units === 'imperial' ? 'ft³' : 'L', tongue.locale);
  const cells = all.map((one) => [
    `Post ${ranges(one.posts)}`,
    long(on, one.acrossMm),
    long(on, one.deepMm),
    one.gravel ? `${long(on, one.gravel.deepMm)}, ${volume(one.gravel.litres)}` : 'none',
    one.concrete
      ? `${volume(one.concrete.litres)} of concrete, crowned ${long(on, one.concrete.crownMm)} over the soil`
      : 'the soil, tamped back in layers',
  ]);
  return [
    heading('Holes', wide),
    ...whole(
      rows(
        [['', 'across', 'deep', 'gravel in each', 'round each post'], ...cells],
        [{ widthPx: wide - 530, weight: 'bold' }, { widthPx: 70 }, { widthPx: 70 }, { widthPx: 130 }, { widthPx: 260 }],
        BODY,
      ),
    ),
  ];
}
