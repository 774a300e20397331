import { describe, expect, it } from 'vitest';
import type { Line } from '../../../design/shapes/line';
import { reach } from '../../../geometry/space';
import { feet } from '../../../quantity/length';
import { roundArea, stretchOf } from '../../../statics/wire';
import { onBed } from '../../onto-bed.fixture';

describe('panel wall on timber posts, guyed', () => {
  it('two 8′ panels: three posts, four turnbuckles (common practice, no source); the wire stretches as Hooke has it', () => {
    const wall = onBed('guyed-wall', { panel: 'panel-8ft' });
    expect([
      wall.count('post'),
      wall.count('panel'),
      wall.count('turnbuckle in a guy'),
      wall.count('guy to post'),
    ]).toEqual([3, 2, 4, 8]);
    for (const wire of wall.ofRole<Line>('guy wire'))
      expect(reach(wire.path[0] ?? [0, 0, 0], wire.path[1] ?? [0, 0, 0])).toBeGreaterThan(feet(8));
    // 400 N on 3 m of 2.7 mm wire: 400 · 3000 / (210 000 · 5.7256) = 0.998 mm, by hand.
    expect(stretchOf(400, 3000, roundArea(2.7))).toBeCloseTo(0.998, 3);
  });
});
