import { describe, expect, it } from 'vitest';
import { STEEL_E_MPA, WIRE_YIELD_MPA, yieldShareOf } from '../statics/wire';
import { lifeNote, NOTED } from './life-notes';
import { CATALOGUE, stockOf } from './catalogue';
import { sleeveFor } from './rods';
import { HEFT } from './stock';

/** What is stated of a stock elsewhere, written here again from its source. */
const rod = (id: string) => stockOf(CATALOGUE, id, 'rod');

describe('what things on sale are made of', () => {
  it('steel has the modulus of EN 1993-1-1, 3.2.6; bar the yield of grade 60 (ASTM A615: 60 000 psi, 414 MPa, as 420 in its metric edition)', () => {
    expect(STEEL_E_MPA).toBe(210_000);
    expect([rod('rod-10').stiffnessMpa, rod('rod-10').yieldMpa, rod('rod-10').wallMm]).toEqual([210_000, 420, 0]);
    expect(rod('pipe-steel-21').stiffnessMpa).toBe(STEEL_E_MPA);
  });

  it('sleeves are schedule 40 pipe, outside and wall (ASTM D1785, table 1), and take the hoop that goes into them', () => {
    for (const [id, outside, wall] of [
      ['pipe-plastic-27', 1.05, 0.113],
      ['pipe-sleeve-33', 1.315, 0.133],
      ['pipe-sleeve-42', 1.66, 0.14],
    ] as const) {
      expect(rod(id).diameterMm / 25.4).toBeCloseTo(outside, 2);
      expect(rod(id).wallMm / 25.4).toBeCloseTo(wall, 3);
    }
    // A ¾″ pipe is 26.7 and a 1″ one 26.6 inside; ½″ conduit of 18 goes in with play.
    expect([18, 25.6, 26.7].map((mm) => sleeveFor(mm).id)).toEqual([
      'pipe-sleeve-33',
      'pipe-sleeve-33',
      'pipe-sleeve-42',
    ]);
  });

  it('a line wire of 12½ gauge is 0.099″ (American steel wire gauge) and gives at about 1720 N; tie wire of 16 gauge is 0.0625″', () => {
    const wire = stockOf(CATALOGUE, 'line-wire', 'cord');
    // Sold by the metric size nearest to it.
    expect(Math.abs(wire.diameterMm / 25.4 - 0.099)).toBeLessThan(0.001);
    expect(stockOf(CATALOGUE, 'tie-wire', 'cord').diameterMm / 25.4).toBeCloseTo(0.0625, 2);
    // By hand: π/4 · 2.5² · 350 = 1718 N (yield from memory, within EN 10218-2’s 350–550).
    expect(yieldShareOf(1718, wire.diameterMm)).toBeCloseTo(1, 3);
    expect(WIRE_YIELD_MPA).toBeGreaterThanOrEqual(350);
  });

  it('bags fill what the trade says: an 80 lb bag of concrete 0.6 ft³ (common practice, no source), gravel of 1.6 kg a litre', () => {
    const litres = (id: string, kg: number) => stockOf(CATALOGUE, id, 'bagged').litresPerKg * kg;
    expect(litres('concrete-mix', 80 * 0.45359237) / 28.316846592).toBeCloseTo(0.6, 6);
    expect(litres('gravel', 16)).toBeCloseTo(10, 9);
    expect(litres('potting-mix', 20)).toBeCloseTo(50, 9);
  });

  it('stiff panels carry heavy crops, welded rolls medium ones, nets light ones: never more than thinner wire of a wider mesh', () => {
    const carries = (id: string): string => {
      const stock = CATALOGUE.stock(id);
      return stock.form === 'panel' || stock.form === 'mesh roll' ? stock.carries : 'none';
    };
    expect(['panel-16ft', 'mesh-cage-60', 'panel-light', 'mesh-4-welded', 'mesh-garden'].map(carries)).toEqual([
      'heavy',
      'heavy',
      'medium',
      'medium',
      'light',
    ]);
    // Thicker wire of the same form is never the weaker.
    const panels = CATALOGUE.all.flatMap((stock) => (stock.form === 'panel' ? [stock] : []));
    const rank = (of: (typeof panels)[number]) => HEFT[of.carries];
    for (const a of panels)
      for (const b of panels) if (a.wireMm >= b.wireMm) expect(rank(a)).toBeGreaterThanOrEqual(rank(b));
  });

  it('what is said of how long things last is said of what is sold, each thing once; timber by its use', () => {
    const said = CATALOGUE.all.flatMap((stock) => lifeNote(stock) ?? []);
    expect(said.length).toBeGreaterThan(100);
    expect(lifeNote(CATALOGUE.stock('timber-4x4-untreated'))).toContain('end grain');
    expect(lifeNote(CATALOGUE.stock('tie-plastic'))).toContain('two seasons of sun');
    expect(lifeNote(CATALOGUE.stock('wall-plug'))).toBeNull();
    for (const id of NOTED) expect(CATALOGUE.stock(id).id).toBe(id);
    expect(new Set(NOTED).size).toBe(NOTED.length);
  });
});
