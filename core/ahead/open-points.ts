import { byUrgency, isUrgent, URGENCY } from '../checks/check';
import { openTo, whoIsKeptOut, type BedWatch } from '../choosing/kept-out';
import { counted } from '../crops/counted';
import { cropOf, growingIn } from '../plan/growing';
import type { SeenGarden } from '../plan/compute';
import type { ShortStand } from '../plan/stands';
import type { Plan, Planting } from '../plan/plan';
import { bedPast, bedsOver } from '../site/bed-over';
import { bedsOf } from '../site/stands/stands';
import { dayOfYear, monthDayOf } from '../site/sun/season';
import { FAR_TOO_MUCH } from '../withstand/stand-of';
import { fact, type Fact } from '../wording/say';
import { notBorne } from './not-borne';

/** Where something open is settled: at one thing, or in several beds at once. */
export type OpenAt = { is: 'structure' | 'bed' | 'stock'; id: string } | { is: 'beds'; ids: readonly string[] };

/**
 * One thing of a garden that is still open, said once and led to its place.
 * @example { id: 'bed yard no-support p1', level: 'warn', at: { is: 'bed', id: 'yard' }, told: fact('open.no-support', …) }
 */
export interface OpenPoint {
  /** The same for as long as it is the same thing. */
  id: string;
  level: 'fail' | 'warn';
  at: OpenAt;
  told: Fact;
}

/** A garden as it is worked out: what is open follows from nothing else. */
export interface OpenIn {
  plan: Plan;
  garden: Pick<SeenGarden, 'structures' | 'shopping'>;
  watched: readonly BedWatch[];
  /** How what stands in it stands, as far as that is known. */
  stands: Readonly<Record<string, ShortStand>>;
}

/** @param stands worked out elsewhere, and later. */
export const openIn = (plan: Plan, garden: OpenIn['garden'], stands: OpenIn['stands'] = {}): OpenIn => ({
  plan,
  garden,
  watched: whoIsKeptOut(plan, garden.structures),
  stands,
});

/** What is planted in a bed, wants to be held up, and has nothing to hold it. */
export function unheld({ plan, garden }: Pick<OpenIn, 'plan' | 'garden'>): Planting[] {
  const carried = new Set(plan.structures.flatMap((one) => one.plantings));
  const beds = new Set(plan.beds.map(({ id }) => id));
  const held = new Set(
    garden.structures.flatMap((one) =>
      one.kind.purpose === 'support' && one.structure.plantings.length === 0
        ? bedsOf(one.setting.place).map(({ id }) => id)
        : [],
    ),
  );
  return growingIn(plan).filter(
    (one) =>
      beds.has(one.bed) &&
      !carried.has(one.id) &&
      !held.has(one.bed) &&
      !['bush', 'none'].includes(cropOf(plan, one).habit),
  );
}

type Source = (of: OpenIn) => OpenPoint[];

/** Everything a check found that has to be looked at before it is built. */
const found: Source = ({ garden }) =>
  garden.structures.flatMap(({ structure, verdicts }) =>
    byUrgency(verdicts.filter(isUrgent)).map(({ check, level, told }, i): OpenPoint => ({
      id: `structure ${structure.id} ${check} ${told.code} ${i}`,
      level: level === 'fail' ? 'fail' : 'warn',
      at: { is: 'structure', id: structure.id },
      told,
    })),
  );

/** What does not stand in the wind of its worst week, and what would not bear who leans on it or what snows on it. */
const doesNotStand: Source = ({ plan, stands }) =>
  plan.structures.flatMap(({ id }): OpenPoint[] => {
    const short = stands[id];
    if (!short) return [];
    const at = { is: 'structure', id } as const;
    const values = { on: { monthDay: monthDayOf(short.day) }, share: Math.round(short.share * 100) };
    const fails: OpenPoint[] =
      short.stand === 'fails'
        ? [
            {
              id: `structure ${id} stands`,
              level: 'fail',
              at,
              told: fact(short.lost || short.share > FAR_TOO_MUCH ? 'open.goes-over' : 'open.stands', values),
            },
          ]
        : [];
    return [
      ...fails,
      ...short.notBorne.map((by): OpenPoint => ({
        id: `structure ${id} bears ${by}`,
        level: 'warn',
        at,
        told: notBorne(by),
      })),
    ];
  });
const withoutSupport: Source = (of) =>
  unheld(of).map((one) => ({
    id: `bed ${one.bed} no-support ${one.id}`,
    level: 'warn',
    at: { is: 'bed', id: one.bed },
    told: fact('open.no-support', { plants: counted(cropOf(of.plan, one), one.count) }),
  }));

/** Who gets in where, told together for all beds that the same come to; asked only where somebody has said who visits. */
const getsIn: Source = ({ plan, watched }) => {
  if (plan.site.visitors.length === 0) return [];
  const open = new Map<string, { comers: readonly string[]; beds: BedWatch[] }>();
  for (const watch of watched) {
    const comers = openTo(watch).toSorted();
    if (comers.length === 0) continue;
    const who = comers.join(', ');
    open.set(who, { comers, beds: [...(open.get(who)?.beds ?? []), watch] });
  }
  return [...open].map(([who, { comers, beds }]): OpenPoint => {
    const from = beds
      .flatMap(({ threats }) => threats.filter((one) => comers.includes(one.who)))
      .map((one) => one.from)
      .toSorted((a, b) => dayOfYear(a) - dayOfYear(b));
    const [first, ...more] = beds.map(({ bed }) => bed);
    const values = { who, from: { monthDay: from[0] ?? '01-01' }, bed: first?.name ?? '', beds: beds.length };
    return {
      id: `gets-in ${who}`,
      level: 'warn',
      at: { is: 'beds', ids: beds.map(({ bed }) => bed.id) },
      told: fact(more.length === 0 ? 'open.gets-in' : 'open.get-in', values),
    };
  });
};

/** Beds that lie over each other, over what nobody can dig, or past the edge of the ground. */
const outOfPlace: Source = ({ plan: { beds, features, site } }) => [
  ...bedsOver(beds, features).map(({ bed, id, over }) => ({
    id: `bed ${bed} over ${id}`,
    level: 'warn' as const,
    at: { is: 'bed', id: bed } as const,
    told: fact('open.bed-over', { over }),
  })),
  ...beds.flatMap((bed): OpenPoint[] => {
    const pastMm = bedPast(bed, site);
    return pastMm === 0
      ? []
      : [
          {
            id: `bed ${bed.id} past`,
            level: 'warn',
            at: { is: 'bed', id: bed.id },
            told: fact('open.bed-past', { by: { mm: pastMm } }),
          },
        ];
  }),
];

const withoutPrice: Source = ({ garden }) =>
  [...new Map(garden.shopping.missing.map((one) => [one.stock, one])).values()].map(({ stock, because }) => ({
    id: `stock ${stock}`,
    level: 'warn',
    at: { is: 'stock', id: stock },
    told: fact(because === 'no price' ? 'open.no-price' : 'open.too-long'),
  }));

/** Whatever can be open in a garden: a capability that finds more is entered here. Decision 66. */
const SOURCES: readonly Source[] = [found, doesNotStand, outOfPlace, withoutSupport, getsIn, withoutPrice];

/**
 * All that is open in a garden, what fails before what has to be looked at; of equals in the order of its sources.
 * @example openPoints(openIn(plan, computeGarden(plan))).filter(({ level }) => level === 'fail')
 */
export const openPoints = (of: OpenIn): OpenPoint[] =>
  SOURCES.flatMap((source) => source(of)).toSorted((a, b) => URGENCY[a.level] - URGENCY[b.level]);

/** How many points of each level are open at each thing, by its id; what is open in several at once is counted at none. */
export function openAt(points: readonly OpenPoint[]): Map<string, { fails: number; warns: number }> {
  const counts = new Map<string, { fails: number; warns: number }>();
  for (const { at, level } of points) {
    if (at.is === 'beds') continue;
    const { fails, warns } = counts.get(at.id) ?? { fails: 0, warns: 0 };
    counts.set(at.id, level === 'fail' ? { fails: fails + 1, warns } : { fails, warns: warns + 1 });
  }
  return counts;
}
