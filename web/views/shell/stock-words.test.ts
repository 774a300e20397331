import { expect, it } from 'vitest';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { takeOff } from '@lignum/core/materials/take-off';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { computeStructure } from '@lignum/core/plan/compute';
import type { Settings } from '@lignum/core/structures/knob';
import { KINDS } from '@lignum/core/structures/registry';
import { shedWords, sizeWords, USE_WORDS } from './stock-words';

/** Each kind as it is suggested, and with each of its choices taken in turn. */
const waysOf = (kind: (typeof KINDS)[number]): Settings[] => [
  {},
  ...Object.entries(kind.knobs).flatMap(([name, knob]): Settings[] =>
    knob.type === 'choice'
      ? knob.choices.map((choice) => ({ [name]: choice.id }))
      : knob.type === 'count'
        ? [{ [name]: knob.max }]
        : [],
  ),
];

it('every part and every joint of every kind has a gardener’s word, whatever is chosen', () => {
  for (const kind of KINDS) {
    for (const knobs of waysOf(kind)) {
      const { sized } = computeStructure(DEMO_PLAN, {
        id: 's',
        kind: kind.id,
        name: 'S',
        bed: 'yard-bed',
        plantings: ['yard-tomatoes'],
        knobs,
      });
      for (const line of takeOff(sized.design, CATALOGUE))
        expect(USE_WORDS[line.use], `${kind.id}: ${line.use}`).toBeTruthy();
    }
  }
});

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
