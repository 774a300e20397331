import type { Crop } from './crop';

/** What does not make sense in a crop, field by field; empty when it does. Beyond what its types and limits say. */
export function cropNonsense(crop: Crop): { field: string; message: string }[] {
  const wrong: { field: string; message: string }[] = [];
  const climbs = crop.habit === 'tendril-thin' || crop.habit === 'tendril-strong' || crop.habit === 'twiner';
  const say = (field: string, message: string) => wrong.push({ field, message });
  if (crop.supportToMm > crop.heightMm)
    say('supportToMm', `is ${crop.supportToMm}, higher than the plant grows (${crop.heightMm})`);
  if (crop.supportFromMm > crop.heightMm)
    say('supportFromMm', `is ${crop.supportFromMm}, higher than the plant grows (${crop.heightMm})`);
  if (crop.habit !== 'none' && crop.supportToMm <= crop.supportFromMm)
    say(
      'supportToMm',
      `is ${crop.supportToMm}; it must be above ${crop.supportFromMm}, up to where it stands by itself`,
    );
  if (crop.gapMm.least > crop.gapMm.most)
    say('gapMm/least', `is ${crop.gapMm.least}, more than the most (${crop.gapMm.most})`);
  if (crop.habit !== 'none' && crop.gapMm.least > crop.supportFromMm)
    say('gapMm/least', `is ${crop.gapMm.least}, but the plant stands by itself only to ${crop.supportFromMm}`);
  if (climbs && !crop.grips) say('grips', 'is missing: a climber holds members of some thickness, some distance apart');
  if (!climbs && crop.grips) say('grips', 'is given, but a plant of this habit does not climb');
  if (crop.daysToCrop.least > crop.daysToCrop.most)
    say('daysToCrop/least', `is ${crop.daysToCrop.least}, more than the most (${crop.daysToCrop.most})`);
  if (crop.sow.from > crop.sow.to) say('sow/from', `is ${crop.sow.from}, after the last week (${crop.sow.to})`);
  if (crop.fruitKg > crop.wetKg)
    say('fruitKg', `is ${crop.fruitKg}: one fruit weighs more than the whole plant (${crop.wetKg})`);
  if (crop.fruitKg > 0.9 && crop.habit === 'tendril-strong' && crop.slung === 'never')
    say('slung', 'is "never", but fruit of more than 0.9 kg wants a sling');
  if (crop.years && crop.seasons < 2)
    say('seasons', `is ${crop.seasons}, but the plant has a year of one that lives for more`);
  if (!crop.years && crop.seasons > 1)
    say('years', `is missing: a plant that lives for ${crop.seasons} years has a year of its own`);
  const { budsWeek, flowersWeek } = crop.years ?? { budsWeek: 0, flowersWeek: null };
  if (flowersWeek !== null && flowersWeek < budsWeek)
    say('years/flowersWeek', `is ${flowersWeek}, before its buds break (${budsWeek})`);
  return wrong;
}
