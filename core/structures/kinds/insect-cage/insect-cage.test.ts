import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Sheet } from '../../../design/shapes/sheet';
import { inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';
import { sleeveFor } from './sleeve';

describe('round insect cage', () => {
  it('is the trade’s: 21 links of 2″ of a 36″ roll, 42″ round, 13⅜″ across, six rows, two from the height (common practice, no source)', () => {
    const { design, bill, ofRole } = onBed('insect-cage', { diameter: inches(13.5), height: inches(18), cages: 4 });
    const meshes = ofRole<Sheet>('mesh');
    const [mesh] = meshes as [Sheet];
    expect(mesh.uprightsMm).toHaveLength(21);
    expect(mesh.cutMm).toBeCloseTo(inches(43), 6);
    expect(mesh.base.curve === 'arc' && (2 * mesh.base.radiusMm) / 25.4).toBeCloseTo(13.369, 3);
    // Of four cages two lengths are bought.
    expect(meshes.filter((one) => one.board === undefined)).toHaveLength(2);
    expect(bill.find((line) => line.use === 'mesh' && line.board === null)?.count).toBe(2);
    expect(design.bodies).toBe(4);
  });

  it('its sleeve goes round with ease and both seams, meets over the top, and as many as fit lie across the roll (by hand)', () => {
    // π × 13.369″ = 42″; 2″ of ease and two ¾″ seams; 3″ in the soil, 15″ over it, half of 13.369″ and 4″ to tie.
    const sleeve = sleeveFor({
      girthMm: inches(42),
      overMm: inches(15),
      tuckMm: inches(3),
      seamMm: inches(0.75),
      rollMm: 2100,
    });
    expect(sleeve.cutMm / 25.4).toBeCloseTo(42 + 50 / 25.4 + 1.5, 6);
    expect(sleeve.highMm / 25.4).toBeCloseTo(3 + 15 + 13.369 / 2 + 100 / 25.4, 3);
    expect(sleeve.acrossRoll).toBe(2);
    fc.assert(
      fc.property(
        fc.double({ min: 500, max: 3800, noNaN: true }),
        fc.double({ min: 150, max: 1400, noNaN: true }),
        fc.double({ min: 1500, max: 4000, noNaN: true }),
        (girthMm, overMm, rollMm) => {
          const one = sleeveFor({ girthMm, overMm, tuckMm: 80, seamMm: 20, rollMm });
          // Half the width meets in the middle over the top.
          expect(one.gatherMm).toBeGreaterThan(girthMm / (2 * Math.PI));
          if (one.highMm <= rollMm) expect(one.acrossRoll * one.highMm).toBeLessThanOrEqual(rollMm + 0.01);
        },
      ),
    );
  });

  it('says when a sleeve is wider than its roll, and what grows out of it', () => {
    expect(onBed('insect-cage', {}, {}, { crop: 'cabbage', training: 'head' }).codes).toContain('cover.keeps');
    expect(onBed('insect-cage', { height: inches(18) }, {}, { crop: 'cabbage', training: 'head' }).codes).toContain(
      'cover.outgrown',
    );
    expect(
      onBed('insect-cage', { diameter: inches(48), height: inches(60), roll: 'mesh-2x4-60', net: 'cover-insect' })
        .codes,
    ).toContain('sleeve.wide');
  });
});
