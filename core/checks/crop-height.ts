import { SEEN_MM, verdict, type Check } from './verdict';

/** Falling short by more than this is said: 4″ (from memory). mm. */
const FORGIVEN_MM = 101.6;

/** Is the support as high as the crop is to be held? */
export const cropHeight: Check = ({ design, setting }) => {
  const lead = setting.planted.reduce<(typeof setting.planted)[number] | null>(
    (tall, one) => (!tall || one.crop.supportToMm > tall.crop.supportToMm ? one : tall),
    null,
  );
  if (!lead || lead.crop.supportToMm === 0) return null;
  const values = {
    crop: lead.crop.name,
    top: { mm: design.support.topMm.least },
    wants: { mm: lead.crop.supportToMm },
    grows: { mm: lead.crop.heightMm },
  };
  if (design.support.topMm.least + FORGIVEN_MM + SEEN_MM < lead.crop.supportToMm)
    return verdict('crop-height', 'warn', 'height.low', values);
  return verdict(
    'crop-height',
    'good',
    lead.crop.heightMm > design.support.topMm.least + FORGIVEN_MM ? 'height.top-it' : 'height.enough',
    values,
  );
};
