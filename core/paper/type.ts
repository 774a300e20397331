import { SIGNS, WIDTHS } from './type-widths';

export type Weight = 'regular' | 'bold';

const PLACES = new Map([...SIGNS].map((sign, i) => [sign, i]));
/** What a letter of another script is taken to be wide, in thousandths of the type size: as wide as a wide one. */
const UNKNOWN = 900;

/** How wide a text stands in print. Pixels, as the size is. */
export function typeWidth(text: string, size: number, weight: Weight = 'regular'): number {
  let sum = 0;
  for (const sign of text) {
    const place = PLACES.get(sign);
    sum += place === undefined ? UNKNOWN : (WIDTHS[weight][place] as number);
  }
  return (sum * size) / 1000;
}

/** Lines a text takes in a width: broken at spaces, and within a word only where that alone is too wide. */
export function linesOf(text: string, widthPx: number, size: number, weight: Weight = 'regular'): string[] {
  const lines: string[] = [];
  let line = '';
  const put = (word: string): void => {
    const longer = line === '' ? word : `${line} ${word}`;
    if (typeWidth(longer, size, weight) <= widthPx) {
      line = longer;
      return;
    }
    if (line !== '') lines.push(line);
    line = '';
    let rest = word;
    while (typeWidth(rest, size, weight) > widthPx && rest.length > 1) {
      let fits = rest.length - 1;
      while (fits > 1 && typeWidth(rest.slice(0, fits), size, weight) > widthPx) fits -= 1;
      lines.push(rest.slice(0, fits));
      rest = rest.slice(fits);
    }
    line = rest;
  };
  for (const word of text.split(/\s+/).filter(Boolean)) put(word);
  return line === '' && lines.length > 0 ? lines : [...lines, line];
}
