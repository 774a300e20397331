import localFont from 'next/font/local';

/**
 * The two families for Latin script, fetched with the page; until they are there a fallback of the same
 * widths stands in, so that nothing moves when they come. What else is written comes from the families'
 * own style sheets (globals.css), fetched when it is needed.
 */
const text = localFont({
  src: '../../node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  weight: '200 800',
  variable: '--face-text',
});
const display = localFont({
  src: '../../node_modules/@fontsource-variable/besley/files/besley-latin-wght-normal.woff2',
  weight: '400 900',
  variable: '--face-display',
  adjustFontFallback: 'Times New Roman',
});
export const faces = `${text.variable} ${display.variable}`;
