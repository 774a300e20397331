// Writes core/paper/type-widths.ts: how wide the letters of the printed sheets are, read from the fonts that are shipped.
import { writeFileSync } from 'node:fs';
import * as fontkit from 'fontkit';

const own = (weight) =>
  ['latin', 'latin-ext'].map((part) =>
    fontkit.openSync(
      `node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${part}-${weight}-normal.woff`,
    ),
  );
const FONTS = {
  regular: [...own(400), fontkit.openSync('node_modules/dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf')],
  bold: [...own(700), fontkit.openSync('node_modules/dejavu-fonts-ttf/ttf/DejaVuSansCondensed-Bold.ttf')],
};
const SIGNS = [
  ...Array.from({ length: 95 }, (_, i) => String.fromCharCode(32 + i)),
  ...Array.from({ length: 96 }, (_, i) => String.fromCharCode(160 + i)),
  ...'–—‘’“”…′″⅛⅜⅝⅞⁄×−€→↑↓•○●≈≥≤',
].filter((sign, i, all) => all.indexOf(sign) === i && sign !== '\u00ad');
const widths = (fonts) =>
  SIGNS.map((sign) => {
    const code = sign.codePointAt(0);
    const font = fonts.find((one) => one.hasGlyphForCodePoint(code)) ?? fonts.at(-1);
    // Figures as they are printed: all of one width.
    return Math.round((font.layout(sign, ['tnum']).advanceWidth / font.unitsPerEm) * 1000);
  });
writeFileSync(
  'core/paper/type-widths.ts',
  `/**
 * Advance widths of the printed letters in thousandths of the type size, read from the shipped fonts
 * (Atkinson Hyperlegible Next; DejaVu Sans Condensed for signs it lacks) by scripts/write-type-widths.mjs.
 */
export const SIGNS = ${JSON.stringify(SIGNS.join(''))};
export const WIDTHS = {
  regular: [${widths(FONTS.regular).join(', ')}],
  bold: [${widths(FONTS.bold).join(', ')}],
} as const;
`,
);
