import { AHEAD_PHRASES } from '@lignum/core/ahead/phrases';
import type { OpenPoint } from '@lignum/core/ahead/open-points';
import type { SeenGarden } from '@lignum/core/plan/compute';
import { changesBetween } from '@lignum/core/plan/changes';
import { named } from '@lignum/core/plan/named-changes';
import type { Plan } from '@lignum/core/plan/plan';
import { formatLength } from '@lignum/core/quantity/length';
import { EDGE_FORGIVEN_MM, pastEdge } from '@lignum/core/site/plot';
import { say, type Tongue } from '@lignum/core/wording/say';
import { bodyOf, extentOf, thingsOf, type Thing } from './things';

/** A plot with what has been worked out of it. */
export interface PlotThen {
  plan: Plan;
  garden: Pick<SeenGarden, 'structures'>;
  points: readonly OpenPoint[];
}

/** So many are told one by one; of more their number. */
const ONE_BY_ONE = 2;
const ON_PLOT = new Set(['bed', 'structure', 'feature']);

/**
 * What has become otherwise on the plot, as one would tell it: where things lie now, what lies over its edge, what is
 * open since and what is settled. Nothing where all stays as it was.
 * @example toldMoves(before, now, tongue) // 'Long bed: 18′ from the left, 12′ from the bottom edge.'
 */
export function toldMoves(before: PlotThen, now: PlotThen, tongue: Tongue): string {
  const changes = named(
    changesBetween(before.plan, now.plan).filter((one) => 'what' in one && ON_PLOT.has(one.what)),
    before.plan,
    now.plan,
  );
  const of = (is: string) => changes.filter((one) => one.is === is);
  const few = (is: string, each: (one: (typeof changes)[number]) => string): string[] => {
    const some = of(is);
    return some.length > ONE_BY_ONE ? [`${some.length} things ${is}.`] : some.map(each);
  };
  if (changes.length === 0) return '';
  const [was, is] = [before, now].map(({ plan, garden }) => thingsOf(plan, garden)) as [Thing[], Thing[]];
  const moved = few('moved', (one) => {
    const of = (things: readonly Thing[]) => things.find(({ id }) => 'id' in one && id === one.id);
    const thing = of(is);
    return thing ? placed(thing, of(was), now.plan, tongue) : `${one.name} moved.`;
  });
  const known = new Set(before.points.map(({ id }) => id));
  const still = new Set(now.points.map(({ id }) => id));
  const fresh = now.points.filter(({ id }) => !known.has(id));
  const settled = before.points.filter(({ id }) => !still.has(id)).length;
  return [
    ...moved,
    ...few('added', ({ name }) => `${name} added.`),
    ...few('removed', ({ name }) => `${name} removed.`),
    ...fresh.slice(0, ONE_BY_ONE).map((point) => `Now open, ${about(point, now.plan)}: ${spoken(point, tongue)}`),
    ...(fresh.length > ONE_BY_ONE ? [`${fresh.length - ONE_BY_ONE} more open.`] : []),
    ...(settled > 0 ? [`${settled} settled.`] : []),
  ].join(' ');
}

function placed(thing: Thing, old: Thing | undefined, { site }: Plan, { units }: Tongue): string {
  const { left, right, bottom, top } = extentOf(thing);
  const { name, turnDeg } = bodyOf(thing);
  const turned = old && bodyOf(old).turnDeg !== turnDeg ? `, turned ${Math.round(turnDeg)}°` : '';
  // Of a bed and of what is built that is open then, and told so.
  const isPast =
    thing.is === 'feature' &&
    pastEdge(
      [
        [left, bottom],
        [right, top],
      ],
      site,
    ) > EDGE_FORGIVEN_MM;
  return `${name}: ${formatLength(left, units)} from the left, ${formatLength(bottom, units)} from the bottom edge${turned}.${isPast ? ' It lies over the edge of the plot.' : ''}`;
}

const about = ({ at }: OpenPoint, plan: Plan): string =>
  at.is === 'structure' || at.is === 'bed'
    ? ([...plan.structures, ...plan.beds].find(({ id }) => id === at.id)?.name ?? '')
    : 'in the garden';

const spoken = ({ told }: OpenPoint, tongue: Tongue): string => say(told, AHEAD_PHRASES, tongue).replace(/\.?$/, '.');
