import type { PriceBook, PriceLine } from '../costing/price-book';
import { feet, inches } from '../quantity/length';

/** Invented prices of an invented ironmonger and an invented sawmill, in minor units, tax included. */
export const DEMO_CURRENCY = 'EUR';
const line = (stock: string, size: number, minor: number): PriceLine => ({ stock, size, price: { minor, currency: DEMO_CURRENCY } });
const metres = (count: number): number => count * 1000;

export const DEMO_PRICES: PriceBook = {
  taxPercent: 20,
  pricesIncludeTax: true,
  sparePercent: 5,
  lines: [
    line('panel-16ft', 1, 3480), line('panel-8ft', 1, 2290), line('panel-8ft-close', 1, 3150), line('panel-3m', 1, 2640),
    line('panel-2m5-narrow', 1, 3390), line('panel-light', 1, 1480),
    line('mesh-fine', metres(5), 890), line('mesh-fine', metres(25), 3290),
    line('steel-post', feet(5), 520), line('steel-post', feet(6), 610), line('steel-post', feet(7), 740), line('steel-post', feet(8), 880),
    line('timber-2x4-untreated', feet(8), 495), line('timber-2x4-untreated', feet(10), 640), line('timber-2x4-untreated', feet(12), 790), line('timber-2x4-untreated', feet(16), 1120),
    line('timber-2x4-treated', feet(8), 760), line('timber-2x4-treated', feet(12), 1190), line('timber-2x4-treated', feet(16), 1640),
    line('timber-2x2-untreated', feet(8), 330),
    line('timber-45x95-untreated', 2400, 640), line('timber-45x95-untreated', 3000, 810), line('timber-45x95-untreated', 3600, 980), line('timber-45x95-untreated', 4800, 1330),
    line('timber-45x95-treated', 2400, 910), line('timber-45x95-treated', 3600, 1390), line('timber-45x95-treated', 4800, 1890),
    line('timber-45x95-durable', 2400, 1720), line('timber-45x95-durable', 3600, 2590),
    line('timber-45x45-untreated', 2400, 390), line('timber-45x45-untreated', 3600, 590),
    line('post-clip', 25, 620), line('post-clip', 100, 1990), line('tie-plastic', 50, 340), line('tie-plastic', 100, 560), line('tie-uv', 50, 690),
    line('tie-wire', metres(20), 420), line('tie-wire', metres(50), 790), line('line-wire', metres(25), 990),
    line('twine-natural', metres(60), 380), line('twine-natural', metres(250), 1290), line('twine-synthetic', metres(100), 690),
    line('screw-short', 50, 640), line('screw-short', 200, 1890), line('screw-long', 25, 520), line('screw-long', 100, 1590),
    line('screw-bracket', 50, 350), line('l-bracket', 1, 145), line('l-bracket', 10, 1190), line('screw-eye', 10, 390), line('screw-eye', 50, 1590),
  ],
};

export const DEMO_SHED = [
  { stock: 'timber-2x4-untreated', size: inches(67), count: 1, note: 'left from the old coal bunker' },
  { stock: 'panel-16ft', size: 9, count: 1, note: 'a 6′ piece with the first mesh bent' },
  { stock: 'steel-post', size: feet(6), count: 2, note: 'pulled from the boundary, straight enough' },
  { stock: 'post-clip', size: 11, count: 1, note: 'in the jam jar' },
] as const;
