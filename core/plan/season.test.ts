import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden, computeStructure } from './compute';
import { seasonOf } from './season';

const notesOf = (id: string, latitudeDeg: number): (string | null)[] => {
  const plan = { ...DEMO_PLAN, site: { ...DEMO_PLAN.site, latitudeDeg } };
  return seasonOf(
    computeStructure(
      plan,
      plan.structures.find((one) => one.id === id)!,
    ),
  ).map(({ on }) => on);
};

describe('what is done through a season', () => {
  it('is told in the order of the year from midwinter on, in the south from July; what is done whenever it is time comes first', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DEMO_PLAN.structures.map(({ id }) => id)),
        fc.constantFrom(52, -38),
        (id, latitudeDeg) => {
          const notes = notesOf(id, latitudeDeg);
          const dated = notes.filter((on) => on !== null);
          expect(notes.slice(0, notes.length - dated.length).every((on) => on === null)).toBe(true);
          // Months from midwinter, by the calendar: January is the first in the north, July in the south.
          const months = dated.map((on) => {
            const [month = 0, day = 0] = on.split('-').map(Number);
            return ((month - 1 + (latitudeDeg < 0 ? 6 : 0)) % 12) * 100 + day;
          });
          expect(months).toEqual(months.toSorted((a, b) => a - b));
        },
      ),
      { numRuns: cases(40) },
    );
  });
});

describe('what a whole garden costs', () => {
  it('a plant and a metre of row is what it costs together, over all of its plants and all of its rows', () => {
    const garden = computeGarden(DEMO_PLAN);
    const sum = (of: (one: (typeof garden.structures)[number]) => number): number =>
      garden.structures.map(of).reduce((total, one) => total + one, 0);
    const plants = sum(
      ({ sized: { design } }) => design.roomFor ?? design.stations.filter(({ spare }) => !spare).length,
    );
    const metres = sum(({ sized: { design } }) => design.builtMm) / 1000;
    expect(garden.cost.perPlantMinor).toBeCloseTo(garden.cost.totalMinor / plants, 0);
    expect(garden.cost.perMetreMinor).toBeCloseTo(garden.cost.totalMinor / metres, 0);
  });
});
