import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { setOf } from '../../../catalogue/how-set';
import type { Bar } from '../../../design/shapes/bar';
import type { Sheet } from '../../../design/shapes/sheet';
import { closeUps } from '../../../drawing/close-ups';
import { feet, inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';

describe('lidded frame', () => {
  it('of 3′ × 8′ is two boards high, its mesh goes edge to edge below and above, and its lids are lifted with one hand (common practice, no source)', () => {
    const { ofRole, codes } = onBed('lidded-frame', { rowLength: feet(8), width: feet(3), courses: 2, board: '1x6' });
    const boards = ofRole<Bar>('board');
    // Two long and two short boards a course; the short ones stand between the long: 3′ − 2 × ¾″ (by hand).
    expect(boards.map((one) => Math.round((one.cutMm / 25.4) * 100) / 100).toSorted((a, b) => a - b)).toEqual([
      34.5, 34.5, 34.5, 34.5, 96, 96, 96, 96,
    ]);
    const [floor] = ofRole<Sheet>('floor') as [Sheet];
    expect([floor.cutMm, floor.heightMm].map((mm) => Math.round(mm / 25.4))).toEqual([96, 36]);
    expect(codes).toEqual(expect.arrayContaining(['lid.light', 'box.whole']));
    // Posts inside a long side at most 4′ apart: three of them.
    expect(ofRole('post')).toHaveLength(6);
  });

  it('whatever its knobs, lids cover the box from end to end with their gaps, mesh covers every lid, and one roll or strips of it are wide enough', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 24, max: 190 }),
        fc.integer({ min: 12, max: 70 }),
        fc.integer({ min: 1, max: 12 }),
        (long, wide, lids) => {
          const { design, ofRole } = onBed('lidded-frame', {
            rowLength: inches(long),
            width: inches(wide),
            lids,
            net: 'none',
          });
          const fronts = ofRole<Bar>('lid strip').filter((one) => one.id.endsWith('-front'));
          const gap = fronts.length > 1 ? (fronts[1] as Bar).from[0] - (fronts[0] as Bar).to[0] : 0;
          const covered = fronts.reduce((sum, one) => sum + one.cutMm, 0) + (fronts.length - 1) * gap;
          expect(covered).toBeCloseTo(design.builtMm, 3);
          const mesh = ofRole<Sheet>('mesh');
          for (const sheet of mesh) expect(sheet.heightMm).toBeLessThanOrEqual(inches(36) + 1);
          const area = mesh.reduce((sum, one) => sum + one.cutMm * one.heightMm, 0);
          expect(area).toBeCloseTo(fronts.reduce((sum, one) => sum + one.cutMm, 0) * inches(wide), -1);
        },
      ),
      { numRuns: cases(25) },
    );
  });

  it('behind doors: as high over the box as what grows, doors from end to end on the posts, and mesh on roof, back and both ends', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 190 }),
        fc.integer({ min: 12, max: 70 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 8, max: 60 }),
        (long, wide, doors, above) => {
          const { design, ofRole, codes } = onBed('lidded-frame', {
            opens: 'doors',
            rowLength: inches(long),
            width: inches(wide),
            lids: doors,
            above: inches(above),
            net: 'none',
            board: '1x6',
          });
          // Doors and their gaps fill the front between the boards’ inner faces (¾″ boards, by hand).
          const strips = ofRole<Bar>('door strip').filter((one) => one.id.endsWith('-front'));
          const gaps = strips.slice(1).reduce((sum, one, i) => sum + one.from[0] - (strips[i] as Bar).to[0], 0);
          expect(strips.reduce((sum, one) => sum + one.cutMm, gaps)).toBeCloseTo(design.builtMm - inches(1.5), 3);
          const area = (role: string): number =>
            ofRole<Sheet>(role).reduce((sum, one) => sum + one.cutMm * one.heightMm, 0);
          const [inLong, inWide, high] = [inches(long - 1.5), inches(wide - 1.5), inches(above + 2)];
          expect(area('fixed mesh') / ((inLong + 2 * inWide) * high)).toBeCloseTo(1, 6);
          expect(codes).not.toContain('lid.light');
        },
      ),
      { numRuns: cases(25) },
    );
    const { verdicts, sized } = onBed('lidded-frame', {}, {}, { crop: 'tomato', training: 'leaders', count: 2 });
    expect(sized.knobs.opens?.value).toBe('doors');
    expect(verdicts.map((one) => one.told.code)).not.toContain('cover.touches');
  });

  it('weighs its lid by its wood and mesh: 2×2 strips at 450 kg/m³ and ½″ mesh at 1.4 kg/m², by hand', () => {
    const { verdicts } = onBed('lidded-frame', {
      rowLength: feet(4),
      width: feet(3),
      lids: 1,
      strip: '2x2',
      mesh: 'hardware-36',
      net: 'none',
    });
    const told = verdicts.find((one) => one.told.code === 'lid.light')?.told.values;
    // Two of 48″ and three of 33″ (bars at most 3′ apart: 46½″ takes two bays), 1½″ × 1½″; 48″ × 36″ of mesh.
    const wood = ((2 * 48 + 3 * 33) * 1.5 * 1.5 * 25.4 ** 3 * 450) / 1e9;
    const mesh = (48 * 36 * 25.4 ** 2 * 1.4) / 1e6;
    expect((told?.weight as { kg: number }).kg).toBeCloseTo(wood + mesh, 6);
  });
});

it('only the screw that a prop turns on is left loose', () => {
  const { design } = onBed('lidded-frame', { stay: 'prop' });
  const held = closeUps(design).flatMap(({ kind, fixings }) => fixings.map((one) => ({ kind, one })));
  expect(held.filter(({ one }) => one.turns).map(({ kind }) => kind)).toEqual(['prop to post']);
  for (const { kind, one } of held)
    if (one.stock.startsWith('screw-') && one.pilotMm !== null)
      expect(setOf(one).includes('flush'), `${kind}: ${one.stock}`).toBe(kind !== 'prop to post');
});
