import fc from 'fast-check';
import { expect, it } from 'vitest';
import { askNewest } from './newest';

it('answers the newest question in the end, one at a time, and never one that was overtaken while it waited', () => {
  fc.assert(
    fc.property(fc.array(fc.boolean(), { minLength: 1, maxLength: 40 }), (asks) => {
      const handed: number[] = [];
      const answers: number[] = [];
      const desk = askNewest<number>((question) => handed.push(question));
      let asked = 0;
      for (const ask of asks) {
        if (ask) desk.ask(++asked);
        else if (handed.length > answers.length) answers.push(desk.answered());
        expect(handed.length - answers.length).toBeLessThanOrEqual(1);
      }
      while (handed.length > answers.length) answers.push(desk.answered());
      expect(answers).toEqual(handed);
      expect(handed.at(-1) ?? 0).toBe(asked);
      expect(handed).toEqual([...new Set(handed)].sort((a, b) => a - b));
      expect(() => desk.answered()).toThrow();
    }),
  );
});
