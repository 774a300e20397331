import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import type { StructurePlan } from '../plan/plan';
import { bearingOf, cornersOf, runsOf } from '../site/plot';
import { growingMonths, samplesOfDay } from '../site/sun/samples';
import { gridOver, shader, shadowOf, sunHours } from './shade';
import { shadowPerHeight } from '../site/sun/shadow';
import { freeGround } from '../site/free';
import { findPlaces } from './positions';
import { bedSuns, compareDirections, standingOf, studySun, type BedSun } from './study';

describe('shadows', () => {
  it('are as long as height × cot(altitude), away from the sun, whichever way the plan is turned', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1.5, noNaN: true }),
        fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        (altitudeRad, azimuthRad, northDeg) => {
          const [dx, dy] = shadowPerHeight({ altitudeRad, azimuthRad }, northDeg);
          expect(Math.hypot(dx, dy)).toBeCloseTo(1 / Math.tan(altitudeRad), 6);
          const bearing = (Math.atan2(dx, dy) + (northDeg * Math.PI) / 180 + 4 * Math.PI) % (2 * Math.PI);
          expect(Math.cos(bearing - azimuthRad)).toBeCloseTo(-1, 6);
        },
      ),
    );
    // Sun due south at 45°: a 2 m wall throws 2 m to the north.
    const outline = shadowOf(
      shader(
        [
          [0, 0, 0],
          [5000, 0, 0],
          [5000, 0, 2000],
          [0, 0, 2000],
        ],
        1,
      ),
      shadowPerHeight({ altitudeRad: Math.PI / 4, azimuthRad: Math.PI }, 0),
    );
    expect(Math.max(...outline.map((spot) => spot[1]))).toBeCloseTo(2000, 6);
  });

  it('darken exactly the cells whose middle they cover, and take their share where they lie on each other', () => {
    const grid = gridOver(4000, 4000, 250);
    const noon = [{ sun: { altitudeRad: Math.PI / 4, azimuthRad: Math.PI }, hours: 1 }];
    const wall = shader(
      [
        [0, 1000, 0],
        [2000, 1000, 0],
        [2000, 1000, 1000],
        [0, 1000, 1000],
      ],
      0.5,
    );
    const once = sunHours(grid, [wall], noon, 0);
    expect([...once].filter((hours) => hours < 1)).toHaveLength(8 * 4);
    expect(Math.min(...sunHours(grid, [wall, wall], noon, 0))).toBeCloseTo(0.25, 6);
  });

  it('an open plot has the sun from rising to setting, less the lowest 3°', () => {
    const samples = samplesOfDay(2026, 6, 21, { latitudeDeg: 52, longitudeDeg: 0 });
    const [hours = 0] = sunHours(gridOver(250, 250, 250), [], samples, 0);
    expect(hours).toBeGreaterThan(15.4);
    expect(hours).toBeLessThan(16.8);
  });
});

describe('the plot and the season', () => {
  it('knows corners and bearings', () => {
    expect(cornersOf({ xMm: 10, yMm: 20, turnDeg: 90 }, 8, 4).map(([x, y]) => [Math.round(x), Math.round(y)])).toEqual([
      [12, 16],
      [12, 24],
      [8, 24],
      [8, 16],
    ]);
    expect([
      bearingOf({ xMm: 0, yMm: 0, turnDeg: 90 }, 0),
      bearingOf({ xMm: 0, yMm: 0, turnDeg: 0 }, 0),
      bearingOf({ xMm: 0, yMm: 0, turnDeg: 0 }, 90),
    ]).toEqual([0, 90, 0]);
    expect(runsOf({ xMm: 0, yMm: 0, turnDeg: 80 }, 0)).toBe('north–south');
  });

  it('knows seasons that cross the new year', () => {
    expect(growingMonths({ lastFrost: '09-10', firstFrost: '04-20' })).toEqual([9, 10, 11, 12, 1, 2, 3, 4]);
  });
});

describe('the study of the demo garden', () => {
  it('a cover takes light from its own bed by its mesh and its wood, not by what grows under it; a board on edge shades no more than it is', () => {
    const AS_IT_IS: Record<string, StructurePlan['knobs']> = {
      'cabbage-tunnel': { cover: 'cover-butterfly', height: 800, width: 900, shape: 'ellipse' },
      'salad-frame': { courses: 2, opens: 'lids', net: 'none', lids: 2 },
    };
    const hoursOf = (planted: boolean, ids: readonly string[]): number[] => {
      const plan = {
        ...DEMO_PLAN,
        features: [],
        plantings: planted ? DEMO_PLAN.plantings : [],
        structures: DEMO_PLAN.structures
          .filter((one) => ids.includes(one.id))
          .map((one) => ({ ...one, knobs: AS_IT_IS[one.id] ?? {}, plantings: planted ? one.plantings : [] })),
      };
      const beds = plan.beds.filter((bed) => ['sail-bed', 'rope-walk-bed'].includes(bed.id));
      return bedSuns(plan, standingOf(plan), beds, 6).map(({ hours }) => hours);
    };
    const covers = ['cabbage-tunnel', 'salad-frame'];
    const [open, bare, grown] = [hoursOf(false, []), hoursOf(false, covers), hoursOf(true, covers)];
    grown.forEach((hours, i) => expect(hours).toBeCloseTo(bare[i] ?? 0, 6));
    // A net of 7 mm takes an eighth; a box of two boards under mesh leaves more than a quarter of the sun on its soil at midsummer.
    expect((bare[0] ?? 0) / (open[0] ?? 1)).toBeGreaterThan(0.75);
    expect((bare[1] ?? 0) / (open[1] ?? 1)).toBeGreaterThan(0.27);
  });

  it('gives every cell and bed its hours; what a support takes is what its bed-neighbours lose', () => {
    const seen: number[] = [];
    const study = studySun(DEMO_PLAN, 500, (share) => seen.push(share));
    expect(seen.at(-1)).toBe(1);
    expect(study.season.every((hours) => hours >= 0 && hours < 17)).toBe(true);
    const standing = standingOf(DEMO_PLAN);
    const bed = DEMO_PLAN.beds.find((one) => one.id === 'yard-bed');
    if (!bed) throw new Error('the demo has lost its yard bed');
    const sunOn = (those: typeof standing) => bedSuns(DEMO_PLAN, those, [bed], 8)[0] as BedSun;
    const all = sunOn(standing);
    for (const [id, hours] of Object.entries(all.takenBy)) {
      const without = sunOn(standing.filter((one) => one.id !== id));
      expect(without.hours - all.hours).toBeCloseTo(hours, 6);
    }
    const compared = compareDirections(DEMO_PLAN, 'tomato-wall', 7);
    expect(compared?.asItLies.turnDeg).toBe(90);
    expect(compared?.turned.turnDeg).toBe(0);
    // A bed put in the shade north of the house is sent back into the sun, to a place that is free.
    const old = ['yard-bed', 'long-bed', 'wall-border', 'ramp-row', 'odd-bed'];
    const dark: typeof DEMO_PLAN = {
      ...DEMO_PLAN,
      beds: DEMO_PLAN.beds.filter((one) => old.includes(one.id)),
      structures: DEMO_PLAN.structures.filter((one) => one.stand.on === 'bed' && old.includes(one.stand.bed)),
      features: [
        ...DEMO_PLAN.features,
        {
          id: 'barn',
          kind: 'house',
          name: 'Barn',
          xMm: 2600,
          yMm: 5400,
          turnDeg: 0,
          lengthMm: 3000,
          widthMm: 400,
          heightMm: 9000,
          keepClearMm: 0,
        },
      ],
    };
    const places = findPlaces(dark, 'string-frame', 7, 2000);
    const best = places?.better[0];
    expect(best && best.ownHours - best.takes).toBeGreaterThan((places?.now.ownHours ?? 0) - (places?.now.takes ?? 0));
    for (const place of places?.better ?? []) expect(freeGround(dark)(bed, place)).toBe(true);
  });
});
