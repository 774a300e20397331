import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import { strengthOf } from './strength';

describe('what stock carries', () => {
  it('timber by its class, every value in the relation to bending and density that EN 384:2016, table 2 and EN 338 have for softwood', () => {
    for (const stock of CATALOGUE.all.filter(({ form }) => form === 'timber')) {
      const wood = strengthOf(stock);
      if (!wood || !('bendingMpa' in wood)) throw new Error('timber has a class');
      const { bendingMpa: m, densityKgM3: rho } = wood;
      const half = (value: number): number => Math.round(value * 2) / 2;
      expect(wood.tensionMpa).toBe(half(0.73 * m - 3.07));
      expect(wood.compressionMpa).toBe(Math.round(4.3 * Math.sqrt(m)));
      expect(wood.bearingMpa).toBeCloseTo(0.007 * rho, 1);
      expect(wood.stiffness05Mpa).toBeCloseTo(0.67 * wood.stiffnessMpa, -2);
    }
  });

  it('wire at its yield: 2.5 mm of 350 MPa are 1718 N by hand; a studded post by its mass a metre; screws by their shank', () => {
    const wire = strengthOf(CATALOGUE.stock('line-wire'));
    expect(wire && 'breakingN' in wire && wire.breakingN).toBeCloseTo((Math.PI / 4) * 2.5 ** 2 * 350, 6);
    const post = strengthOf(CATALOGUE.stock('steel-post'));
    // 1.33 lb a foot.
    expect(post && 'areaMm2' in post && post.areaMm2).toBeCloseTo((1.33 * 0.45359237) / 0.3048 / 7850 / 1e-6, -1);
    for (const stock of CATALOGUE.all)
      if (stock.form === 'piece' && stock.thickMm !== undefined)
        expect(strengthOf(stock)).toMatchObject({ shankMm: stock.thickMm, wireMpa: 600 });
  });

  it('everything that carries has its strength: bars, cords, wire mesh and panels; cloth, fill and small parts have none', () => {
    const without = CATALOGUE.all.filter((stock) => strengthOf(stock) === null);
    for (const stock of without) if (stock.form === 'mesh roll') expect(stock.look).not.toBe('wire');
    for (const { form } of without)
      expect(['timber', 'pole', 'rod', 'steel post', 'panel', 'cord']).not.toContain(form);
  });
});
