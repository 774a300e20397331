import { inkCss, TEXT_INK } from '../drawing/inks';
import { escape, toSvg } from '../drawing/svg';
import type { Page, PageMark, Tint } from './page';

/** Colours of what stands on a page beside its drawings. */
export const TINTS: Readonly<Record<Tint, string>> = {
  ink: '#20272b',
  soft: '#4d575d',
  rule: '#b9b3a4',
  timber: '#efe0c4',
  waste: '#ffffff',
  care: '#a32c17',
  chalk: '#1c5a99',
};

const round = (value: number): number => Math.round(value * 10) / 10;
const fineName = (fine: number): string => `fine-${Math.round(fine * 100)}`;

function element(mark: PageMark): string {
  switch (mark.put) {
    case 'text':
      return `<text x="${round(mark.x)}" y="${round(mark.y)}" font-size="${mark.size}" font-weight="${mark.weight === 'bold' ? 700 : 400}" fill="${TINTS[mark.tint]}" text-anchor="${mark.anchor}">${escape(mark.text)}</text>`;
    case 'line':
      return `<line x1="${round(mark.from[0])}" y1="${round(mark.from[1])}" x2="${round(mark.to[0])}" y2="${round(mark.to[1])}" stroke="${TINTS[mark.tint]}" stroke-width="${mark.widthPx}"/>`;
    case 'box':
      return `<rect x="${round(mark.x)}" y="${round(mark.y)}" width="${round(mark.widthPx)}" height="${round(mark.heightPx)}" fill="${mark.fill ? TINTS[mark.fill] : 'none'}" stroke="${mark.stroke ? TINTS[mark.stroke] : 'none'}" stroke-width="0.9"/>`;
    case 'drawing': {
      const { widthPx, heightPx } = mark.paper;
      return toSvg(mark.paper).replace(
        '<svg ',
        `<svg class="${fineName(mark.fine)}" x="${round(mark.x)}" y="${round(mark.y)}" width="${round(widthPx)}" height="${round(heightPx)}" `,
      );
    }
  }
}

/** A page as an SVG element that stands alone; `label` names it. */
export function pageSvg(page: Page, label: string): string {
  const fines = [...new Set(page.marks.flatMap((mark) => (mark.put === 'drawing' ? [mark.fine] : [])))];
  const style = [
    '.page path,.page circle{stroke-linejoin:round;stroke-linecap:round}',
    '.page text{font-family:var(--face-text,"Atkinson Hyperlegible Next"),system-ui,sans-serif;font-variant-numeric:tabular-nums}',
    `.page .ink-figure{font-weight:600;fill:${TEXT_INK.figure}}.page .ink-label{fill:${TEXT_INK.label}}`,
    '.page clipPath circle{stroke:none}',
    ...fines.map((fine) => inkCss(fine, `.page .${fineName(fine)} `)),
  ].join('');
  return `<svg class="page" xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${page.widthPx} ${page.heightPx}" role="group" aria-label="${escape(label)}"><style>${style}</style>${page.marks.map(element).join('')}</svg>`;
}
