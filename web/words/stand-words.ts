import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatLength, type Units } from '@lignum/core/quantity/length';
import { formatLoad, formatPull, formatSpeed, GRAVITY_MS2 } from '@lignum/core/quantity/measure';
import { formatMoment, formatSection, formatStress } from '@lignum/core/quantity/stress';
import { numberFormat } from '@lignum/core/quantity/number-format';
import type { Tongue } from '@lignum/core/wording/say';
import { postNumbers } from '@lignum/core/design/post-numbers';
import { SNOW_DEEP_MM } from '@lignum/core/statics/snow';
import type { Besides } from '@lignum/core/withstand/besides';
import type { Use } from '@lignum/core/withstand/uses';
import { whereOf } from '@lignum/core/withstand/where';
import type { WindSum } from '@lignum/core/structures/rules/gust';
import { FAR_TOO_MUCH, type Stand } from '@lignum/core/withstand/stand-of';
import type { NotReckoned } from '@lignum/core/withstand/asked';
import type { Withstood } from '@lignum/core/withstand/withstand';
import { wordFor } from './stock-words';

/** "71 %", and what is past all telling as that. */
export const shareWords = (share: number, locale: string): string =>
  share > FAR_TOO_MUCH ? 'far too much' : `${numberFormat(locale, { maximumFractionDigits: 0 }).format(share * 100)} %`;

export const STAND_WORDS: Record<Stand, string> = {
  holds: 'Holds',
  watch: 'Holds, with little to spare',
  fails: 'Does not hold',
};

/** Why nothing is said of it. */
export const NOT_RECKONED: Record<NotReckoned, string> = {
  'nothing stands': 'Nothing of this stands up to be blown over.',
  stacked: 'Not worked out: what is stacked stands by its own weight. “Will it do?” looks at whether it tips.',
  filled:
    'Not worked out: a box full of soil is held by what is in it. “Will it do?” looks at whether its sides bulge.',
  'held by nothing': 'Not worked out: something of it is held by nothing that is drawn.',
  twigs: 'Not worked out: twigs give way in the wind and come back.',
};

/** What happens to a part, as a gardener sees it. */
export const HAPPENS: Record<Use['by'], string> = {
  bending: 'bends',
  shear: 'shears',
  buckling: 'bows out',
  pull: 'is drawn',
  sideways: 'shifts on its fixings',
  'drawn out': 'draws its fixings out',
  soil: 'pushes through the soil',
  'lifted out': 'is drawn out of the soil',
  breaking: 'is drawn till it breaks',
};

/** Where along a structure a part or a joint is: "Post, 8′ 1″ along". */
function placeOf({ kind, sized }: Pick<ComputedStructure, 'kind' | 'sized'>, use: Use, units: Units): string {
  const { parts, joints } = sized.design;
  const joint = use.joint === undefined ? undefined : joints.find(({ id }) => id === use.joint);
  const part = parts.find(({ id }) => id === use.part);
  const at = whereOf(sized.design, use);
  const word = joint ? wordFor(kind, joint.kind) : part ? wordFor(kind, part.role) : use.part;
  const number = joint ? undefined : postNumbers(sized.design).get(use.part);
  if (number !== undefined) return `${word} ${number}`;
  return at ? `${word}, ${formatLength(Math.max(0, at[0]), units)} along` : word;
}

/** "Post, 8′ 1″ along: bends". */
export const whatHappens = (of: Pick<ComputedStructure, 'kind' | 'sized'>, use: Use, units: Units): string =>
  `${placeOf(of, use, units)}: ${HAPPENS[use.by]}`;

/** What works hardest, the hardest first: of those that read alike (a joint has several fixings) the hardest alone. @param uses the hardest first. */
export function hardestTold(
  of: Pick<ComputedStructure, 'kind' | 'sized'>,
  uses: readonly Use[],
  units: Units,
  most: number,
): { words: string; use: Use }[] {
  const told = new Map<string, Use>();
  for (const use of uses) {
    const words = whatHappens(of, use, units);
    if (!told.has(words)) told.set(words, use);
  }
  return [...told].slice(0, most).map(([words, use]) => ({ words, use }));
}

/** What acts and what may: a stress in a part, a pull on what holds. */
export function sumWords({ what, has, may }: Use, tongue: Tongue): { has: string; may: string } {
  if (what !== 'part')
    return {
      has: formatPull(has, tongue.units, tongue.locale),
      may: Number.isFinite(may) ? formatPull(may, tongue.units, tongue.locale) : 'any',
    };
  const told = (mpa: number): string => formatStress(mpa, tongue.units, tongue.locale);
  return { has: told(has), may: told(may) };
}

/** What it was worked out of, in figures that a second reader can follow; empty of what has no more to it. */
export function fromWords({ from }: Pick<Use, 'from'>, { units, locale }: Tongue): string {
  if (!from) return '';
  const moment = (nmm: number): string => formatMoment(Math.abs(nmm), units, locale);
  const force = (n: number): string => formatPull(n, units, locale);
  if (from.of === 'soil')
    return `pushed with ${force(from.pushN)}, ${formatLength(from.upMm, units)} over firm ground; ${formatLength(from.deepMm, units)} deep in it, ${formatLength(from.acrossMm, units)} across; a code for buildings would let it be pushed with ${force(from.codeN)} (IBC 2018, 1807.3.2.1)`;
  if (from.of === 'joint')
    return `drawn with ${force(from.drawnN)} of ${bounded(from.mayDrawN, force)}, shifted with ${force(from.acrossN)} of ${bounded(from.mayAcrossN, force)}; ${numberFormat(locale, { maximumSignificantDigits: 3 }).format(from.fixings)} ${from.fixings === 1 ? 'fixing' : 'fixings'}`;
  const { section } = from;
  return [
    `bent on edge ${moment(from.bentWide)} over ${formatSection(section.wideMm3, 3, units, locale)}`,
    `flat ${moment(from.bentThick)} over ${formatSection(section.thickMm3, 3, units, locale)}`,
    `${from.pull < 0 ? 'pressed' : 'pulled'} ${force(Math.abs(from.pull))} over ${formatSection(section.areaMm2, 2, units, locale)}`,
  ].join(', ');
}

const bounded = (n: number, told: (n: number) => string): string => (Number.isFinite(n) ? told(n) : 'any');

/** A day, counted from 1 January, as it is said: "17 August". */
export const dayWords = (day: number, locale: string): string =>
  new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' }).format(
    Date.UTC(2026, 0, day + 1),
  );

/** How the gust comes to push: line by line, each with what it is multiplied by and whose figure that is. @param asked whether another gust than the week’s own is looked at. */
export function windLines(
  sum: WindSum,
  asked: boolean,
  { units, locale }: Tongue,
): readonly { what: string; by: string; is: string; source: string }[] {
  const speed = (ms: number): string => formatSpeed(ms, units, locale);
  const times = (by: number): string => `× ${numberFormat(locale, { maximumFractionDigits: 2 }).format(by)}`;
  const line = (what: string, by: string, is: string, source: string) => ({ what, by, is, source });
  return [
    ...(asked
      ? [line('The gust that is asked about, ten metres up in open country', '', speed(sum.gustMs), '')]
      : [
          line('The strongest gust of fifty years, as the garden’s sheet says', '', speed(sum.siteMs), ''),
          line(
            `Once in ${sum.onceInYears} years`,
            times(sum.onceIn),
            speed(sum.siteMs * sum.onceIn),
            'EN 1991-1-4, 4.2',
          ),
          line('In this month', times(sum.month), speed(sum.gustMs), 'BS 6399-2, table D.1, from memory'),
        ]),
    line('Low down, where this garden lies', times(sum.lowDown), speed(sum.speedMs), 'EN 1991-1-4, 4.3 to 4.5'),
    line('It presses with ½ ρ v²', '', formatLoad(sum.pressure / GRAVITY_MS2, units, locale), 'EN 1991-1-4, 4.10'),
    line('Leaves give way: of that they take', times(sum.leafDrag), '', 'after Mayhead 1973, from memory'),
  ];
}

/** What is in the sum, and what is not. */
export const LEFT_OUT =
  'Worked out: wind square to it and aslant on bars, mesh, cloth and leaves; its own weight wet and its crop’s; braces, wires that slacken, feet that lift, leaning over itself. Besides the wind: people, ladders and snow, where they are likely. Left out: what stands before it and takes the wind off.';

/** Whose sum it is, and where others decide. */
export const NO_ENGINEER =
  'A gardener’s sum, not an engineer’s. Roofs, what stands by a public way or is climbed on, and coasts with great storms are for local rules and licensed practice.';

/** How each is worked out, and by whom. */
export const FORMULAS: Record<Use['by'], { sum: string; source: string }> = {
  bending: {
    sum: 'stress M / S, and pull or press over the section, against what the wood or the steel may',
    source:
      'Sawn timber: NDS 2018, 3.9 and table 4.3.1, No. 2 spruce–pine–fir, wet, in wind. Steel: yield over 1.35 (EN 1990, table B3). Canes and poles: EN 338 by 0.9 / 1.3 / 1.35.',
  },
  shear: { sum: 'stress 1.5 V / A', source: 'NDS 2018, 3.4.2.' },
  buckling: {
    sum: 'press over the section, against what a bar of that free length may before it bows out',
    source: 'NDS 2018, 3.7.1; Euler’s load over 1.49 for what is round or of steel.',
  },
  pull: { sum: 'pull over the section, with bending', source: 'NDS 2018, 3.9.1.' },
  sideways: {
    sum: 'shifted s and drawn d, together F = √(s² + d²): s² / F over what it may be shifted with and d² / F over what it may be drawn with, added',
    source:
      'Screws, nails, staples: NDS 2018, 12.2, 12.3 (the least of six ways to yield) and 12.4.1, wet, in wind. Ties, clips, lashings: from memory.',
  },
  'drawn out': {
    sum: 'as for what shifts: s² / F over what it may be shifted with and d² / F over what it may be drawn with, added',
    source: 'NDS 2018, 12.2, 12.3 and 12.4.1, wet, in wind.',
  },
  soil: {
    sum: 'the push at the soil and how high it acts, against the push at which a short post goes through it, over 1.5',
    source: 'Broms 1964; angles and strengths of ordinary garden soils from memory.',
  },
  'lifted out': {
    sum: 'the pull, against what the soil clings to it with and the weight of its concrete, over 1.5',
    source: 'What soil clings with, from memory; concrete EN 1991-1-1, table A.1.',
  },
  breaking: { sum: 'the pull, against half of what a new one breaks at', source: 'Breaking loads from memory.' },
};

/** What it may have to bear besides the wind. */
export const BESIDES: Record<Besides['by'], string> = {
  'leant on': 'Somebody leans on it',
  'swung on': 'A child swings on its gate',
  ladder: 'A ladder is set against it',
  snow: 'Snow lies on it',
};

/** How much of it is reckoned with, and whose figure that is. */
export function besidesWords({ by, much }: Pick<Besides, 'by' | 'much'>, { units, locale }: Tongue): string {
  if (by === 'snow') {
    const load = formatLoad(much / GRAVITY_MS2, units, locale);
    return `${formatLength(SNOW_DEEP_MM, units)} of settled snow, ${load} (EN 1991-1-3, table E.1), if it is left on`;
  }
  const force = formatPull(much, units, locale);
  if (by === 'ladder') return `pressed with ${force}: one foot out for four up, somebody of 75 kg on it`;
  return by === 'leant on'
    ? `${force} at the hip (EN 1991-1-1, table 6.12, over the width of a person)`
    : `${force} at its far corner, from memory`;
}

/** What each of the things that are not known for sure would make of it. */
export const WORSE: Record<Withstood['band'][number]['worse'], string> = {
  soil: 'Wet or freshly dug soil',
  gust: 'A gust a fifth harder',
  timber: 'Timber a grade lower',
  crop: 'A crop a third heavier',
};
