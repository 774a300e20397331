import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { Fill } from '@lignum/core/design/shapes/fill';
import { sayEnds } from '@lignum/core/design/end-cuts';
import { setOnPaper } from '@lignum/core/drawing/sheet';
import { ripAcross, ripAlong } from '@lignum/core/drawing/rip-views';
import { heading, paragraph, rows, type Column } from '@lignum/core/paper/blocks';
import { MARGIN_PX, type Block } from '@lignum/core/paper/page';
import { formatVolume } from '@lignum/core/quantity/measure';
import { reach } from '@lignum/core/geometry/space';
import { wordFor } from '../../shell/stock-words';
import { type On, BODY, SMALL, long, partNumbers, whole } from './on';

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

const measuredTo = (mitre: boolean): string =>
  mitre ? 'measured over all, from long point to long point' : 'measured along its middle';

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
