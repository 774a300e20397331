import fc from 'fast-check';
import { expect, it } from 'vitest';
import { partAt } from './part-at';
import type { PaperMark } from './sheet';

const box = (part: string, x: number, y: number, wide: number, high: number): PaperMark => ({
  draw: 'shape',
  ink: 'timber',
  part,
  points: [
    [x, y],
    [x + wide, y],
    [x + wide, y + high],
    [x, y + high],
  ],
});
const post = box('post', 100, 0, 10, 200);
const panel = box('panel', 0, 20, 300, 100);
const wire: PaperMark = {
  draw: 'lines',
  ink: 'wire',
  part: 'wire',
  lines: [
    [
      [0, 60],
      [300, 60],
    ],
  ],
};
const soil: PaperMark = {
  draw: 'lines',
  ink: 'ground',
  lines: [
    [
      [0, 200],
      [300, 200],
    ],
  ],
};

it('what is pointed at is the smallest part that lies there, else the nearest within reach, whatever lies over what', () => {
  fc.assert(
    fc.property(fc.shuffledSubarray([post, panel, wire, soil], { minLength: 4 }), (marks) => {
      const at = (x: number, y: number, reach = 22) => partAt({ marks }, [x, y], reach);
      expect(at(105, 50)).toBe('post');
      expect(at(50, 90)).toBe('panel');
      // Nothing lies there: the nearer of what is near, and nothing where all is too far.
      expect(at(112, 150)).toBe('post');
      expect(at(90, 160)).toBe('post');
      expect(at(105, 215)).toBe('post');
      expect(at(200, 150, 22)).toBeNull();
      expect(at(200, 150, 31)).toBe('panel');
      // The ground is no part.
      expect(at(250, 200)).toBeNull();
      expect(partAt({ marks: [wire, soil] }, [305, 72], 13)).toBe('wire');
      expect(partAt({ marks: [wire, soil] }, [305, 72], 12.9)).toBeNull();
    }),
  );
});
