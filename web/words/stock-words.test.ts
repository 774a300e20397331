import { expect, it } from 'vitest';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { cutWords, shedWords, sizeWords, waitWords } from './stock-words';

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

it('says cord no finer than anybody cuts it, never shorter than it has to be, and timber as it is', () => {
  expect(cutWords('twine-cotton', 2430, 'imperial')).toBe('8′');
  expect(cutWords('twine-cotton', 2431, 'metric')).toBe('2440 mm');
  expect(cutWords('twine-cotton', 119_200, 'imperial')).toBe('392′');
  expect(cutWords('timber-2x4-treated', 2430, 'imperial')).toBe('7′ 11 11/16″');
});

it('says waits in days where they are whole ones', () => {
  expect([waitWords(72), waitWords(24), waitWords(12), waitWords(1)]).toEqual([
    '3 days',
    '24 hours',
    '12 hours',
    '1 hour',
  ]);
});
