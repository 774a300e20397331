import { verdict, type Check } from './verdict';

/** May the plants grow past this much before it matters: 1″ (from memory). mm. */
const FORGIVEN_MM = 25.4;

/** Does the support begin where the crop stops standing by itself? */
export const cropGap: Check = ({ design, setting }) => {
  const { startsMm, gapMm, fineToMm, holds } = design.support;
  const climbing = setting.planted.filter((one) => one.crop.habit !== 'none');
  const lowest = climbing.reduce<(typeof climbing)[number] | null>(
    (low, one) => (!low || one.crop.supportFromMm < low.crop.supportFromMm ? one : low),
    null,
  );
  if (holds === 'string' || holds === 'poles' || !lowest) return null;
  const values = { crop: lowest.crop.name, gap: { mm: gapMm }, from: { mm: lowest.crop.supportFromMm } };
  if (fineToMm > 0) return verdict('crop-gap', 'good', 'gap.netted', values);
  return startsMm > lowest.crop.supportFromMm + FORGIVEN_MM
    ? verdict('crop-gap', 'warn', 'gap.high', values)
    : verdict('crop-gap', 'good', 'gap.fits', values);
};
