import { CLEAR_MM } from '../checks/cover-clear';
import type { Crop } from '../crops/crop';
import type { SeenStructure } from '../plan/compute-as';
import { cropOf, growingIn } from '../plan/growing';
import type { Plan, Planting, StructurePlan } from '../plan/plan';
import { footprintOf } from '../design/on-plot';
import { inside, type Pair } from '../geometry/polygon';
import { cornersOf, type Grown } from './guard-sketches';
import { comersTo } from '../site/net-needs';
import { yearOf } from '../growth/growth';
import { outgrownOn } from '../growth/outgrown';
import { plantsOf } from '../design/design';
import { toPlot } from '../site/frame';
import { frameOf, asStand, hostNamed, pathOf } from '../site/stands/stands';
import { dayOfYear, monthDayOf } from '../site/sun/season';
import { canBeStopped, getsPast, NEEDS, type Guard, type WayPast } from '../site/visitors';
import { opensOn } from '../growth/flowering';

/** Something planned that stands about a planting, and how somebody gets past it; null where it keeps them out. */
export interface Met {
  structure: string;
  name: string;
  past: WayPast | null;
  /** Its widest mesh. mm. */
  openingMm: number;
  /** From these days it is opened for insects, and lifted off by what has grown into it; null where it is not. */
  opens: string | null;
  outgrown: string | null;
}

/** Somebody who comes to a bed: for which crops, between which days ("MM-DD"), and what is in their way there. */
export interface Threat {
  who: string;
  crops: readonly string[];
  from: string;
  to: string;
  /** Every crop of it is behind something that keeps them out. */
  keptOut: boolean;
  met: readonly Met[];
  /** From this day a cover has to be opened for insects, or the crop has grown into it, and they come in. */
  until: string | null;
  /** Whether it is grown into. */
  outgrown: boolean;
}

export interface BedWatch {
  bed: Grown;
  crops: readonly string[];
  threats: readonly Threat[];
}

interface StandingGuard {
  structure: StructurePlan;
  guard: Guard;
  /** What hangs in its run: it keeps out no more than its gates do. */
  gates: readonly Guard[];
  /** Corners on the plot of what it stands all the way round; null for what covers its own plants. */
  round: readonly Pair[] | null;
  design: SeenStructure['sized']['design'];
}

/** Birds come to fruit at its first colour, so long before it is picked (from memory). Days. */
const COLOURS_BEFORE = 10;

/**
 * Between which days somebody comes to a crop: from its start to the end of its picking; to the fruit of what lives
 * for years while it ripens, if it is birds. Where it never gets so far, until it ends.
 */
function daysOf(crop: Crop, plan: Plan, who: string): { from: number; to: number } {
  const { starts, pickedFrom, pickedTo, ends } = yearOf(crop, plan.site);
  const toFruit = crop.years && crop.fruitKg > 0 && who === 'birds' && pickedFrom !== null;
  return toFruit
    ? { from: pickedFrom - COLOURS_BEFORE, to: pickedTo ?? ends }
    : { from: starts, to: crop.years ? ends : (pickedTo ?? ends) };
}

/** A cover this much shorter than its bed covers it still: at its ends nothing grows (from memory). mm. */
const ENDS_MM = 450;

/** What of a planting a structure stands about: all, some, or none of it. A cover counts for the plants it has a place for; one that carries none for its bed, as far as it goes. */
function covers(
  { structure: { stand, plantings }, round, design }: StandingGuard,
  planting: Planting,
  bed: Grown,
): 'all' | 'some' | 'none' {
  if (round) return cornersOf(bed).every((corner) => inside(corner, round)) ? 'all' : 'none';
  if (asStand(stand, 'bed')?.bed !== bed.id) return 'none';
  if (plantings.length === 0) return design.builtMm + ENDS_MM >= bed.lengthMm ? 'all' : 'some';
  if (!plantings.includes(planting.id)) return 'none';
  const places = plantsOf(design).filter((station) => station.planting === planting.id).length;
  return places >= planting.count ? 'all' : places > 0 ? 'some' : 'none';
}

/** How somebody gets past what stands about a planting, and until when it does not; days from 1 January. */
function metBy(one: StandingGuard, who: string, crop: Crop, plan: Plan, how: 'all' | 'some'): Met {
  const { guard, gates, structure } = one;
  const need = NEEDS[who];
  const past = getsPast(who, guard) ?? gates.map((gate) => getsPast(who, gate)).find((way) => way !== null) ?? null;
  const flies = need?.by === 'net' || need?.by === 'roof';
  const clearMm = need?.by === 'net' && need.clear ? CLEAR_MM : 0;
  const off = guard.overMm !== undefined && flies ? outgrownOn(crop, guard.overMm - clearMm, plan.site) : null;
  const on =
    need?.by === 'net' && past === null ? opensOn(crop, plan.site, guard.nettedMm ?? guard.barrier.openingMm) : null;
  return {
    structure: structure.id,
    name: structure.name,
    past: past ?? (how === 'some' ? 'part' : null),
    openingMm: guard.barrier.openingMm,
    opens: on,
    outgrown: off === null ? null : monthDayOf(off),
  };
}

/** The corners of what a structure goes all the way round. */
function roundedBy({ structure: { stand }, sized, setting }: Stood): readonly Pair[] | null {
  const { walls, startMm } = sized.design;
  if (walls) return walls.map(([x, y]) => toPlot(frameOf(setting.place, startMm), x, y));
  const path = pathOf(stand);
  return path?.closed ? path.spots.map(({ xMm, yMm }): Pair => [xMm, yMm]) : null;
}

/** What is known of a structure that stands: as a computed garden has it. */
export type Stood = Pick<SeenStructure, 'structure' | 'kind' | 'sized' | 'setting' | 'guard'>;

/** A planter as it lies on the plot: the rectangle it stands on. */
function asGrown({ structure: { id, name }, sized: { design }, setting }: Stood): Grown {
  const spots = footprintOf(design).flat();
  const [xs, ys] = [spots.map(([x]) => x), spots.map(([, y]) => y)];
  const [left, right, front, back] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const frame = frameOf(setting.place, design.startMm);
  const [xMm, yMm] = toPlot(frame, (left + right) / 2, (front + back) / 2);
  return { id, name, xMm, yMm, turnDeg: frame.turnDeg, lengthMm: right - left, widthMm: back - front };
}

/** Every bed and planter in which something grows: who comes to it and when, what of that which stands keeps them out, and what does not. */
export function whoIsKeptOut(plan: Plan, stood: readonly Stood[]): BedWatch[] {
  const gatesIn = (host: string): Guard[] =>
    stood.flatMap(({ guard, structure: { stand } }) => (hostNamed(stand) === host ? (guard ?? []) : []));
  const standing = stood.flatMap((one): StandingGuard[] => {
    const { guard } = one;
    return guard
      ? [
          {
            structure: one.structure,
            guard,
            gates: gatesIn(one.structure.id),
            round: roundedBy(one),
            design: one.sized.design,
          },
        ]
      : [];
  });
  const planters = stood.filter(({ kind }) => kind.purpose === 'planter').map(asGrown);
  return [...plan.beds, ...planters].flatMap((bed) => {
    const plantings = growingIn(plan).filter((one) => one.bed === bed.id);
    return plantings.length === 0 ? [] : [watch(plan, bed, plantings, standing)];
  });
}

/** Whether a day lies between two others, past the end of the year too. "MM-DD" */
const isWithin = (day: string, from: string, to: string): boolean =>
  from <= to ? day >= from && day <= to : day >= from || day <= to;

/**
 * Who still comes to a bed that something could stop: at any time of the season, or on a day ("MM-DD"), on which what
 * keeps them out may have been opened or outgrown already.
 */
export const openTo = ({ threats }: BedWatch, day: string | null = null): string[] =>
  threats
    .filter(({ who, keptOut, from, to, until }) => {
      if (!canBeStopped(who)) return false;
      if (day === null) return !keptOut;
      return isWithin(day, from, to) && (!keptOut || (until !== null && isWithin(day, until, to)));
    })
    .map((one) => one.who);

/** The day on which something stops keeping somebody from a crop before that is over; Infinity where it does not. Days from 1 January, past the end of the year counted on. */
function endOf({ opens, outgrown }: Met, crop: Crop, plan: Plan, who: string): number {
  const { from, to } = daysOf(crop, plan, who);
  const days = [opens, outgrown].flatMap((one) => {
    if (one === null) return [];
    const since = (((dayOfYear(one) - from) % 365) + 365) % 365;
    return from + since < to ? [from + since] : [];
  });
  return Math.min(Infinity, ...days);
}

function watch(plan: Plan, bed: Grown, plantings: readonly Planting[], standing: readonly StandingGuard[]): BedWatch {
  const crops = plantings.map((planting) => ({ planting, crop: cropOf(plan, planting) }));
  const all = new Map<string, { crop: Crop; met: Met[] }[]>();
  for (const { planting, crop } of crops) {
    const guards = standing.map((one) => ({ one, how: covers(one, planting, bed) }));
    for (const who of comersTo([crop], plan.site.visitors)) {
      const met = guards.flatMap(({ one, how }): Met[] => (how === 'none' ? [] : [metBy(one, who, crop, plan, how)]));
      all.set(who, [...(all.get(who) ?? []), { crop, met }]);
    }
  }
  const threats = [...all].map(([who, at]): Threat => {
    const days = at.map(({ crop }) => daysOf(crop, plan, who));
    const keptOut = at.every(({ met }) => met.some((one) => one.past === null));
    // Kept out as long as the last of what keeps them out of each crop stays closed over it.
    const ends = at.flatMap(({ crop, met }) => {
      const last = met
        .filter((one) => one.past === null)
        .map((one) => ({ one, day: endOf(one, crop, plan, who) }))
        .toSorted((a, b) => b.day - a.day)[0];
      return last && last.day < Infinity ? [last] : [];
    });
    const [first] = ends.toSorted((a, b) => a.day - b.day);
    return {
      who,
      crops: [...new Set(at.map(({ crop }) => crop.name))],
      from: monthDayOf(Math.min(...days.map((one) => one.from))),
      to: monthDayOf(Math.max(...days.map((one) => one.to))),
      keptOut,
      met: [...new Map(at.flatMap(({ met }) => met).map((one) => [one.structure, one])).values()],
      until: first ? monthDayOf(first.day) : null,
      outgrown: first !== undefined && first.one.outgrown !== null && monthDayOf(first.day) === first.one.outgrown,
    };
  });
  return { bed, crops: [...new Set(crops.map(({ crop }) => crop.name))], threats };
}
