/**
 * Lengths as people write them and as a tape shows them. Inside the program every length is a
 * number of millimetres; these functions are the border.
 * Exact definitions: 1 in = 25.4 mm, 1 ft = 12 in, 1 yd = 36 in
 * (international yard and pound agreement of 1959; NIST SP 811, appendix B.8).
 */

export type Units = 'imperial' | 'metric';

/** Exactly, by the agreement of 1959. */
export const MM_PER_INCH = 25.4;
export const MM_PER_FOOT = 304.8;
/** A carpenter's tape is read to the sixteenth: 1/16 in = 1.5875 mm, exactly. */
export const MM_PER_SIXTEENTH = MM_PER_INCH / 16;

/** Millimetres to the nearest nanometre, free of binary noise: 12 in is 304.8, not 304.79999999999995. */
export const exact = (mm: number): number => Math.round(mm * 1e6) / 1e6;
export const inches = (count: number): number => exact(count * MM_PER_INCH);
export const feet = (count: number): number => exact(count * MM_PER_FOOT);

export type LengthFault =
  | { code: 'empty' }
  | { code: 'unreadable'; piece: string }
  | { code: 'unknown-unit'; piece: string }
  | { code: 'negative' }
  | { code: 'divided-by-zero'; piece: string }
  | { code: 'two-systems' }
  | { code: 'out-of-order'; piece: string }
  | { code: 'thousands-comma'; piece: string };

/** `isBare`: it was written without a unit. */
export type LengthReading = { ok: true; mm: number; isBare: boolean } | { ok: false; fault: LengthFault };

export type Unit = 'yd' | 'ft' | 'in' | 'm' | 'cm' | 'mm';

/** Nanometres a unit: whole numbers, so that 9 1/2" is 241.3 mm and not 241.29999999999998. */
const NM: Record<Unit, number> = { yd: 914_400_000, ft: 304_800_000, in: 25_400_000, m: 1e9, cm: 1e7, mm: 1e6 };

const SPELLINGS: Record<string, Unit> = {
  "'": 'ft',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  '"': 'in',
  in: 'in',
  ins: 'in',
  inch: 'in',
  inches: 'in',
  yd: 'yd',
  yds: 'yd',
  yard: 'yd',
  yards: 'yd',
  m: 'm',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  cm: 'cm',
  mm: 'mm',
};

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};

function plain(text: string): string {
  return text
    .replace(/''|[″”“〃]/g, '"')
    .replace(/[′’‘`´]/g, "'")
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (glyph) => ` ${VULGAR[glyph] ?? ''} `)
    .replace(/[⁄∕]/g, '/')
    .replace(/\s*\/\s*/g, '/')
    .replace(/[\s\u00a0\u202f]+/g, ' ')
    .trim()
    .toLowerCase();
}

const TERM = /^(\d+ \d+\/\d+|\d+\/\d+|\d*[.,]\d+|\d+\.?)\s*("|'|[a-z]+)?\.?\s*[-,]?\s*/;

function numberOf(text: string): number | LengthFault {
  const sum = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(text);
  if (!sum) return Number(text.replace(',', '.'));
  if (Number(sum[3]) === 0) return { code: 'divided-by-zero', piece: text };
  return Number(sum[1] ?? 0) + Number(sum[2]) / Number(sum[3]);
}

/**
 * Reads `7' 9 1/2"`, `7ft 9.5in`, `93 1/2"`, `7′9½″`, `2.38 m`, `238cm`, `2380 mm`, `1 1/2 in`.
 * A bare number takes `bareUnit`; a bare number after feet is inches. Never throws: what cannot be
 * read comes back as a fault that names the piece.
 */
export function parseLength(text: string, bareUnit: Unit): LengthReading {
  let rest = plain(text);
  if (rest === '') return { ok: false, fault: { code: 'empty' } };
  if (/^[-−–]/.test(rest)) return { ok: false, fault: { code: 'negative' } };
  let nm = 0;
  let last: Unit | null = null;
  let isBare = false;
  while (rest !== '') {
    const term = TERM.exec(rest);
    const written = term?.[1];
    if (!term || written === undefined) return { ok: false, fault: { code: 'unreadable', piece: rest } };
    if (/^\d{1,3},\d{3}$/.test(written)) return { ok: false, fault: { code: 'thousands-comma', piece: written } };
    const spelled = term[2];
    const unit: Unit | undefined =
      spelled === undefined ? (last === null ? bareUnit : last === 'ft' ? 'in' : undefined) : SPELLINGS[spelled];
    if (unit === undefined) {
      return {
        ok: false,
        fault:
          spelled === undefined ? { code: 'unreadable', piece: written } : { code: 'unknown-unit', piece: spelled },
      };
    }
    const count = numberOf(written);
    if (typeof count !== 'number') return { ok: false, fault: count };
    if (last !== null && isMetric(last) !== isMetric(unit)) return { ok: false, fault: { code: 'two-systems' } };
    if (last !== null && NM[unit] >= NM[last]) return { ok: false, fault: { code: 'out-of-order', piece: written } };
    isBare = spelled === undefined && last === null;
    nm += count * NM[unit];
    last = unit;
    rest = rest.slice(term[0].length);
  }
  return Number.isFinite(nm)
    ? { ok: true, mm: Math.round(nm) / 1e6, isBare }
    : { ok: false, fault: { code: 'unreadable', piece: text } };
}

const isMetric = (unit: Unit): boolean => unit === 'm' || unit === 'cm' || unit === 'mm';

const GLYPHS: Record<string, string> = {
  '1/2': '½',
  '1/4': '¼',
  '3/4': '¾',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
};

/** Lengths from here up are said in feet and inches; below, in inches alone, as on a tape. */
const FEET_FROM_INCHES = 24;

/**
 * Feet, inches and a reduced fraction to the nearest 1/16″: `7′ 9½″`, `20″`, `3/16″`. Rounding
 * carries (never 7′ 12″ nor 16/16). Half a sixteenth (0.8 mm) is the most it can be off.
 */
export function formatInches(mm: number): string {
  const sixteenths = Math.round(Math.abs(mm) / MM_PER_SIXTEENTH);
  const sign = mm < 0 && sixteenths > 0 ? '−' : '';
  const wholeInches = Math.floor(sixteenths / 16);
  const ft = wholeInches >= FEET_FROM_INCHES ? Math.floor(wholeInches / 12) : 0;
  const inch = wholeInches - ft * 12;
  let top = sixteenths % 16;
  let bottom = 16;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  const fraction = top === 0 ? '' : (GLYPHS[`${top}/${bottom}`] ?? `${top}/${bottom}`);
  const joined =
    fraction.includes('/') && inch > 0
      ? `${inch} ${fraction}`
      : `${inch > 0 || fraction === '' ? inch : ''}${fraction}`;
  const inchText = inch === 0 && fraction === '' && ft > 0 ? '' : `${joined}″`;
  return sign + (ft > 0 ? `${ft}′${inchText === '' ? '' : ` ${inchText}`}` : inchText);
}

/** Whole millimetres with the unit: `2380 mm`. Half a millimetre is the most it can be off. */
export function formatMillimetres(mm: number): string {
  return `${String(Math.round(mm)).replace('-', '−')} mm`;
}

/** A length in the gardener's own units, in a form that {@link parseLength} reads back. */
export function formatLength(mm: number, units: Units): string {
  return units === 'imperial' ? formatInches(mm) : formatMillimetres(mm);
}

/** What a bare number means to someone who measures in these units. */
export const bareUnitOf = (units: Units): Unit => (units === 'imperial' ? 'in' : 'mm');

/** A drill bit as it is marked: by the half millimetre, or the nearest 64th of an inch. @example formatBit(3.5, 'imperial') // 9/64″ */
export function formatBit(mm: number, units: Units): string {
  if (units === 'metric') return `${mm} mm`;
  const sixtyFourths = Math.round((mm / MM_PER_INCH) * 64);
  if (sixtyFourths % 8 === 0) return formatLength((sixtyFourths / 64) * MM_PER_INCH, units);
  let [parts, of] = [sixtyFourths, 64];
  while (parts % 2 === 0) [parts, of] = [parts / 2, of / 2];
  return `${parts}/${of}″`;
}

/** Nobody cuts cord finer than to the inch or centimetre, long cord than to the foot or decimetre; from 20′ on it is long (from memory). mm. */
const CORD_STEP: Record<Units, { short: number; long: number }> = {
  imperial: { short: inches(1), long: feet(1) },
  metric: { short: 10, long: 100 },
};
const LONG_CORD_MM = feet(20);

/** How long a cord is cut that has to be so long at the least. mm. @example cordCut(2430, 'imperial') // 2438.4 */
export function cordCut(mm: number, units: Units): number {
  const step = CORD_STEP[units][mm >= LONG_CORD_MM ? 'long' : 'short'];
  return Math.ceil(mm / step - 1e-6) * step;
}
