import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import type { Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import { closeUps } from '../../../drawing/close-ups';
import { onGround, type Ground } from '../../../site/ground';
import { onBed } from '../../onto-bed.fixture';

describe('woven frame', () => {
  it('thread length is the sum of its lines and turns, counted independently; nails divide the sides', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 700, max: 2300, noNaN: true }),
        fc.double({ min: 350, max: 1700, noNaN: true }),
        fc.double({ min: 60, max: 240, noNaN: true }),
        fc.constantFrom('single', 'pair'),
        (height, width, interval, form) => {
          const { ofRole, design } = onBed('woven-frame', {
            height,
            width,
            interval,
            form,
            frames: 1,
            section: '22x38',
          });
          const threads = ofRole<Line>('thread');
          expect(threads).toHaveLength(form === 'pair' ? 4 : 2);
          const lines = (side: number): number => Math.max(2, Math.round((side - 38) / interval)) - 1;
          const step = (side: number): number => (side - 38) / (lines(side) + 1);
          for (const [thread, turning, running] of [
            [threads[0], width, height],
            [threads[1], height, width],
          ] as const) {
            const along = lines(turning) * (running - 38) + (lines(turning) - 1) * step(turning);
            expect(thread?.cutMm).toBeCloseTo(along + 2 * lines(turning) * 12 + 2 * 152.4, 4);
          }
          expect(design.hold?.meshMm?.high).toBeCloseTo(step(height), 6);
        },
      ),
      { numRuns: cases(40) },
    );
    const frame = onBed('woven-frame', {
      height: 1800,
      width: 863,
      interval: 127,
      form: 'single',
      frames: 1,
      section: '22x38',
    });
    // 1762 between the middles of head and foot is 14 spaces of 125.9; 825 across is 6 of 137.5.
    expect([frame.design.hold?.meshMm?.high, frame.design.hold?.meshMm?.wide]).toEqual([
      expect.closeTo(1762 / 14, 6),
      expect.closeTo(825 / 6, 6),
    ]);
    expect(frame.count('nail in frame')).toBe(2 * 13 + 2 * 5);
    expect(frame.count('brace')).toBe(4);
    expect(
      frame
        .ofRole<Bar>('frame side')
        .every((side) => side.ends.every((end) => end.cut === 'notch' && end.deepMm === 11 && end.longMm === 38)),
    ).toBe(true);
    // 0.7 of a 3 mm nail: the hole that is drilled is the one that the nail is told to want.
    const nail = closeUps(frame.design).find(({ kind }) => kind === 'nail in frame');
    expect(nail?.fixings.map(({ pilotMm }) => pilotMm)).toEqual([2]);
    expect(new Set(frame.ofRole<Bar>('frame side').flatMap(({ holes }) => holes.map((one) => one.diameterMm)))).toEqual(
      new Set([2]),
    );
  });
});

it('a leaning pair on a slope keeps its feet on the ground', () => {
  const peas = { crop: 'pea', training: 'row', count: 12 };
  const { design, ofRole } = onBed('woven-frame', { form: 'pair' }, { riseMm: 400, lengthMm: 5000 }, peas);
  expect(design.stations.length).toBeGreaterThanOrEqual(12);
  for (const station of design.stations)
    expect(station.at).toEqual(onGround(design.ground as Ground, station.alongMm, station.at[1]));
  // Eight hundredths of slope: both feet of a frame stand on it, one higher than the other.
  const upright = ofRole<Bar>('frame side').filter(({ from, to, cutMm }) => Math.abs(to[2] - from[2]) > cutMm / 2);
  const feet = upright.map(({ from, to }) => (from[2] < to[2] ? from : to));
  expect(feet.length).toBeGreaterThanOrEqual(4);
  for (const [x, , z] of feet) expect(Math.abs(z - onGround(design.ground as Ground, x)[2])).toBeLessThan(60);
});
