import fc from 'fast-check';
import { expect, it } from 'vitest';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { computeGarden } from '@lignum/core/plan/compute';
import { cutLengths } from '@lignum/core/work/recut';
import { stagesOf } from '@lignum/core/work/progress';
import { STAGES } from '@lignum/core/work/stage';
import { mergeEntries, registerOf, stampOf, type Entry } from './record';
import { cutIn, saidOf, tickedOf, sayStage, standsIn } from './stages';
import { boughtAs, tickedAs } from './ticks';

const garden = computeGarden(DEMO_PLAN);
const YEAR_ON = '2028-03-06';
const AT = Date.UTC(2027, 2, 6);

/** Somebody's ticks, one after the other, on one structure and on the list. */
const anyTalk = fc.record({
  one: fc.constantFrom(...garden.structures),
  before: fc.array(
    fc.record({ about: fc.constantFrom('bought', 'cut', 'stood', 'built'), at: fc.nat(), value: fc.boolean() }),
    { maxLength: 12 },
  ),
  listed: fc.boolean(),
  says: fc.array(fc.record({ from: fc.nat(), many: fc.nat(5), stage: fc.constantFrom(...STAGES) }), {
    minLength: 1,
    maxLength: 5,
  }),
});

it('whatever was ticked before: parts are as far as was said last, others stay, and only what differs is said', () => {
  fc.assert(
    fc.property(anyTalk, ({ one, before, listed, says }) => {
      const { id } = one.structure;
      const parts = one.sized.design.parts.map((part) => part.id);
      let ms = AT;
      let entries: Entry[] = [];
      const say = (said: Pick<Entry, 'about' | 'what' | 'field' | 'value'>[]): void => {
        entries = mergeEntries(
          entries,
          said.map((each) => ({ ...each, stamp: stampOf(ms++, 0, 'a'), person: '' })),
        );
      };
      const map = () => new Map(entries.map((entry) => [registerOf(entry), entry]));
      const lengths = cutLengths(one.shopping, id);
      const list = { shopping: garden.shopping, got: () => listed };
      const stages = () => stagesOf(one, [list], (part) => saidOf(map(), id, part), YEAR_ON);
      for (const { about, at, value } of before)
        say([{ about, what: tickedAs(id, parts[at % parts.length] ?? ''), field: 'done', value }]);
      for (const { from, many, stage } of says) {
        const some = parts.slice(from % parts.length, (from % parts.length) + 1 + many);
        const was = stages();
        say(sayStage(map(), id, some, stage, was, lengths));
        const now = stages();
        for (const part of parts) expect(now.get(part)).toBe(some.includes(part) ? stage : was.get(part));
        expect(sayStage(map(), id, some, stage, now, lengths)).toEqual([]);
        for (const [part, mm] of Object.entries(cutIn(map(), id)))
          if (some.includes(part) && lengths.has(part) && mm !== null) expect(mm).toBe(lengths.get(part));
        for (const part of some) expect(standsIn(map())(id, part)).toBe(stage === 'stood' || stage === 'fixed');
      }
    }),
  );
});

it('what is ticked off is read back as it was said: cut of all, built of one, lines of the list of all and of its own', () => {
  const [line] = garden.shopping.purchases;
  if (!line) throw new Error('nothing is bought');
  const said = [
    { about: 'cut', what: tickedAs('fence', 'rail-1') },
    { about: 'built', what: tickedAs('wall', 'post-2') },
    { about: 'built', what: tickedAs('fence', 'post-1') },
    { about: 'bought', what: boughtAs(line) },
    { about: 'bought', what: tickedAs('wall', boughtAs({ stock: 'panel-16ft', size: 1 })) },
    { about: 'bought', what: tickedAs('fence', boughtAs({ stock: 'panel-8ft', size: 1 })) },
    // Word of a part itself is no line of a list.
    { about: 'bought', what: tickedAs('wall', 'post-2') },
  ] as const;
  const entries = said.map((one, i): Entry => ({
    ...one,
    field: 'done',
    value: true,
    stamp: stampOf(i, 0, 'a'),
    person: '',
  }));
  expect(tickedOf([...entries, { ...entries[0], value: false } as Entry], 'wall')).toEqual({
    cut: [{ structure: 'fence', part: 'rail-1' }],
    built: ['post-2'],
    bought: [
      { stock: line.stock, size: line.size },
      { stock: 'panel-16ft', size: 1 },
    ],
  });
});
