import { bedsNamed, hostNamed } from '../site/stands/stands';
import type { Plan, StructurePlan } from './plan';

/**
 * A plan with one structure as it was in an earlier version of it, and with what that cannot do without: the beds it
 * stands on, the plants it carries, what it hangs in; those that are still there stay as they are now.
 * @example takenBack(now, then, 'tomato-wall').structures.find(({ id }) => id === 'tomato-wall')
 */
export function takenBack(now: Plan, then: Plan, structure: string): Plan {
  const wanted = then.structures.find(({ id }) => id === structure);
  if (!wanted) return now;
  const has = (some: readonly { id: string }[], id: string): boolean => some.some((one) => one.id === id);
  const lost = <Thing extends { id: string }>(from: readonly Thing[], into: readonly Thing[], ids: readonly string[]) =>
    from.filter(({ id }) => ids.includes(id) && !has(into, id));
  const host = hostNamed(wanted.stand);
  const hosts: StructurePlan[] = host === null ? [] : lost(then.structures, now.structures, [host]);
  const plantings = lost(then.plantings, now.plantings, wanted.plantings);
  const beds = lost(then.beds, now.beds, [...bedsNamed(wanted.stand), ...plantings.map(({ bed }) => bed)]);
  const crops = lost(
    then.crops,
    now.crops,
    plantings.map(({ crop }) => crop),
  );
  // A planting is carried by one structure: what another carries now stays with that.
  const others = new Set(now.structures.flatMap((one) => (one.id === structure ? [] : one.plantings)));
  const back = { ...wanted, plantings: wanted.plantings.filter((id) => !others.has(id)) };
  return {
    ...now,
    beds: [...now.beds, ...beds],
    crops: [...now.crops, ...crops],
    plantings: [...now.plantings, ...plantings],
    structures: has(now.structures, structure)
      ? now.structures.map((one) => (one.id === structure ? back : one))
      : [...now.structures, ...hosts, back],
  };
}
