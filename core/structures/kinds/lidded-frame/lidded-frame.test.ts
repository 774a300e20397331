import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { setOf } from '../../../catalogue/how-set';
import type { Bar } from '../../../design/shapes/bar';
import type { Sheet } from '../../../design/shapes/sheet';
import { pointAt } from '../../../geometry/curve';
import type { Fill } from '../../../design/shapes/fill';
import { closeUps } from '../../../drawing/close-ups';
import { feet, inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';

/** What of some mesh lies flat: an inch at both ends is turned in. */
const laid = (some: readonly Sheet[]): number =>
  some.reduce((sum, one) => sum + (one.cutMm - inches(2)) * one.heightMm, 0);

describe('lidded frame', () => {
  it('is filled over its mesh: litres by hand, plants stand on that, and it is measured from there what lifts the lid', () => {
    const lettuce = { crop: 'lettuce', training: 'head', count: 6 };
    const frame = (knobs: Record<string, number | string>) =>
      onBed('lidded-frame', { rowLength: feet(8), width: feet(3), board: '1x6', strip: '2x2', ...knobs }, {}, lettuce);
    const { design, ofRole, verdicts, bill } = frame({
      floor: 'hardware-48',
      fill: inches(8),
      fillWith: 'potting-mix',
      courses: 3,
    });
    const [fill] = ofRole<Fill>('fill') as [Fill];
    // 94½″ × 34½″ between ¾″ boards, less six posts of 1½″ × 1½″, 8″ deep; a cubic inch is 0.016387 l.
    expect(fill.litres).toBeCloseTo((94.5 * 34.5 - 6 * 1.5 * 1.5) * 8 * 0.016387064, 1);
    expect(bill.find(({ stock }) => stock === 'potting-mix')?.litres).toBeCloseTo(fill.litres, 6);
    for (const { at, stem } of design.stations) {
      expect(at[2]).toBeCloseTo(inches(8), 3);
      expect(pointAt(stem, 0)[2]).toBeCloseTo(inches(8), 3);
    }
    const clear = (of: typeof verdicts) => of.find(({ check }) => check === 'cover-clear')?.told;
    // Three boards are 16½″; with a foot of fill the same lettuce is through the lid.
    expect(clear(verdicts)?.code).not.toBe('cover.touches');
    const deep = frame({ fill: inches(12), courses: 2, opens: 'lids' });
    expect(deep.codes).toEqual(expect.arrayContaining(['box.full', clear(deep.verdicts)?.code]));
    expect(clear(deep.verdicts)?.code).toBe('cover.outgrown');
    const dug = frame({ floor: 'hardware-48', fillWith: 'own-soil' });
    expect([dug.ofRole('fill').length, dug.shopping.purchases.filter(({ stock }) => /soil|mix/.test(stock))]).toEqual([
      1,
      [],
    ]);
    expect(dug.cost.complete).toBe(true);
    const own = frame({ floor: 'none' });
    expect([own.sized.knobs.fill?.value, own.ofRole('fill').length, own.design.stations[0]?.at[2]]).toEqual([0, 0, 0]);
  });

  it('of 3′ × 8′ is two boards high, its mesh goes edge to edge below and above, and its lids are lifted with one hand (common practice, no source)', () => {
    const { ofRole, codes } = onBed('lidded-frame', {
      rowLength: feet(8),
      width: feet(3),
      courses: 2,
      board: '1x6',
      floor: 'hardware-48',
    });
    const boards = ofRole<Bar>('board');
    // Two long and two short boards a course; the short ones stand between the long: 3′ − 2 × ¾″ (by hand).
    expect(boards.map((one) => Math.round((one.cutMm / 25.4) * 100) / 100).toSorted((a, b) => a - b)).toEqual([
      34.5, 34.5, 34.5, 34.5, 96, 96, 96, 96,
    ]);
    const [floor] = ofRole<Sheet>('floor') as [Sheet];
    // An inch is turned in at both ends.
    expect([floor.cutMm, floor.heightMm].map((mm) => Math.round(mm / 25.4))).toEqual([98, 36]);
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
          // Of strips across a lid each but the first lies 2″ over the one before.
          const laps = mesh.filter(({ id }) => /-mesh-[2-9]/.test(id)).length * inches(2) * inches(wide);
          const area = laid(mesh) - laps;
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
          const area = (role: string): number => laid(ofRole<Sheet>(role));
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
