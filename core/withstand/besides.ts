import { cross, minus, norm, UP, unit, type Point } from '../geometry/space';
import type { MonthlyMeans } from '../site/monthly-means';
import { heightAt } from '../site/ground';
import { SNOW_NM2 } from '../statics/snow';
import { askable, bears, grownOn, isLatch, type Asked } from './asked';
import { pushOn, snowOn, weightOf, type Share } from './loads';
import type { BarIn } from './parts-in';
import type { Use } from './uses';

/** What it may have to bear besides the wind, where that is likely. */
export interface Besides {
  by: 'leant on' | 'swung on' | 'ladder' | 'snow';
  /** How much of it: N, of snow N/m². */
  much: number;
  share: number;
  hardest: Use | null;
}

/** Half a kilonewton to the metre (EN 1991-1-1:2002, table 6.12, category A) over the width of one person (from memory: 0.6 m). N. */
const LEANS_N = 300;
/** A child of 35 kg who hangs on a gate (from memory). N. */
const SWINGS_N = 350;
/**
 * What the head of a ladder presses with that leans one foot out for four up, when somebody of 75 kg stands on the
 * upper third of it: moments about its foot, 735 N × ¾ ÷ 4. N.
 */
const LADDER_N = 138;
/** A bar that somebody leans on, and one that a ladder is set against, stand so high over the soil; nobody sets it against what is thinner (from memory). mm. */
const HIP = { fromMm: 700, toMm: 1200, longMm: 900, thickMm: 30 } as const;
const LADDER = { fromMm: 1800, toMm: 3200, longMm: 1200, thickMm: 30 } as const;
/** What rises less than this along its length is level (from memory). */
const LEVEL = 0.1;
/** So many bars of a kind are tried, the longest. */
const TRIED = 4;

/** @param day on which people lean on it: when it is heaviest. @param inWinter it stands out in snow. */
export function besidesOf(asked: Asked, day: number, inWinter: boolean): Besides[] {
  const people = [
    worstAt(
      asked,
      day,
      'leant on',
      LEANS_N,
      levelBars(asked, HIP).flatMap((bar) => aside(bar, LEANS_N)),
    ),
    swungOn(asked, day),
    worstAt(
      asked,
      day,
      'ladder',
      LADDER_N,
      levelBars(asked, LADDER).flatMap((bar) => aside(bar, LADDER_N)),
    ),
  ];
  const snow = inWinter ? snowed(asked) : null;
  return [...people, snow].filter((one) => one !== null);
}

/** A push that is tried: at which place, which way. */
interface Tried {
  node: number;
  force: Point;
}

/** Bars that lie level between two heights, the longest first. */
function levelBars(
  { model, design }: Asked,
  o: { fromMm: number; toMm: number; longMm: number; thickMm: number },
): BarIn[] {
  const longOf = ({ part }: BarIn): number => norm(minus(part.to, part.from));
  return model.bars
    .filter(({ part }) => {
      const [x, y, z] = part.from;
      const up = z - heightAt(design.ground, x, y);
      return (
        !part.bent &&
        Math.min(part.wideMm, part.thickMm) >= o.thickMm &&
        up >= o.fromMm &&
        up <= o.toMm &&
        norm(minus(part.to, part.from)) >= o.longMm &&
        Math.abs(unit(minus(part.to, part.from))[2]) < LEVEL
      );
    })
    .toSorted((a, b) => longOf(b) - longOf(a))
    .slice(0, TRIED);
}

/** Both ways square to a bar, in the middle of its longest free piece. */
function aside(bar: BarIn, pushN: number): Tried[] {
  const { part, atMm, nodes, freeMm } = bar;
  const free = freeMm.indexOf(Math.max(...freeMm));
  // The middle of what is free is a place of its own, where that is long.
  const at = Math.min(nodes.length - 1, free + 1);
  const node = nodes[(atMm[at] ?? 0) < (atMm.at(-1) ?? 0) ? at : free] as number;
  const [x, y] = cross(unit(minus(part.to, part.from)), UP);
  return [1, -1].map((sign): Tried => ({ node, force: [sign * x * pushN, sign * y * pushN, 0] }));
}

/** A child on a gate that stands open: at the head of the stile that is farthest from its hinges. */
function swungOn({ design, setting, catalogue }: Asked, day: number): Besides | null {
  const stile = design.joints.find(isLatch)?.parts[0];
  const open = stile === undefined ? null : askable(design, setting, catalogue, { open: true });
  if (!open || 'not' in open) return null;
  const bar = open.model.bars.find(({ part }) => part.id === stile);
  if (!bar) return null;
  const up = (node: number): number => (open.model.frame.nodes[node] as Point)[2];
  const node = bar.nodes.reduce((high, one) => (up(one) > up(high) ? one : high));
  return worstAt(open, day, 'swung on', SWINGS_N, [{ node, force: [0, 0, -SWINGS_N] }]);
}

/** Of several places the one where it works hardest, asked carefully; null where there is none. */
function worstAt(asked: Asked, day: number, by: Besides['by'], much: number, tried: readonly Tried[]): Besides | null {
  const weight = weightOf(asked.able, grownOn(asked, day));
  const put = tried.map(({ node, force }): Share[] => [
    ...weight,
    pushOn(asked.able, `${by} ${node} ${force.join(' ')}`, node, force),
  ]);
  const worst = put
    .map((shares) => ({ shares, share: bears(asked, shares, PLAINLY).share }))
    .toSorted((a, b) => b.share - a.share)[0];
  if (!worst) return null;
  const { share, hardest } = bears(asked, worst.shares, { ...PLAINLY, carefully: true });
  return { by, much, share, hardest };
}
/** Somebody leans on it some days of its life: as what builders put on it is counted (NDS 2018, table 2.3.2: seven days). */
const PLAINLY = { duration: 'week', carefully: false } as const;

/** Where the nights of the coldest month freeze, snow lies (from memory). */
const snows = ({ min }: MonthlyMeans): boolean => Math.min(...min) < 0;

/** The snow of one night on what catches it; null where none falls, or nothing of it lies there. */
function snowed(asked: Asked): Besides | null {
  const { site } = asked.setting;
  if (!snows(site.monthlyC)) return null;
  const day = 15 + (site.latitudeDeg < 0 ? 182 : 0);
  const snow = snowOn(asked.able, SNOW_NM2);
  if (snow.length === 0) return null;
  const put = [...weightOf(asked.able, grownOn(asked, day)), ...snow];
  // What snow lies on a roof for is two months of its life (NDS 2018, table 2.3.2).
  const { share, hardest } = bears(asked, put, { duration: 'season', carefully: true });
  return { by: 'snow', much: SNOW_NM2, share, hardest };
}
