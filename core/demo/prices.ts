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
    line('timber-2x2-treated', feet(8), 520), line('timber-1x2-untreated', feet(8), 165), line('timber-1x3-untreated', feet(8), 240), line('timber-22x38-untreated', 2400, 195), line('timber-22x63-untreated', 2400, 290),
    line('timber-2x8-untreated', feet(12), 1490), line('timber-2x8-untreated', feet(16), 2090), line('timber-2x8-treated', feet(12), 2190), line('timber-45x195-untreated', 3600, 1560), line('timber-45x195-untreated', 4800, 2140),
    line('timber-4x4-treated', feet(8), 1590), line('timber-4x4-treated', feet(10), 2090), line('timber-4x4-treated', feet(12), 2590), line('timber-4x4-durable', feet(8), 2890), line('timber-90x90-treated', 2400, 1650), line('timber-90x90-treated', 3000, 2150),
    line('pole-larch', feet(8), 420), line('pole-larch', feet(10), 540), line('pole-larch', feet(12), 690), line('pole-bamboo', feet(8), 290), line('pole-bamboo', feet(10), 380),
    line('cane-bamboo', feet(2), 35), line('cane-bamboo', feet(3), 48), line('cane-bamboo', feet(4), 62), line('cane-bamboo', feet(6), 95), line('cane-bamboo', feet(8), 140),
    line('concrete-mix', 25, 640), line('gravel', 25, 420), line('mesh-garden', metres(5), 1590), line('mesh-garden', metres(25), 5990), line('skirt-cloth', metres(5), 790), line('skirt-cloth', metres(25), 2890),
    line('guy-wire', metres(25), 890), line('rope-natural', metres(10), 590), line('rope-natural', metres(25), 1190), line('chain-light', metres(2), 490), line('chain-light', metres(5), 990), line('twine-cotton', metres(60), 540),
    line('screw-20', 25, 290), line('screw-40', 50, 420), line('screw-50', 50, 490), line('screw-50', 200, 1490), line('screw-75', 50, 790), line('screw-roofing', 50, 590), line('washer-fender', 50, 450),
    line('staple-fence', 50, 320), line('staple-fence', 200, 890), line('nail-round', 50, 260), line('nail-round', 200, 780), line('post-cap', 1, 290), line('strap-hinge', 2, 890), line('turnbuckle', 1, 460), line('turnbuckle', 4, 1590),
    line('eye-bolt', 1, 190), line('eye-bolt', 10, 1490), line('ground-peg', 10, 690),
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
