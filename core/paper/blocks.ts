import { MARGIN_PX, text, type Block, type PageMark, type Tint } from './page';
import { linesOf, typeWidth, type Weight } from './type';

/** Space from line to line, in type sizes. */
const LEADING = 1.28;

export const gap = (heightPx: number): Block => ({ heightPx, at: () => [] });

export interface Wording {
  size: number;
  weight?: Weight;
  tint?: Tint;
  x?: number;
  widthPx: number;
  after?: number;
  leads?: boolean;
}

/** A paragraph. */
export function paragraph(said: string, o: Wording): Block {
  const x = o.x ?? MARGIN_PX;
  const lines = linesOf(said, o.widthPx, o.size, o.weight);
  return {
    heightPx: lines.length * o.size * LEADING + (o.after ?? 0),
    ...(o.leads ? { leads: true } : {}),
    at: (y) =>
      lines.map((line, i) =>
        text(x, y + o.size * (0.95 + i * LEADING), line, o.size, {
          ...(o.weight ? { weight: o.weight } : {}),
          ...(o.tint ? { tint: o.tint } : {}),
        }),
      ),
  };
}

/** A heading over a rule; what follows stays with it. */
export function heading(said: string, widthPx: number, o: { first?: boolean } = {}): Block {
  const size = 16;
  return {
    heightPx: 34,
    leads: true,
    ...(o.first ? { first: true } : {}),
    at: (y) => [
      { put: 'line', from: [MARGIN_PX, y + 6], to: [MARGIN_PX + widthPx, y + 6], widthPx: 1.4, tint: 'ink' },
      text(MARGIN_PX, y + 24, said, size, { weight: 'bold' }),
    ],
  };
}

export interface Column {
  widthPx: number;
  anchor?: 'start' | 'end';
  weight?: Weight;
  tint?: Tint;
}

/** Left free at the right of every column. */
const INSIDE_PX = 8;

/** How wide a column of figures is, so that none of them is broken. */
export const columnFor = (figures: readonly string[], size: number, weight?: Weight): number =>
  Math.ceil(Math.max(0, ...figures.map((one) => typeWidth(one, size, weight)))) + INSIDE_PX;

/** Rows of a table, each a block; cells wrap. A rule stands over every row but the first. */
export function rows(
  cells: readonly (readonly string[])[],
  columns: readonly Column[],
  size: number,
  x0 = MARGIN_PX,
): Block[] {
  const xs = columns.map((_column, i) => x0 + columns.slice(0, i).reduce((sum, one) => sum + one.widthPx, 0));
  const total = columns.reduce((sum, one) => sum + one.widthPx, 0);
  return cells.map((row, n) => {
    const lines = row.map((said, i) =>
      linesOf(said, (columns[i]?.widthPx ?? 100) - INSIDE_PX, size, columns[i]?.weight),
    );
    const most = Math.max(1, ...lines.map((one) => one.length));
    return {
      heightPx: most * size * LEADING + 4,
      at: (y): PageMark[] => [
        ...(n > 0 ? [{ put: 'line', from: [x0, y], to: [x0 + total, y], widthPx: 0.5, tint: 'rule' } as const] : []),
        ...lines.flatMap((some, i) =>
          some.map((line, k) => {
            const column = columns[i] as Column;
            const end = column.anchor === 'end';
            return text(
              (xs[i] as number) + (end ? column.widthPx - INSIDE_PX : 0),
              y + 2 + size * (0.95 + k * LEADING),
              line,
              size,
              {
                anchor: end ? 'end' : 'start',
                ...(column.weight ? { weight: column.weight } : {}),
                ...(column.tint ? { tint: column.tint } : {}),
              },
            );
          }),
        ),
      ],
    };
  });
}

/** Blocks beside each other, as high as the highest. */
export function beside(columns: readonly { blocks: readonly Block[] }[]): Block {
  const heightOf = (blocks: readonly Block[]): number => blocks.reduce((sum, one) => sum + one.heightPx, 0);
  return {
    heightPx: Math.max(0, ...columns.map(({ blocks }) => heightOf(blocks))),
    at: (y) =>
      columns.flatMap(({ blocks }) => {
        let down = y;
        return blocks.flatMap((block) => {
          const marks = block.at(down);
          down += block.heightPx;
          return marks;
        });
      }),
  };
}

/** Several blocks that are never parted. */
export const together = (blocks: readonly Block[]): Block => ({
  ...beside([{ blocks }]),
  ...(blocks[0]?.first ? { first: true } : {}),
});
