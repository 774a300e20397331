import { expect, it } from 'vitest';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { shedWords, sizeWords } from './stock-words';

it('says sizes as a shop does, and leftovers in their own measure', () => {
  expect(sizeWords('concrete-mix', 25, 'imperial')).toBe('bag of 25 kg');
  expect(sizeWords('pole-larch', 3048, 'imperial')).toBe('10′');
  expect(sizeWords('twine-cotton', 60_000, 'metric')).toBe('60 m reel');
  expect(sizeWords('post-cap', 1, 'metric')).toBe('single');
  expect(shedWords('gravel', 12, 'metric')).toBe('12 kg');
  expect(shedWords('panel-8ft', 4, 'imperial')).toBe('4 meshes (2′ 8″)');
  for (const { id } of CATALOGUE.all)
    for (const units of ['imperial', 'metric'] as const)
      expect(`${sizeWords(id, 100, units)} ${shedWords(id, 2, units)}`).not.toMatch(/undefined|NaN/);
});
