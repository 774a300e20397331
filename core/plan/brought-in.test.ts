import fc from 'fast-check';
import { expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { readPlan } from '../formats/read-plan';
import { kindOf } from '../structures/registry';
import { broughtIn } from './brought-in';
import { computeAs } from './compute-as';
import type { Plan } from './plan';

const EMPTY: Plan = {
  ...DEMO_PLAN,
  garden: { ...DEMO_PLAN.garden, year: 2031 },
  beds: [],
  features: [],
  plantings: [],
  structures: [],
  site: { ...DEMO_PLAN.site, widthMm: 5000, depthMm: 5000 },
};
const naming = () => {
  let n = 0;
  return (what: string) => `${what}-new-${++n}`;
};
const billOf = (plan: Plan, id: string) => {
  const structure = plan.structures.find((one) => one.id === id);
  if (!structure) throw new Error(`${id} is not there`);
  return computeAs(kindOf, plan, structure).bill.map(({ stock, ...line }) => [
    stock,
    'count' in line ? line.count : null,
  ]);
};

it('a structure of any kind comes into an empty garden, or once more into its own, with all it needs: a faultless plan, nothing of which changes what was there, and the same bill', () => {
  fc.assert(
    fc.property(fc.constantFrom(...DEMO_PLAN.structures), fc.constantFrom(EMPTY, DEMO_PLAN), ({ id }, into) => {
      const done = broughtIn(into, DEMO_PLAN, id, naming());
      if (!done) throw new Error('nothing came');
      const { plan, structure } = done;
      const read = readPlan(structuredClone(plan));
      expect(read.ok ? [] : read.faults).toEqual([]);
      expect(plan.structures.slice(0, into.structures.length)).toEqual(into.structures);
      expect(plan.beds.slice(0, into.beds.length)).toEqual(into.beds);
      // A bed and its sides may share a name; no two beds and no two structures that did not.
      for (const list of ['beds', 'structures'] as const) {
        const twice = (of: Plan): number => of[list].length - new Set(of[list].map(({ name }) => name)).size;
        expect(twice(plan)).toBe(twice(into));
      }
      for (const one of plan.plantings.slice(into.plantings.length)) expect(one.year).toBe(into.garden.year);
      // A wall or fence of the garden that something stands against stays behind, and a gate is cut to its place.
      const kind = kindOf(DEMO_PLAN.structures.find((one) => one.id === id)?.kind ?? '');
      if (kind.stands.includes('run') || kind.isThere) return;
      expect(billOf(plan, structure)).toEqual(billOf(DEMO_PLAN, id));
    }),
    { numRuns: cases(90) },
  );
});

it('lies where it is free while there is room, and three more of one are three more', () => {
  const id = 'tomato-wall';
  const name = naming();
  let plan: Plan = { ...EMPTY, site: { ...EMPTY.site, widthMm: 12_000, depthMm: 12_000 } };
  for (let n = 0; n < 4; n++) plan = broughtIn(plan, DEMO_PLAN, id, name)?.plan ?? plan;
  expect(plan.structures.map((one) => one.name)).toEqual([
    'Tomato wall',
    'Tomato wall 2',
    'Tomato wall 3',
    'Tomato wall 4',
  ]);
  const xs = plan.beds.map(({ xMm, yMm }) => `${xMm} ${yMm}`);
  expect(new Set(xs).size).toBe(4);
  expect(broughtIn(plan, DEMO_PLAN, 'nobody', name)).toBeNull();
});
