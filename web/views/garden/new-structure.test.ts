import { expect, it } from 'vitest';
import { renamed } from './new-structure';

it('what was named after its kind is named after the new one, what has a name of its own keeps it', () => {
  expect(renamed({ name: 'Post-and-twine weave, Bed 1', kind: 'weave' }, 'twine-frame')).toBe('Twine frame, Bed 1');
  expect(renamed({ name: 'Panel wall 2', kind: 'panel-wall' }, 'guyed-wall')).toMatch(/ 2$/);
  expect(renamed({ name: 'Odile’s wall', kind: 'panel-wall' }, 'weave')).toBe('Odile’s wall');
  expect(renamed({ name: 'Panel walls of Odile', kind: 'panel-wall' }, 'weave')).toBe('Panel walls of Odile');
});
