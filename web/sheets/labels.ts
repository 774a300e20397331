import { partNumbers } from '@lignum/core/materials/part-numbers';
import { shapeOf } from '@lignum/core/design/shapes/shapes';
import { heading, paragraph } from '@lignum/core/paper/blocks';
import { MARGIN_PX, text, type Block, type PageMark } from '@lignum/core/paper/page';
import { wordFor } from '../words/stock-words';
import { long, SMALL, type On } from './on';

const ACROSS = 3;
const HIGH_PX = 66;

/** A label for every piece that is cut, to be cut out and stuck on as it leaves the saw; cords need none. */
export function labels(on: On): Block[] {
  const { computed, wide, plan } = on;
  const numbers = partNumbers(computed);
  const named = new Map(computed.sized.design.parts.map((part) => [part.id, part]));
  const all = computed.bill.flatMap((line) => {
    const first = named.get(line.parts[0] ?? '');
    if (line.of === 'joint' || line.litres !== null || !first || shapeOf(first).nature === 'cord') return [];
    return line.parts.map((id, i) => ({
      no: numbers.get(id) ?? 0,
      word: wordFor(computed.kind, line.use),
      size: line.cutMm === null ? '' : long(on, line.cutMm),
      which: line.parts.length > 1 ? `${i + 1} of ${line.parts.length}` : '',
    }));
  });
  if (all.length === 0) return [];
  const each = wide / ACROSS;
  const rows = Array.from({ length: Math.ceil(all.length / ACROSS) }, (_, n) =>
    all.slice(n * ACROSS, (n + 1) * ACROSS),
  );
  return [
    heading('Labels', wide, { first: true }),
    paragraph('Cut them out along the lines, and stick each on its piece as it leaves the saw.', {
      size: SMALL,
      widthPx: wide,
      tint: 'soft',
      leads: true,
      after: 4,
    }),
    ...rows.map((row): Block => ({
      heightPx: HIGH_PX,
      at: (y) =>
        row.flatMap((label, i): PageMark[] => {
          const x = MARGIN_PX + i * each;
          return [
            { put: 'box', x, y, widthPx: each, heightPx: HIGH_PX, fill: null, stroke: 'rule' },
            text(x + 10, y + 42, String(label.no), 32, { weight: 'bold' }),
            text(x + 62, y + 22, label.word, 13, { weight: 'bold' }),
            text(x + 62, y + 39, label.size, 13),
            text(x + 62, y + 55, plan.structures.length > 1 ? computed.structure.name : plan.garden.name, 10, {
              tint: 'soft',
            }),
            text(x + each - 8, y + 39, label.which, 10.5, { tint: 'soft', anchor: 'end' }),
          ];
        }),
    })),
  ];
}
