import { verdict, type Check } from './verdict';

/** How a plant that does not climb is held. */
const TENDED = {
  string: 'climb.wound',
  mesh: 'climb.tied',
  poles: 'climb.tied-pole',
  passes: 'climb.sandwiched',
} as const;

/** Can every crop hold on to what it is given? Those that cannot climb must be tied, or need a net over them instead. */
export const cropClimbs: Check = ({ design, setting }) => {
  const { support } = design;
  if (setting.planted.length === 0) return verdict('crop-climbs', 'note', 'climb.nothing');
  const none = setting.planted.find((one) => one.crop.habit === 'none');
  if (none) return verdict('crop-climbs', 'fail', 'climb.needs-net', { crop: none.crop.name });
  const bush = setting.planted.find((one) => one.crop.habit === 'bush');
  if (bush && support.holds === 'string')
    return verdict('crop-climbs', 'warn', 'climb.bush-string', { crop: bush.crop.name });
  const thick = setting.planted.find((one) => one.crop.grips && support.memberMm > one.crop.grips.memberMm);
  if (thick)
    return verdict('crop-climbs', 'warn', 'climb.thick', {
      crop: thick.crop.name,
      has: { mm: support.memberMm },
      most: { mm: thick.crop.grips?.memberMm ?? 0 },
    });
  const tied = setting.planted.find(
    (one) => one.crop.habit === 'leaner' || (one.crop.habit === 'bush' && support.holds === 'passes'),
  );
  if (tied) return verdict('crop-climbs', 'good', TENDED[support.holds], { crop: tied.crop.name });
  return verdict('crop-climbs', 'good', 'climb.climbs', {
    crop: setting.planted.map((one) => one.crop.name).join(', '),
  });
};
