import { describe, expect, it } from 'vitest';
import { stockOf, CATALOGUE } from '../../../catalogue/catalogue';
import { inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';
import { cutCage } from '../../rules/girth';

const inch = (mm: number): number => mm / 25.4;
const roll = { heightMm: inches(36), openingMm: inches(2), stepMm: inches(3) };

describe('mesh cage', () => {
  it('has the trade’s worked cage: 21 links of 2″ are 42″ round and 13.4″ across; six rows come twice out of a 36″ roll (common practice, no source)', () => {
    const cut = cutCage(roll, { diameterMm: inches(13.5), heightMm: inches(18), stakes: true, hooks: true });
    expect([cut.links, cut.rows, cut.fromHeight]).toEqual([21, 6, 2]);
    expect([inch(cut.girthMm), inch(cut.cutMm)].map((one) => Math.round(one * 100) / 100)).toEqual([42, 43]);
    // By hand: 42 / 3.14159.
    expect(inch(cut.diameterMm)).toBeCloseTo(13.369, 3);
    // Five rows stand over the soil, three quarters of the sixth go into it.
    expect(inch(cut.overMm)).toBeCloseTo(15, 9);
    expect(inch(cut.legsMm)).toBeCloseTo(2.25, 9);
  });

  it('bends what it cuts into a round of that girth, buys it off the roll, and says when cages meet', () => {
    const { design, bill, codes } = onBed('mesh-cage', { cages: 3, diameter: inches(16), apart: inches(24) });
    const meshes = design.parts.filter((part) => part.role === 'mesh');
    expect(meshes).toHaveLength(3);
    for (const mesh of meshes) {
      if (mesh.shape !== 'sheet' || mesh.base.curve !== 'arc') throw new Error('a cage is a round sheet');
      expect(2 * Math.PI * mesh.base.radiusMm).toBeCloseTo(
        Math.round((Math.PI * inches(16)) / stockOf(CATALOGUE, mesh.stock, 'mesh roll').openingMm) *
          stockOf(CATALOGUE, mesh.stock, 'mesh roll').openingMm,
        6,
      );
    }
    expect(bill.some((line) => line.use === 'mesh')).toBe(true);
    expect(codes).not.toContain('cages.close');
    expect(onBed('mesh-cage', { cages: 3, diameter: inches(24), apart: inches(20) }).codes).toContain('cages.close');
    expect(onBed('mesh-cage', { cages: 9 }).codes).toContain('cages.many');
  });
});
