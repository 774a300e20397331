import type { Planted } from '../crops/planted';
import type { Hold } from '../design/design';
import { check } from './check';

/** A hand with fruit in it passes 4″ mesh or more (common practice, no source); 100 mm counts as 4″. mm. */
const HAND_MM = 99;
/** Between slats a hand goes flat: 3″ (from memory). mm. */
const SLOT_MM = 76;

/** Is the mesh close enough to hold on to, and open enough to pick through? */
export const meshOpening = check(
  'mesh-opening',
  {
    says: {
      'mesh.wide': '{crop} needs a hold every {wants}; this has one every {step}.',
      'mesh.never': '{crop} needs a hold every {wants}; this has one every {step} and takes no finer net.',
      'mesh.narrow':
        'A hand with fruit in it will not pass through {opening}: {crop} can be picked from its own side only.',
      'mesh.fits': 'A hand passes through its openings of {wide} × {high}.',
    },
    mends: { 'mesh.wide': 'Give it closer holds', 'mesh.narrow': 'Open the mesh' },
    unfit: ['mesh.never'],
  },
  ({ planted, hold }: { planted: readonly Planted[]; hold: Hold }, found) => {
    // On wires what lives for years is led from one to the next, and tied.
    const led = ({ crop }: Planted): boolean => hold.by === 'wires' && crop.years !== undefined;
    const thin = planted.find((one) => one.crop.grips && !led(one) && hold.stepMm > one.crop.grips.stepMm + 1);
    if (thin && hold.fineToMm === 0)
      return found('warn', hold.could.net ? 'mesh.wide' : 'mesh.never', {
        crop: thin.crop.name,
        step: { mm: hold.stepMm },
        wants: { mm: thin.crop.grips?.stepMm ?? 0 },
      });
    if (!hold.meshMm) return null;
    const fruit = planted.find((one) => one.crop.fruitKg >= 0.1);
    const narrow = Math.min(hold.meshMm.wide, hold.meshMm.high);
    const slot = narrow >= SLOT_MM && Math.max(hold.meshMm.wide, hold.meshMm.high) >= 3 * HAND_MM;
    if (fruit && narrow < HAND_MM && !slot)
      return found('warn', 'mesh.narrow', { crop: fruit.crop.name, opening: { mm: narrow } });
    return found('good', 'mesh.fits', { wide: { mm: hold.meshMm.wide }, high: { mm: hold.meshMm.high } });
  },
);
