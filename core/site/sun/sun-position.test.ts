import { Body, Equator, Horizon, Observer, SearchRiseSet } from 'astronomy-engine';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../cases.fixture';
import { sunDay, sunPosition } from './sun-position';

const DEG = 180 / Math.PI;
/** Angle between two directions, degrees. */
function apart(a: { altitudeRad: number; azimuthRad: number }, altitudeDeg: number, azimuthDeg: number): number {
  const [h, z] = [altitudeDeg / DEG, azimuthDeg / DEG];
  const dot =
    Math.sin(a.altitudeRad) * Math.sin(h) + Math.cos(a.altitudeRad) * Math.cos(h) * Math.cos(a.azimuthRad - z);
  return Math.acos(Math.min(1, dot)) * DEG;
}
const anyInstant = fc.integer({ min: Date.UTC(1950, 0, 1), max: Date.UTC(2100, 0, 1) });
const anyPlace = fc.record({
  latitudeDeg: fc.double({ min: -90, max: 90, noNaN: true }),
  longitudeDeg: fc.double({ min: -180, max: 180, noNaN: true }),
});

describe('the sun', () => {
  it('stands where the worked example of NREL/TP-560-34302 has it, to 0.01°', () => {
    // 17 October 2003, 12:30:30 at −7 h; 39.742476° N, 105.1786° W: zenith 50.11162°, azimuth 194.34024° (table A5.1).
    const sun = sunPosition(Date.UTC(2003, 9, 17, 19, 30, 30), { latitudeDeg: 39.742476, longitudeDeg: -105.1786 });
    expect(apart(sun, 90 - 50.11162, 194.34024)).toBeLessThan(0.01);
  });

  it('stands within 0.01° of an independent ephemeris (astronomy-engine) at random times and places', () => {
    fc.assert(
      fc.property(anyInstant, anyPlace, (ms, place) => {
        const observer = new Observer(place.latitudeDeg, place.longitudeDeg, 0);
        const date = new Date(ms);
        const equator = Equator(Body.Sun, date, observer, true, true);
        const horizon = Horizon(date, observer, equator.ra, equator.dec);
        expect(apart(sunPosition(ms, place, false), horizon.altitude, horizon.azimuth)).toBeLessThan(0.01);
      }),
      { numRuns: cases(500) },
    );
  });

  it('rises and sets within a minute of the independent ephemeris, by its own search', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 7300, max: 25_000 }),
        fc.record({
          latitudeDeg: fc.double({ min: -60, max: 60, noNaN: true }),
          longitudeDeg: fc.double({ min: -180, max: 180, noNaN: true }),
        }),
        (day, place) => {
          const today = sunDay(day * 86_400_000, place);
          if (today.day !== 'rises and sets') throw new Error('below 60° the sun rises and sets every day');
          const observer = new Observer(place.latitudeDeg, place.longitudeDeg, 0);
          const rise = SearchRiseSet(Body.Sun, observer, 1, new Date(today.noonMs - 43_200_000), 1);
          const set = SearchRiseSet(Body.Sun, observer, -1, new Date(today.noonMs), 1);
          expect(Math.abs((rise?.date.getTime() ?? 0) - today.riseMs)).toBeLessThan(60_000);
          expect(Math.abs((set?.date.getTime() ?? 0) - today.setMs)).toBeLessThan(60_000);
        },
      ),
      { numRuns: cases(60) },
    );
  });

  it('is up about twelve hours everywhere at the equinox, all day or not at all beyond the circles', () => {
    for (const latitudeDeg of [-50, -20, 0, 35, 52, 60]) {
      const equinox = sunDay(Date.UTC(2026, 2, 20), { latitudeDeg, longitudeDeg: 4 });
      expect(equinox.day).toBe('rises and sets');
      if (equinox.day === 'rises and sets')
        expect(Math.abs(equinox.setMs - equinox.riseMs - 12 * 3_600_000)).toBeLessThan(22 * 60_000);
    }
    const tromso = { latitudeDeg: 70, longitudeDeg: 19 };
    expect([sunDay(Date.UTC(2026, 5, 21), tromso).day, sunDay(Date.UTC(2026, 11, 21), tromso).day]).toEqual([
      'never sets',
      'never rises',
    ]);
  });
});
