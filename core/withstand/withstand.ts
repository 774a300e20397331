import type { Catalogue } from '../catalogue/stock';
import type { Design } from '../design/design';
import type { Response } from '../frame/solve';
import type { Setting } from '../structures/setting';
import { askable, under, type Asked, type NotReckoned } from './asked';
import { besidesOf, type Besides } from './besides';
import type { Model } from './parts-in';
import type { Use } from './uses';
import { lookedAt, weeksOf, worstOf, yearUnder, type Week } from './weeks';

/** What a structure withstands, week by week. */
export interface Withstood {
  weeks: readonly Week[];
  worst: Week;
  /** In the worst week, the hardest working first. */
  uses: readonly Use[];
  /** The gust at which the first thing goes in that week, and what that is. m/s. */
  goes: { gustMs: number; use: Use | null };
  /** How far its top leans over in that week. mm. */
  leansMm: number;
  besides: readonly Besides[];
  /** The worst week again, with each of what is not known for sure taken worse. */
  band: readonly { worse: 'soil' | 'gust' | 'timber' | 'crop'; share: number }[];
}

/** Asks every week of the year in which something stands there, then the worst of them aslant, harder and worse. Decision 76. */
export function withstand(
  design: Design,
  setting: Setting,
  catalogue: Catalogue,
  putAway: boolean,
): Withstood | NotReckoned {
  const asked = askable(design, setting, catalogue);
  if ('not' in asked) return asked.not;
  const year = yearUnder(asked, putAway);
  const { week: worst, response, uses } = worstOf(year);
  return {
    besides: besidesOf(asked, worst.day, !putAway),
    weeks: weeksOf(year),
    worst,
    uses: uses.toSorted((a, b) => b.share - a.share),
    goes: goesAt(asked, worst),
    leansMm: leanOf(asked.model, response),
    band: bandOf(asked, worst),
  };
}

/** How a structure stands in its worst week, and under what else it may have to bear, without the rest of what {@link withstand} tells. */
export function worstWeek(
  design: Design,
  setting: Setting,
  catalogue: Catalogue,
  putAway: boolean,
): Pick<Withstood, 'worst' | 'besides'> | NotReckoned {
  const asked = askable(design, setting, catalogue);
  if ('not' in asked) return asked.not;
  const { week: worst } = worstOf(yearUnder(asked, putAway));
  return { worst, besides: besidesOf(asked, worst.day, !putAway) };
}

/** Gusts are looked for up to this, and as nearly as this. m/s. */
const MOST_GUST = 90;
const AS_NEARLY = 0.4;
const MOST_TRIES = 9;

/**
 * The gust at which the first thing has no more to give: what is used goes about with the square of it, so the next
 * that is tried lies where a line through the last two, over the square, comes to all of it. m/s.
 */
function goesAt(asked: Asked, worst: Week): Withstood['goes'] {
  const at = (gustMs: number) => {
    const { share, hardest } = lookedAt(asked, { ...worst, gustMs }, worst.way).week;
    return { gustMs, share, hardest };
  };
  let over: ReturnType<typeof at> | null = worst.share > 1 ? worst : null;
  let kept: ReturnType<typeof at> | null = over ? at(0) : worst;
  if (kept && kept.share > 1) return { gustMs: 0, use: kept.hardest };
  for (let turn = 0; turn < MOST_TRIES; turn++) {
    const [low, high] = [kept?.gustMs ?? 0, over?.gustMs ?? MOST_GUST];
    if (high - low < AS_NEARLY || (over && over.share < 1.01)) break;
    const ahead: number = over
      ? Math.sqrt(low ** 2 + ((high ** 2 - low ** 2) * (1.005 - kept.share)) / (over.share - kept.share))
      : low * Math.sqrt(1.01 / Math.max(0.01, kept.share));
    // Never so near to either end that it hardly moves.
    const edge = over ? (high - low) / 8 : 0;
    const next = at(Math.min(high - edge, Math.max(low + edge, ahead)));
    if (next.share > 1) over = next;
    else kept = next;
    if (kept.gustMs >= MOST_GUST) break;
  }
  return { gustMs: over?.gustMs ?? MOST_GUST, use: over?.hardest ?? null };
}

/** How far the highest place of it goes aside. mm. */
function leanOf({ frame }: Model, { moved }: Response): number {
  const top = frame.nodes
    .map((_, node) => node)
    .toSorted((a, b) => (frame.nodes[b]?.[2] ?? 0) - (frame.nodes[a]?.[2] ?? 0));
  return Math.max(
    0,
    ...top.slice(0, 4).map((node) => Math.hypot(moved[node * 6] as number, moved[node * 6 + 1] as number)),
  );
}

/** Soil a class worse, a gust a fifth harder, timber a grade lower, a crop a third heavier. */
function bandOf(asked: Asked, worst: Week): Withstood['band'] {
  const softer = askable(asked.design, asked.setting, asked.catalogue, { softer: true });
  const at = (of: Asked, change: Partial<Parameters<typeof under>[1]>): number =>
    under(of, { ...worst, carefully: true, ...change }).share;
  return [
    ...('not' in softer ? [] : [{ worse: 'soil' as const, share: at(softer, {}) }]),
    { worse: 'gust', share: at(asked, { gustMs: worst.gustMs * 1.2 }) },
    { worse: 'timber', share: at(asked, { worse: { grade: 'No. 3' } }) },
    { worse: 'crop', share: at(asked, { crop: 4 / 3 }) },
  ];
}
