import { describe, expect, it } from 'vitest';
import type { Line } from '../../../design/shapes/line';
import { feet, inches } from '../../../quantity/length';
import { dayOfYear, monthDayOf } from '../../../site/sun/season';
import { seasonOf } from '../../../plan/season';
import { onBed } from '../../onto-bed.fixture';

const inch = (mm: number): number => Math.round((mm / 25.4) * 1e6) / 1e6;

describe('post-and-twine weave (common practice, no source)', () => {
  it('twine = passes × (2 × row + wraps at posts) + ends, and every pass is due later than the one below', () => {
    const weave = onBed(
      'weave',
      {
        rowLength: feet(20),
        posts: 'timber',
        section: '2x2',
        postSpacing: feet(5),
        firstPass: inches(8),
        passEvery: inches(8),
        height: feet(5),
        wraps: 3,
      },
      { lengthMm: feet(20) },
      { crop: 'tomato', training: 'two-leaders' },
    );
    const passes = weave.ofRole<Line>('pass');
    expect([weave.ofRole('stake').length, passes.length]).toEqual([5, 7]);
    const twine = passes.reduce((sum, pass) => sum + inch(pass.cutMm), 0);
    expect(twine).toBeCloseTo(7 * (2 * 240 + 2 * 5 * 1.5 * 6 + 2 * 12), 6);
    const due = seasonOf(weave).flatMap(({ on, what }) => (on && what.code === 'season.pass' ? [dayOfYear(on)] : []));
    expect(due).toHaveLength(7);
    expect([...due].sort((a, b) => a - b)).toEqual(due);
    for (let day = 0; day < 365; day++)
      expect(monthDayOf(day)).toBe(new Date(Date.UTC(2026, 0, 1 + day)).toISOString().slice(5, 10));
  });

  it('has a stake to every second plant, as NC State Extension’s staked tomatoes have it (from memory)', () => {
    const weave = onBed('weave', {}, { lengthMm: feet(40) }, { crop: 'tomato', training: 'unpruned', count: 16 });
    expect([weave.design.stations.length, weave.ofRole('post').length]).toEqual([16, 9]);
  });

  it('peas and beans get level strings, as often as they need a hold', () => {
    const peas = onBed('weave', {}, {}, { crop: 'pea', training: 'row' });
    expect([peas.sized.knobs.way?.value, inch(peas.sized.knobs.passEvery?.value as number)]).toEqual(['ladder', 3]);
  });
});
