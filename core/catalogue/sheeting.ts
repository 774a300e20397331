import { inches } from '../quantity/length';
import type { Sheeting } from './stock';

/** Corrugated sheet (widths, depth and what a lap leaves from memory: makers differ a little). */
export const SHEETING: readonly Sheeting[] = [
  {
    form: 'sheeting',
    look: 'steel',
    opacity: 1,
    sold: 'lengths',
    id: 'sheet-corrugated',
    name: 'Corrugated steel sheet, galvanised, 26″ (660 mm) wide, covers 24″ (610 mm)',
    wideMm: inches(26),
    coversMm: inches(24),
    thickMm: 18,
    steelMm: 0.5,
    life: { seasons: 20, source: 'from memory' },
  },
];
