import type { PriceBook, ShedPiece } from '@lignum/core/costing/price-book';
import type { Crop } from '@lignum/core/crops/crop';
import type { Garden } from '@lignum/core/plan/plan';
import { minorDigits } from '@lignum/core/quantity/money';
import type { Feature, Site } from '@lignum/core/site/plot';
import { replace, without, type Edit } from './edits';

// What a bench never changes, so that it need not carry it: the garden itself, its ground, its crops, its prices and shed.

export const changeGarden =
  (change: Partial<Garden>): Edit =>
  (plan) => ({ ...plan, garden: { ...plan.garden, ...change } });

/** Prices keep their figures and take the new currency's name: 12.50 stays 12.50. Nothing is converted. */
export const changeCurrency =
  (currency: string): Edit =>
  (plan) => ({
    ...plan,
    garden: { ...plan.garden, currency },
    priceBook: {
      ...plan.priceBook,
      lines: plan.priceBook.lines.map((line) => ({
        ...line,
        price: {
          minor: Math.round(line.price.minor * 10 ** (minorDigits(currency) - minorDigits(plan.garden.currency))),
          currency,
        },
      })),
    },
  });

export const changeSite =
  (change: Partial<Site>): Edit =>
  (plan) => ({ ...plan, site: { ...plan.site, ...change } });

export const addFeature =
  (feature: Feature): Edit =>
  (plan) => ({ ...plan, features: [...plan.features, feature] });
export const changeFeature =
  (id: string, change: Partial<Feature>): Edit =>
  (plan) => ({ ...plan, features: replace(plan.features, id, (feature) => ({ ...feature, ...change })) });
export const removeFeature =
  (id: string): Edit =>
  (plan) => ({ ...plan, features: without(plan.features, id) });

/** Puts a crop of the gardener's own in the book, in the place of one of the same id. */
export const putCrop =
  (crop: Crop): Edit =>
  (plan) => ({ ...plan, crops: [...plan.crops.filter((one) => one.id !== crop.id), crop] });

export const changePriceBook =
  (change: Partial<PriceBook>): Edit =>
  (plan) => ({ ...plan, priceBook: { ...plan.priceBook, ...change } });
export const changeShed =
  (shed: readonly ShedPiece[]): Edit =>
  (plan) => ({ ...plan, shed });
