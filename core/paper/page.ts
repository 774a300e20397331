import type { Paper } from '../drawing/sheet';
import type { Weight } from './type';

/**
 * Sheets of paper that printers take, in pixels of 1/96 in (ISO 216 A4 and A3; ANSI/ASME Y14.1 A and B), and the margin all
 * round. The large ones are for whoever has such a printer: the plot and the drawings have more room on them.
 * Decision 42.
 */
export const SIZES = {
  A4: { widthPx: 794, heightPx: 1123 },
  Letter: { widthPx: 816, heightPx: 1056 },
  A3: { widthPx: 1123, heightPx: 1587 },
  Tabloid: { widthPx: 1056, heightPx: 1632 },
} as const;
export type PaperSize = keyof typeof SIZES;
export const MARGIN_PX = 50;
/** Room under the text for the foot of the page. */
export const FOOT_PX = 26;

export type Tint = 'ink' | 'soft' | 'rule' | 'timber' | 'waste' | 'care' | 'chalk';

/** What stands on a page, in pixels from its top left corner. */
export type PageMark =
  | {
      put: 'text';
      x: number;
      y: number;
      text: string;
      size: number;
      weight: Weight;
      tint: Tint;
      anchor: 'start' | 'middle' | 'end';
    }
  | { put: 'line'; from: readonly [number, number]; to: readonly [number, number]; widthPx: number; tint: Tint }
  | { put: 'box'; x: number; y: number; widthPx: number; heightPx: number; fill: Tint | null; stroke: Tint | null }
  /** A drawing; its strokes are thinned by `fine`. */
  | { put: 'drawing'; x: number; y: number; paper: Paper; fine: number };

export interface Page {
  widthPx: number;
  heightPx: number;
  marks: readonly PageMark[];
}

/** Something that is set down as a whole: how high it is, and its marks where its top comes to lie. */
export interface Block {
  heightPx: number;
  /** Never the last thing on a page: what it introduces follows it. */
  leads?: boolean;
  /** Begins a page. */
  first?: boolean;
  at(y: number): PageMark[];
}

export const text = (
  x: number,
  y: number,
  said: string,
  size: number,
  o: { weight?: Weight; tint?: Tint; anchor?: 'start' | 'middle' | 'end' } = {},
): PageMark => ({
  put: 'text',
  x,
  y,
  text: said,
  size,
  weight: o.weight ?? 'regular',
  tint: o.tint ?? 'ink',
  anchor: o.anchor ?? 'start',
});

/**
 * Sets blocks on as many pages as they take, each whole, with the title and "page x of y" at the foot. What
 * leads another block goes to the next page with it.
 */
export function onPages(
  blocks: readonly Block[],
  size: PaperSize,
  title: string,
  said: (page: number, of: number) => string,
): Page[] {
  const { widthPx, heightPx } = SIZES[size];
  const bottom = heightPx - MARGIN_PX - FOOT_PX;
  const pages: PageMark[][] = [[]];
  let y = MARGIN_PX;
  blocks.forEach((block, i) => {
    let need = block.heightPx;
    for (let n = i; blocks[n]?.leads && blocks[n + 1]; n++) need += (blocks[n + 1] as Block).heightPx;
    const fresh = y <= MARGIN_PX + 0.5;
    if ((y + need > bottom || block.first) && !fresh) {
      pages.push([]);
      y = MARGIN_PX;
    }
    (pages.at(-1) as PageMark[]).push(...block.at(y));
    y += block.heightPx;
  });
  return pages.map((marks, i) => ({
    widthPx,
    heightPx,
    marks: [
      ...marks,
      {
        put: 'line',
        from: [MARGIN_PX, heightPx - MARGIN_PX - 10],
        to: [widthPx - MARGIN_PX, heightPx - MARGIN_PX - 10],
        widthPx: 0.7,
        tint: 'rule',
      },
      text(MARGIN_PX, heightPx - MARGIN_PX + 4, title, 10.5, { tint: 'soft' }),
      text(widthPx - MARGIN_PX, heightPx - MARGIN_PX + 4, said(i + 1, pages.length), 10.5, {
        tint: 'soft',
        anchor: 'end',
      }),
    ],
  }));
}

/** How much of the height of the last page is used, as a share. */
export function filled(pages: readonly Page[]): number {
  const last = pages.at(-1);
  if (!last) return 0;
  const foot = last.heightPx - MARGIN_PX - FOOT_PX;
  const ends = last.marks.map((mark) =>
    mark.put === 'line'
      ? mark.to[1]
      : mark.put === 'text'
        ? mark.y
        : mark.y + (mark.put === 'box' ? mark.heightPx : mark.paper.heightPx),
  );
  return Math.max(0, ...ends.filter((y) => y < foot)) / last.heightPx;
}
