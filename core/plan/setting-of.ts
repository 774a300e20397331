import { CATALOGUE } from '../catalogue/catalogue';
import { wallBehind } from '../site/wall';
import { trainingOf } from '../crops/table';
import { USUAL_SAW } from '../cutting/saw';
import { outOf } from '../site/frame';
import { bestLines } from '../costing/price-book';
import { levelLength, stretchesOf, type Path } from '../site/path';
import type { Guest } from '../site/stands/opening';
import { frameOf, type Place, bedsNamed, bedsOf, footholdOf, hostNamed, pathOf, standOf } from '../site/stands/stands';
import type { Bed } from '../site/bed';
import { BED_SIDES } from '../structures/bed-sides';
import type { StructureKind } from '../structures/kind';
import { settle } from '../structures/knob';
import type { Setting } from '../structures/setting';
import type { Second } from '../site/visitors';
import { distanceToStretch, type Pair } from '../geometry/polygon';
import { cropOf, growingIn } from './growing';
import type { Plan, StructurePlan } from './plan';

/**
 * How a kind is found by its id: all of them at once, or only those that a page has fetched. Decision 13.
 * @example settingOf(kindOf, plan, structure).market
 */
export type Kinds = (id: string) => StructureKind;

/** What a price book has of a stock item: its sizes, ascending, and what each costs. */
type OnSale = Pick<Setting, 'sizesOf' | 'priceOf'>;

export function onSale(plan: Plan): OnSale {
  const known = ON_SALE.get(plan.priceBook);
  if (known) return known;
  const lines = bestLines(plan.priceBook);
  const prices = new Map(lines.map((line) => [`${line.stock} ${line.size}`, line.price.minor]));
  const sizes = new Map<string, number[]>();
  for (const line of lines) {
    const list = sizes.get(line.stock);
    if (list) list.push(line.size);
    else sizes.set(line.stock, [line.size]);
  }
  for (const list of sizes.values()) list.sort((a, b) => a - b);
  const made: OnSale = {
    sizesOf: (stock) => sizes.get(stock) ?? [],
    priceOf: (stock, size) => prices.get(`${stock} ${size}`) ?? null,
  };
  ON_SALE.set(plan.priceBook, made);
  return made;
}
/** Sorted once for a price book, which is never changed in place. */
const ON_SALE = new WeakMap<Plan['priceBook'], OnSale>();

/** A plan in which a structure is as it is asked about: with other knobs, or not in it yet. */
export const withStructure = (plan: Plan, structure: StructurePlan): Plan => {
  const at = plan.structures.findIndex((one) => one.id === structure.id);
  if (plan.structures[at] === structure) return plan;
  return {
    ...plan,
    structures: at < 0 ? [...plan.structures, structure] : plan.structures.with(at, structure),
  };
};

/** The structures that are sized together with one: those that stand in its run, or the one in whose run it stands. */
export const tiedTo = (plan: Plan, { id, stand }: StructurePlan): StructurePlan[] =>
  plan.structures.filter((other) => other.id === hostNamed(stand) || hostNamed(other.stand) === id);

/** The structure that is the sides of a bed, where one is planned: the first, should there be two. @example sidesOf(plan, 'keyhole-bed')?.name */
export const sidesOf = (plan: Plan, bed: string): StructurePlan | null =>
  plan.structures.find(({ kind, stand }) => BED_SIDES.has(kind) && bedsNamed(stand).includes(bed)) ?? null;

/** The sides of the beds a structure stands on or beside, which decide how high they are; none for sides themselves. */
export const sidesUnder = (plan: Plan, { kind, stand }: StructurePlan): StructurePlan[] =>
  BED_SIDES.has(kind) ? [] : bedsNamed(stand).flatMap((bed) => sidesOf(plan, bed) ?? []);

/** A bed as its sides make it, where some are planned for it, else as it is said. Decision 55. @example bedAsBuilt(kindOf, plan, bed).heightMm */
export function bedAsBuilt(kinds: Kinds, plan: Plan, bed: Bed): Bed {
  const sides = sidesOf(plan, bed.id);
  return sides ? { ...bed, ...kinds(sides.kind).makesBed(sides.knobs, settingOf(kinds, plan, sides)) } : bed;
}

/** The other structures whose kinds have to be known to size one: those it is sized together with, the sides of its beds, and what runs along it, or along what it stands in. */
export function sizedWith(plan: Plan, structure: StructurePlan): StructurePlan[] {
  const own = pathOf(hostOf(plan, structure).stand);
  const tied = [...tiedTo(plan, structure), ...sidesUnder(plan, structure)];
  const along = (other: StructurePlan): boolean => own !== null && alongside(own, pathOf(other.stand)) !== null;
  return [...tied, ...plan.structures.filter((other) => along(other) && other !== structure && !tied.includes(other))];
}

/** A place told along a path as it was drawn, along it as it is gone with the garden on the left. mm. */
const alongRun = (path: Path | null, atMm: number): number =>
  path?.inside === 'right' ? levelLength(path.spots, path.closed) - atMm : atMm;

const guestsOf = (kinds: Kinds, plan: Plan, host: StructurePlan): Guest[] =>
  plan.structures.flatMap(({ id, kind, stand, knobs, measured }) =>
    hostNamed(stand) === host.id
      ? [
          {
            id,
            atMm: alongRun(pathOf(host.stand), standOf(stand).alongMm(stand)),
            // As wide as it was measured, where it was.
            wideMm: kinds(kind).opensMm(
              measured?.kind === kind ? { ...knobs, ...measured.mm } : knobs,
              plan.garden.market,
            ),
          },
        ]
      : [],
  );

/** What a structure stands in the run of, or it itself. */
const hostOf = (plan: Plan, structure: StructurePlan): StructurePlan =>
  plan.structures.find((one) => one.id === hostNamed(structure.stand)) ?? structure;

/** The place a structure of a (checked) plan stands on, with what its stand names. */
function placeOf(kinds: Kinds, plan: Plan, structure: StructurePlan): Place {
  const { id, stand } = structure;
  return standOf(stand).place(stand, {
    bed(name) {
      const bed = plan.beds.find((one) => one.id === name);
      if (!bed) throw new Error(`Structure "${id}" names no bed of the plan: check the plan at the door first.`);
      return BED_SIDES.has(structure.kind) ? bed : bedAsBuilt(kinds, plan, bed);
    },
    gapIn(name) {
      const host = plan.structures.find((one) => one.id === name);
      if (!host) throw new Error(`Structure "${id}" stands in the run of none: check the plan at the door first.`);
      const setting = settingOf(kinds, withStructure(plan, structure), host);
      const opening = kinds(host.kind)
        .openings(host.knobs, setting)
        .find((one) => one.guest === id);
      if (!opening) throw new Error(`"${host.kind}" leaves no gap for "${id}": check the plan at the door first.`);
      return { host: host.name, opening: { ...opening, at: outOf(frameOf(setting.place, 0), opening.at) } };
    },
  });
}

/** How far apart places along a path are looked at. mm. */
const LOOK_MM = 500;

/** The two ends of each straight stretch of a path. */
const endsOf = ({ spots, closed }: Path): (readonly [Pair, Pair])[] =>
  stretchesOf(spots, closed).map(({ from, to }) => [
    [from.xMm, from.yMm],
    [to.xMm, to.yMm],
  ]);

/** How far the places along one path are from another, at the least and at the most. mm. */
function apartMm(from: Path, to: Path): { leastMm: number; mostMm: number } {
  const stretches = endsOf(to);
  const away = endsOf(from).flatMap(([a, b]) => {
    const steps = Math.max(1, Math.ceil(Math.hypot(b[0] - a[0], b[1] - a[1]) / LOOK_MM));
    return Array.from({ length: steps + 1 }, (_, i) => {
      const at: Pair = [a[0] + ((b[0] - a[0]) * i) / steps, a[1] + ((b[1] - a[1]) * i) / steps];
      return Math.min(...stretches.map(([c, d]) => distanceToStretch(at, c, d)));
    });
  });
  return { leastMm: Math.min(...away), mostMm: Math.max(...away) };
}

/** Two fences that are farther apart than this anywhere are two gardens' (from memory: twice what is asked of two against deer). mm. */
const ALONGSIDE_MM = 3500;

/** How far what runs along all of a path is from it: the inner one is looked along, since corners lie farther out. Null for what does not. mm. */
function alongside(own: Path, path: Path | null): { leastMm: number; mostMm: number } | null {
  if (path?.closed !== own.closed) return null;
  const [out, back] = [apartMm(own, path), apartMm(path, own)];
  const apart = out.mostMm < back.mostMm ? out : back;
  return apart.mostMm <= ALONGSIDE_MM ? apart : null;
}

/** The fence that runs nearest along all of another, or all of which runs along it. As high as it is set, or as it would be alone. */
function secondOf(kinds: Kinds, plan: Plan, { id, stand }: StructurePlan): Second | null {
  const own = pathOf(stand);
  if (!own) return null;
  const seconds = plan.structures.flatMap((other): Second[] => {
    // Of those that stand elsewhere a page has not fetched the kind.
    const apart = other.id === id ? null : alongside(own, pathOf(other.stand));
    if (!apart) return [];
    const { values } = settle(kinds(other.kind).knobs, other.knobs, settingOf(kinds, plan, other, true));
    return typeof values.height !== 'number' ? [] : [{ heightMm: values.height, ...apart }];
  });
  return seconds.toSorted((a, b) => a.mostMm - b.mostMm)[0] ?? null;
}

/** What a kind is told about the place where one structure of a (checked) plan will stand; of a fence `alone`, as if no other ran along it. */
export function settingOf(kinds: Kinds, plan: Plan, structure: StructurePlan, alone = false): Setting {
  const place = placeOf(kinds, plan, structure);
  const ground = bedsOf(place)[0] ?? plan.site;
  const { own } = footholdOf(place);
  return {
    place,
    guests: guestsOf(kinds, plan, structure),
    second: alone ? null : secondOf(kinds, plan, hostOf(plan, structure)),
    wall: own ? wallBehind(own, plan.features) : null,
    soil: ground.soil,
    wind: ground.wind,
    planted: structure.plantings.flatMap((id) => {
      const planting = growingIn(plan).find((one) => one.id === id);
      if (!planting) return [];
      const crop = cropOf(plan, planting);
      return [{ id, bed: planting.bed, crop, training: trainingOf(crop, planting.training), count: planting.count }];
    }),
    measured: structure.measured?.kind === structure.kind ? structure.measured.mm : {},
    reachMm: plan.garden.reachMm,
    armMm: plan.site.armMm,
    site: plan.site,
    saw: plan.garden.saw ?? USUAL_SAW,
    market: plan.garden.market,
    catalogue: CATALOGUE,
    ...onSale(plan),
  };
}
