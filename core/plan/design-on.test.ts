import fc from 'fast-check';
import { expect, it } from 'vitest';
import { extentOf } from '../design/extent';
import { DEMO_PLAN } from '../demo/garden';
import { grownShare } from '../growth/growth';
import { heightAt } from '../site/ground';
import { whereOf } from '../withstand/where';
import { computeGarden } from './compute';
import { designOn } from './design-on';
import { cropStanding } from './growing';

const designs = computeGarden(DEMO_PLAN).structures.map(({ sized }) => sized.design);

it('on any day every plant that is up stands as high as it has grown, none is higher than held, and nothing else changes', () => {
  fc.assert(
    fc.property(fc.constantFrom(...designs), fc.integer({ min: 0, max: 364 }), (design, day) => {
      const then = designOn(DEMO_PLAN, design, day);
      expect({ ...then, stations: design.stations }).toEqual(design);
      for (const station of design.stations) {
        const { height } = grownShare(cropStanding(DEMO_PLAN, station), day, DEMO_PLAN.site);
        const stands = then.stations.find(({ id }) => id === station.id);
        if (!stands) expect(station.growsMm * height).toBeLessThan(40);
        else {
          expect(stands.growsMm).toBeCloseTo(station.growsMm * height, 6);
          expect(stands.heldToMm).toBe(Math.min(station.heldToMm, stands.growsMm));
        }
      }
    }),
    { numRuns: 60 },
  );
});

it('what works hardest is marked where it is: a joint at its place, a part within itself, a post in the ground at the soil', () => {
  for (const design of designs) {
    for (const { id, places } of design.joints)
      if (places[0]) expect(whereOf(design, { what: 'joint', part: '', joint: id })).toEqual(places[0]);
    for (const part of design.parts) {
      const at = whereOf(design, { what: 'part', part: part.id }) ?? [NaN, NaN, NaN];
      const all = extentOf(part);
      for (const k of [0, 1, 2] as const) {
        expect(at[k]).toBeGreaterThanOrEqual(Math.min(...all.map((one) => one[k])) - 1e-9);
        expect(at[k]).toBeLessThanOrEqual(Math.max(...all.map((one) => one[k])) + 1e-9);
      }
    }
    for (const { id } of design.posts) {
      const [x, y, z] = whereOf(design, { what: 'ground', part: id }) ?? [0, 0, NaN];
      expect(z).toBe(heightAt(design.ground, x, y));
    }
    expect(whereOf(design, { what: 'part', part: 'not there' })).toBeNull();
  }
});
