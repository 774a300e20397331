import { bedOnPlot, type Bed } from '../site/bed';
import { freePlace } from '../site/free';
import type { PlanSpot, Site } from '../site/plot';
import { bedsNamed, elsewhere, hostNamed, standOf } from '../site/stands/stands';
import { freeInRun } from './free-in-run';
import type { Plan, Planting, StructurePlan } from './plan';

/** Left round what is put onto a plot that has to grow for it. mm. */
const ROUND_MM = 1000;
/** What stands on one spot takes about so much room (from memory). mm. */
const SPOT_MM = 2400;

/** What goes together: a structure, what it hangs in or what hangs in it, their beds and what grows there. */
interface Group {
  structures: readonly StructurePlan[];
  beds: readonly Bed[];
  plantings: readonly Planting[];
}

function groupOf(plan: Plan, wanted: StructurePlan): Group {
  const host = plan.structures.find(({ id }) => id === hostNamed(wanted.stand));
  const root = host ?? wanted;
  const structures = [root, ...plan.structures.filter(({ stand }) => hostNamed(stand) === root.id)];
  const named = new Set(structures.flatMap(({ stand }) => bedsNamed(stand)));
  const own = new Set(structures.map(({ id }) => id));
  const carried = new Set(structures.flatMap((one) => one.plantings));
  return {
    structures,
    beds: plan.beds.filter(({ id }) => named.has(id)),
    plantings: plan.plantings.filter(({ id, bed }) => carried.has(id) || own.has(bed)),
  };
}

/** A name that nothing is called by yet: "Long bed", "Long bed 2". */
function freeName(name: string, taken: readonly string[]): string {
  if (!taken.includes(name)) return name;
  const [, stem = name] = /^(.*?)(?: \d+)?$/.exec(name) ?? [];
  for (let n = 2; ; n++) if (!taken.includes(`${stem} ${n}`)) return `${stem} ${n}`;
}

/** The rectangle of the plot that a group takes. mm. */
function boxOf({ structures, beds }: Group): { middle: PlanSpot; lengthMm: number; widthMm: number } {
  const spots = [
    ...beds.flatMap((bed) => bedOnPlot(bed)),
    ...structures.flatMap(({ stand }) => {
      const own = standOf(stand).spots(stand);
      return own.length === 1
        ? own.flatMap(([x, y]): PlanSpot[] => [
            [x - SPOT_MM / 2, y - SPOT_MM / 2],
            [x + SPOT_MM / 2, y + SPOT_MM / 2],
          ])
        : own;
    }),
  ];
  const [xs, ys] = [spots.map(([x]) => x), spots.map(([, y]) => y)];
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  return { middle: [(left + right) / 2, (low + high) / 2], lengthMm: right - left, widthMm: high - low };
}

/**
 * A plan with a structure of another plan, or of itself, put down once more: with its beds, what grows in them and what
 * hangs in it, on free ground where there is some; what hangs in a run goes on in that run where it stays in its plan.
 * The plot grows for what is larger than it. `newId` makes names for things. Null where there is no such structure.
 * @example broughtIn(mine, DEMO_PLAN, 'tomato-wall', newId)?.plan.structures.length // one more
 */
export function broughtIn(
  into: Plan,
  from: Plan,
  structure: string,
  newId: (what: 'bed' | 'planting' | 'support') => string,
): { plan: Plan; structure: string } | null {
  const wanted = from.structures.find(({ id }) => id === structure);
  if (!wanted) return null;
  const host = into === from ? from.structures.find(({ id }) => id === hostNamed(wanted.stand)) : undefined;
  if (host) return again(into, wanted, host, newId('support'));
  const group = groupOf(from, wanted);
  const { middle, lengthMm, widthMm } = boxOf(group);
  const site: Site = {
    ...into.site,
    widthMm: Math.max(into.site.widthMm, lengthMm > into.site.widthMm ? lengthMm + 2 * ROUND_MM : 0),
    depthMm: Math.max(into.site.depthMm, widthMm > into.site.depthMm ? widthMm + 2 * ROUND_MM : 0),
  };
  const there = { ...into, site };
  const at = freePlace(there, { id: '', lengthMm, widthMm }, { besideMm: [0], turnsDeg: [0] }) ?? {
    xMm: site.widthMm / 2,
    yMm: site.depthMm / 2,
  };
  const byMm: PlanSpot = [at.xMm - middle[0], at.yMm - middle[1]];
  const ids = new Map<string, string>([
    ...group.beds.map(({ id }): [string, string] => [id, newId('bed')]),
    ...group.structures.map(({ id }): [string, string] => [id, newId('support')]),
    ...group.plantings.map(({ id }): [string, string] => [id, newId('planting')]),
  ]);
  const called = (id: string): string => ids.get(id) ?? id;
  const [bedNames, names] = [into.beds.map(({ name }) => name), into.structures.map(({ name }) => name)];
  const crops = from.crops.filter(
    ({ id }) => group.plantings.some(({ crop }) => crop === id) && into.crops.every((own) => own.id !== id),
  );
  return {
    structure: called(structure),
    plan: {
      ...there,
      crops: [...into.crops, ...crops],
      beds: [
        ...into.beds,
        ...group.beds.map((bed): Bed => {
          const name = freeName(bed.name, bedNames);
          bedNames.push(name);
          return { ...bed, id: called(bed.id), name, grew: [], xMm: bed.xMm + byMm[0], yMm: bed.yMm + byMm[1] };
        }),
      ],
      plantings: [
        ...into.plantings,
        // Planned there for the first time: when it was sown elsewhere says nothing here.
        ...group.plantings.map(({ sown: _sown, planted: _planted, cleared: _cleared, ...one }): Planting => ({
          ...one,
          id: called(one.id),
          bed: called(one.bed),
          year: into.garden.year,
        })),
      ],
      structures: [
        ...into.structures,
        ...group.structures.map(({ measured: _measured, ...one }): StructurePlan => {
          const name = freeName(one.name, names);
          names.push(name);
          return {
            ...one,
            id: called(one.id),
            name,
            stand: elsewhere(one.stand, { byMm, called }),
            plantings: one.plantings.map(called),
          };
        }),
      ],
    },
  };
}

/** What hangs in a run once more in that run, where most of it is free. */
function again(
  plan: Plan,
  { measured: _measured, ...wanted }: StructurePlan,
  host: StructurePlan,
  id: string,
): { plan: Plan; structure: string } {
  const name = freeName(
    wanted.name,
    plan.structures.map((one) => one.name),
  );
  const one: StructurePlan = { ...wanted, id, name, stand: freeInRun(plan, host) ?? wanted.stand };
  return { plan: { ...plan, structures: [...plan.structures, one] }, structure: id };
}
