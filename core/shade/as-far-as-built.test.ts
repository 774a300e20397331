import fc from 'fast-check';
import { expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden } from '../plan/compute';
import { asFarAsBuilt } from './as-far-as-built';
import { feetOf, footprintOf } from '../design/on-plot';
import { boundsOf } from './shade';
import { bedSuns, standingOf } from './study';

const garden = computeGarden(DEMO_PLAN);
const JUNE = 6;
const hours = (stands?: Parameters<typeof standingOf>[1]) =>
  new Map(
    bedSuns(DEMO_PLAN, standingOf(DEMO_PLAN, stands), DEMO_PLAN.beds, JUNE, 60, 1200).map((one) => [one.bed, one]),
  );

it('what is not built throws no shadow: with nothing up beds have the sun of a plan without it, with all of it up that of the plan', () => {
  const [planned, none, all] = [hours(), hours(() => false), hours(() => true)];
  expect(all).toEqual(planned);
  const there = new Set(garden.structures.flatMap(({ kind, structure }) => (kind.isThere ? [structure.id] : [])));
  let more = 0;
  for (const [bed, { hours: sun, takenBy }] of none) {
    expect(sun).toBeGreaterThanOrEqual((planned.get(bed)?.hours ?? 0) - 1e-9);
    if (sun > (planned.get(bed)?.hours ?? 0) + 0.1) more++;
    expect(
      Object.keys(takenBy).filter((id) => DEMO_PLAN.structures.some((one) => one.id === id) && !there.has(id)),
    ).toEqual([]);
  }
  expect(more).toBeGreaterThan(2);
});

it('whatever of it stands covers no more than what is planned, and can be drawn', () => {
  fc.assert(
    fc.property(fc.infiniteStream(fc.boolean()), (some) => {
      for (const [i, one] of asFarAsBuilt(garden, () => some.next().value === true).structures.entries()) {
        const { sized } = garden.structures[i] as (typeof garden.structures)[number];
        const { least, most } = boundsOf(footprintOf(sized.design).flat());
        const { design } = one.sized;
        for (const [x, y] of footprintOf(design).flat()) {
          expect(x).toBeGreaterThanOrEqual(least[0] - 1e-6);
          expect(x).toBeLessThanOrEqual(most[0] + 1e-6);
          expect(y).toBeGreaterThanOrEqual(least[1] - 1e-6);
          expect(y).toBeLessThanOrEqual(most[1] + 1e-6);
        }
        expect(feetOf(sized.design)).toEqual(expect.arrayContaining(feetOf(design)));
        for (const { parts } of design.joints)
          expect(design.parts.map(({ id }) => id)).toEqual(expect.arrayContaining([...parts]));
      }
    }),
    { numRuns: 10 },
  );
});

it('of what is half up its posts alone throw one, and its plants with them; a bed whose sides are not up lies as it did', () => {
  const half = asFarAsBuilt(garden, (_, part) => part.startsWith('post'));
  for (const [i, one] of half.structures.entries()) {
    const { sized, kind } = garden.structures[i] as (typeof garden.structures)[number];
    const { parts, stations } = one.sized.design;
    if (kind.isThere) expect(one.sized).toBe(sized);
    else expect(parts).toEqual(sized.design.parts.filter(({ id }) => id.startsWith('post')));
    expect(stations).toEqual(parts.length > 0 ? sized.design.stations : []);
  }
  const bare = asFarAsBuilt(garden, () => false);
  expect(garden.structures.some(({ makes }) => makes !== null)).toBe(true);
  expect(bare.structures.every(({ makes, kind }) => makes === null || kind.isThere)).toBe(true);
});
