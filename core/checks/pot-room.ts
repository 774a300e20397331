import { countOf, type Planted } from '../crops/planted';
import { check } from './check';

/** Is there a place in a planter for every plant that is planned in it, and enough to root in? */
export const potRoom = check(
  'pot-room',
  {
    says: {
      'pots.deep': '{crop} wants the depth of a bed: a place here holds {has} of mix.',
      'pots.small': '{crop} wants about {wants} of mix a plant; a place here holds {has}.',
      'pots.few': '{wanted|plant is|plants are} planned, but there {places|is|are} only {places|place|places}.',
      'pots.none': '{places|place|places}, and nothing is planned in them yet.',
      'pots.empty': '{empty} of {places|place|places} {empty|stays|stay} empty.',
      'pots.full': '{places|place|places}, each with a plant: about {has} of mix for each.',
    },
    mends: { 'pots.few': 'Room for all of them' },
    unfit: ['pots.deep', 'pots.small'],
  },
  (at: { planted: readonly Planted[]; places: number; litresEach: number }, found) => {
    const { planted, places } = at;
    const has = { mm3: at.litresEach * 1e6 };
    const deep = planted.find(({ crop }) => crop.potLitres === undefined);
    if (deep) return found('warn', 'pots.deep', { crop: deep.crop.name, has });
    const cramped = planted.find(({ crop }) => (crop.potLitres ?? 0) > at.litresEach);
    if (cramped)
      return found('warn', 'pots.small', {
        crop: cramped.crop.name,
        wants: { mm3: (cramped.crop.potLitres ?? 0) * 1e6 },
        has,
      });
    const wanted = countOf(planted);
    if (wanted === 0) return found('note', 'pots.none', { places });
    if (wanted > places) return found('warn', 'pots.few', { wanted, places });
    return wanted < places
      ? found('good', 'pots.empty', { empty: places - wanted, places })
      : found('good', 'pots.full', { places, has });
  },
);
