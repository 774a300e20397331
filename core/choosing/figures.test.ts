import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import { DEMO_PLAN } from '../demo/garden';
import { kindOf, KINDS } from '../structures/registry';
import { figuresOf } from './figures';
import { answerRoundAll, answersFor, standingIn } from './keep-out';
import { openTo, whoIsKeptOut } from './kept-out';
import { weighed, weighedAnswers } from './weigh';

const book = DEMO_PLAN.priceBook;

describe('the figures of everything that could be built', () => {
  it('are those of the design: wire bought again when it is worn, fourteen weeks of work, all of its copies (by hand)', () => {
    const net = { stock: 'twine-natural', costMinor: 500 };
    const post = { stock: 'steel-post', costMinor: 2000 };
    const [twine, steel] = [net, post].map(({ stock }) => CATALOGUE.stock(stock).life.seasons);
    expect([twine, (steel ?? 0) >= 10]).toEqual([1, true]);
    const choice = {
      cost: { totalMinor: 2500, complete: true },
      purchases: [net, post],
      share: 2,
      minutesAWeek: 30,
      shade: null,
    } as unknown as Parameters<typeof figuresOf>[0];
    const figures = figuresOf(choice, 10, CATALOGUE, { taxPercent: 0, pricesIncludeTax: true });
    // Twice: posts once and ten balls of twine; half an hour for fourteen weeks.
    expect(figures).toEqual({
      startMinor: 5000,
      afterMinor: 2 * (2000 + 10 * 500),
      seasons: 10,
      hoursAYear: 7,
      shade: null,
      complete: true,
    });
    const { shade: _shade, ...anywhere } = choice;
    expect(figuresOf(anywhere, 1, CATALOGUE, book)).not.toHaveProperty('shade');
  });

  it('grow with the seasons, and are never less than what it costs to begin with', () => {
    for (const choice of weighed(
      DEMO_PLAN,
      DEMO_PLAN.structures.slice(0, 8).map(({ id }) => id),
    )) {
      const after = [1, 5, 10, 30].map((seasons) => figuresOf(choice, seasons, CATALOGUE, book).afterMinor);
      expect(after).toEqual(after.toSorted((a, b) => a - b));
      expect(after[0]).toBeCloseTo(figuresOf(choice, 1, CATALOGUE, book).startMinor, -1);
    }
  });
});

describe('what would keep somebody out, weighed', () => {
  const open = whoIsKeptOut(DEMO_PLAN, standingIn(kindOf, DEMO_PLAN)).filter((one) => openTo(one).length > 0);

  it('costs what it was answered to cost, with all that is built with it', () => {
    const asked = open.slice(0, 6).flatMap(({ bed }) => answersFor(kindOf, KINDS, DEMO_PLAN, bed.id));
    const round = answerRoundAll(kindOf, KINDS, DEMO_PLAN);
    const answers = [...asked, ...(round ? [round] : [])];
    expect(answers.length).toBeGreaterThan(6);
    for (const { choice, totalMinor, structures, stops } of weighedAnswers(DEMO_PLAN, answers)) {
      expect(choice.cost.totalMinor).toBe(totalMinor);
      expect([choice.structure, ...choice.also].map(({ kind }) => kind)).toEqual(structures.map(({ kind }) => kind));
      // Of two together the first alone stops some of them.
      expect(stops).toEqual(expect.arrayContaining([...(choice.guard?.stops ?? [])]));
    }
  });

  it('takes no sun that what grows under it takes already: a net a foot high over tall tomatoes', () => {
    const answers = answersFor(kindOf, KINDS, DEMO_PLAN, 'long-bed').filter(({ structures }) =>
      structures.every(({ kind }) => kind === 'flat-cover'),
    );
    expect(answers.length).toBeGreaterThan(0);
    for (const { choice } of weighedAnswers(DEMO_PLAN, answers)) expect(choice.shade?.hours ?? 0).toBeLessThan(1);
  });
});
