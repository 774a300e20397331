import type { Planted } from '../crops/planted';
import { check } from './check';

/** Has the family of what is planted stood in the bed in the last three years? Its pests and diseases wait in the soil: three years of rest (common practice, no source). */
export const familyRests = check(
  'family-rests',
  {
    says: {
      'family.again':
        '{crop} is of the {family} family, which stood in {bed} {years|year|years} ago: its pests wait in the soil. Let it rest there for three.',
      'family.rested': 'Nothing of the same family has stood there for three years.',
    },
  },
  (
    {
      planted,
      beds,
    }: {
      planted: readonly Planted[];
      /** With what stood in each before where a planting stands, the last season first. */
      beds: readonly {
        id: string;
        name: string;
        stoodUnder(planting: string): readonly { yearsAgo: number; family: string }[];
      }[];
    },
    found,
  ) => {
    const stood = planted.flatMap(({ id: planting, crop, bed: id }) => {
      const bed = beds.find((one) => one.id === id);
      const before = bed?.stoodUnder(planting) ?? [];
      if (!bed || before.length === 0) return [];
      return [{ crop, bed, years: before.find(({ family }) => family === crop.family)?.yearsAgo ?? 0 }];
    });
    const soonest = stood
      .filter(({ years }) => years > 0)
      .reduce<(typeof stood)[number] | null>((soon, one) => (!soon || one.years < soon.years ? one : soon), null);
    if (soonest)
      return found('note', 'family.again', {
        crop: soonest.crop.name,
        family: soonest.crop.family,
        bed: soonest.bed.name,
        years: soonest.years,
      });
    return stood.length > 0 ? found('good', 'family.rested') : null;
  },
);
