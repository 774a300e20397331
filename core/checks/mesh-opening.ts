import { verdict, type Check } from './verdict';

/** A hand with fruit in it passes 4″ mesh or more (common practice, no source); 100 mm counts as 4″. mm. */
const HAND_MM = 99;
/** Between slats a hand goes flat: 3″ (from memory). mm. */
const SLOT_MM = 76;

/** Is the mesh close enough to hold on to, and open enough to pick through? */
export const meshOpening: Check = ({ design, setting }) => {
  const { support } = design;
  const thin = setting.planted.find((one) => one.crop.grips && support.stepMm > one.crop.grips.stepMm + 1);
  if (thin && support.fineToMm === 0) {
    return verdict('mesh-opening', 'warn', 'mesh.wide', {
      crop: thin.crop.name,
      step: { mm: support.stepMm },
      wants: { mm: thin.crop.grips?.stepMm ?? 0 },
    });
  }
  if (!support.meshMm) return null;
  const fruit = setting.planted.find((one) => one.crop.fruitKg >= 0.1);
  const narrow = Math.min(support.meshMm.wide, support.meshMm.high);
  const slot = narrow >= SLOT_MM && Math.max(support.meshMm.wide, support.meshMm.high) >= 3 * HAND_MM;
  if (fruit && narrow < HAND_MM && !slot)
    return verdict('mesh-opening', 'warn', 'mesh.narrow', { crop: fruit.crop.name, opening: { mm: narrow } });
  return verdict('mesh-opening', 'good', 'mesh.fits', {
    wide: { mm: support.meshMm.wide },
    high: { mm: support.meshMm.high },
  });
};
