import { stepsOf } from '../../../plan/steps';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { USUAL_SAW } from '../../../cutting/saw';
import type { Bar } from '../../../design/shapes/bar';
import { feet, inches } from '../../../quantity/length';
import { one, onBed } from '../../onto-bed.fixture';
import { nearestClear, takenBy } from '../../rules/clash';
import { piecesOverPosts } from '../../rules/over-posts';
import { equalBays } from '../../rules/spacing';
import type { TwineFrameFacts } from './size';

const inch = (mm: number): number => Math.round((mm / 25.4) * 1e6) / 1e6;
const tomato = { crop: 'tomato', training: 'two-leaders' };

describe('twine frame (common practice, no source)', () => {
  it('8′ posts: 2′ in the ground and 6′ to the top of the beam', () => {
    const frame = one(
      'twine-frame',
      { lengthMm: feet(8) },
      { crop: 'tomato', training: 'one-stem' },
      { postSpacing: feet(8) },
    );
    expect(frame.posts.map((post) => [post.buriedMm, Math.round((post.cutMm + inches(3.5)) * 100) / 100])).toEqual([
      [feet(2), feet(8)],
      [feet(2), feet(8)],
    ]);
  });

  it('hangs a string from an eye for each plant that is planned, none for spare places, in one row or three', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 3 }), (count, rows) => {
        const frame = onBed('twine-frame', { rows }, {}, { crop: 'tomato', training: 'one-stem', count });
        const planned = Math.min(count, frame.design.stations.length);
        expect(frame.design.stations.filter((station) => !station.spare)).toHaveLength(planned);
        expect([frame.count('string'), frame.count('string to beam') + frame.count('string to arm')]).toEqual([
          planned,
          planned,
        ]);
        expect(frame.cost.perPlantMinor).toBe(Math.round(frame.cost.totalMinor / planned));
      }),
      { numRuns: cases(40) },
    );
  });

  it('string = drop + 20 % + knots + slack, and braces are 45° both ends by Pythagoras', () => {
    const frame = one('twine-frame', { lengthMm: feet(10) }, { crop: 'tomato', training: 'one-stem' });
    const strings = frame.design.parts.filter((part) => part.shape === 'line');
    const string = strings.find(({ path: [top, foot] }) => top && foot && Math.abs(top[0] - foot[0]) < 1e-6);
    const drop = feet(6) - inches(3.5) - inches(2);
    expect(string?.cutMm).toBeCloseTo(drop * 1.2 + inches(12) + inches(4), 6);
    const braces = frame.design.parts.filter((part): part is Bar => part.role === 'brace');
    expect(braces).toHaveLength(4);
    for (const brace of braces) {
      expect(brace.cutMm).toBeCloseTo(inches(18) * Math.SQRT2 + inches(3.5), 6);
      expect(brace.ends.every((end) => end.cut === 'mitre' && Math.abs(end.angleRad - Math.PI / 4) < 1e-9)).toBe(true);
    }
    expect(one('twine-frame', {}, tomato, { braces: 'none' }).codes).toContain('brace.none');
  });

  it('divides long rows equally, joins beams over posts, keeps eyes out of post tops', () => {
    expect(equalBays([0, feet(20)], feet(8))).toHaveLength(4);
    expect(piecesOverPosts([50, 2450, 4850, 7250], 100, 4900)).toEqual([
      { fromMm: 0, toMm: 4850 },
      { fromMm: 4850, toMm: 7300 },
    ]);
    expect(piecesOverPosts([50, 2450, 4850, 7250], 100, 4800)).toHaveLength(3);
    const taken = [44.45, 1524, 3003.55].map((at) => takenBy(at, 44.45));
    fc.assert(
      fc.property(fc.double({ min: 0, max: 3048, noNaN: true }), (wanted) => {
        const { atMm, clear } = nearestClear(wanted, taken, 102, 2946);
        expect(clear).toBe(true);
        expect(Math.min(...[44.45, 1524, 3003.55].map((at) => Math.abs(at - atMm)))).toBeGreaterThanOrEqual(
          44.45 + 12.69,
        );
      }),
    );
  });
});

describe('twine frame, completed', () => {
  it('one 2×8 makes it: 7¼″ − 2 × 2¼″ − 2 × ⅛″ leaves a 2½″ beam; the guide sits strip + kerf + shoe offset from the factory edge (common practice, no source)', () => {
    const frame = onBed(
      'twine-frame',
      { make: 'board', board: '2x8', treatment: 'untreated', rowLength: feet(8), beamHeight: feet(6), depth: feet(2) },
      { lengthMm: feet(8) },
    );
    const [board] = frame.design.boards ?? [];
    expect(board?.strips.map((strip) => inch(strip.wideMm))).toEqual([2.25, 2.5, 2.25]);
    expect(inch(board?.lengthMm ?? 0)).toBe(144);
    expect(board?.guides.map((guide) => inch(guide.guideMm))).toEqual(
      Array(2).fill(inch(inches(2.25) + USUAL_SAW.kerfMm + USUAL_SAW.shoeOffsetMm)),
    );
    expect(frame.shopping.purchases.filter((one) => one.stock.startsWith('timber'))).toMatchObject([
      { stock: 'timber-2x8-untreated', count: 1, size: feet(12) },
    ]);
    expect(frame.count('brace')).toBe(4);
    for (const strip of board?.strips ?? [])
      for (const piece of strip.pieces)
        expect(piece.atMm + piece.lengthMm).toBeLessThanOrEqual((board?.lengthMm ?? 0) + 1e-6);
  });

  it('two or three rows hang from cross arms 24″ long, an eye at each end and one in the middle', () => {
    for (const rows of [2, 3]) {
      const frame = onBed(
        'twine-frame',
        { rows, armLength: inches(24), rowLength: feet(8) },
        { lengthMm: feet(8) },
        { crop: 'cucumber', training: 'vine', count: 24 },
      );
      const arms = frame.ofRole<Bar>('cross arm');
      expect([
        arms.length,
        frame.design.stations.length,
        frame.count('string to arm'),
        frame.count('string to beam'),
      ]).toEqual([8, 8 * rows, 16, rows === 3 ? 8 : 0]);
      expect(arms.every((arm) => inch(arm.cutMm) === 24)).toBe(true);
    }
  });

  it('end posts screwed inside a bed go no deeper than the bed and need no hole', () => {
    const frame = onBed(
      'twine-frame',
      { setIn: 'bed', rowLength: feet(8) },
      { lengthMm: feet(8), heightMm: inches(11) },
    );
    expect(frame.ofRole<Bar>('post').map((post) => inch(post.buriedMm))).toEqual([11, 11]);
    expect(frame.count('post to bed')).toBe(8);
    expect(stepsOf(frame).map((step) => step.what.code)).not.toContain('step.dig');
  });

  it('no eye meets a post top or a brace’s screws, over rows, spacings and braces', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2000, max: 9000, noNaN: true }),
        fc.constantFrom('every', 'ends', 'none'),
        fc.double({ min: 260, max: 900, noNaN: true }),
        fc.constantFrom('one-stem', 'two-leaders'),
        (row, braces, braceLeg, training) => {
          const { ofRole, sized } = onBed(
            'twine-frame',
            { rowLength: row, braces, braceLeg },
            { lengthMm: row },
            { crop: 'tomato', training },
          );
          if ((sized.facts as TwineFrameFacts).holes.clashing) return;
          const eyes = ofRole<Bar>('beam').flatMap((beam) => beam.holes.map((hole) => beam.from[0] + hole.atMm));
          for (const eye of eyes)
            for (const post of ofRole<Bar>('post'))
              expect(Math.abs(eye - post.to[0])).toBeGreaterThanOrEqual(post.wideMm / 2 + 12.6);
        },
      ),
      { numRuns: cases(25) },
    );
  });
});
