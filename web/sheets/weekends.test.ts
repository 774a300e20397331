import { expect, it } from 'vitest';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { MARGIN_PX, SIZES, type Page, type PaperSize } from '@lignum/core/paper/page';
import { typeWidth } from '@lignum/core/paper/type';
import { computeGarden } from '@lignum/core/plan/compute';
import { stepPhrases, stepsOf } from '@lignum/core/plan/steps';
import { say } from '@lignum/core/wording/say';
import { weekendsOf } from '@lignum/core/work/weekends';
import { dateWords, hoursWords, countedWords } from '../words/work-words';
import { weekendSheets } from './weekends';

const garden = computeGarden(DEMO_PLAN).structures;
const weekends = weekendsOf(DEMO_PLAN, garden, {}, '2026-12-02');
const tongue = { units: 'imperial', locale: 'en' } as const;
const texts = (pages: readonly Page[]) =>
  pages.flatMap((page) => page.marks.flatMap((mark) => (mark.put === 'text' ? [mark] : [])));

it.each(Object.keys(SIZES) as PaperSize[])(
  'on %s every day has its page, every step of it its words and a box to tick, and nothing goes past a margin',
  (size) => {
    const pages = weekendSheets(DEMO_PLAN, garden, weekends, tongue, size);
    const said = texts(pages)
      .map((mark) => mark.text)
      .join(' ');
    for (const { date } of weekends.days)
      expect(texts(pages).filter((mark) => mark.text.startsWith(`${dateWords(date, 'en')}:`)).length).toBe(2);
    const byId = new Map(garden.map((one) => [one.structure.id, one]));
    for (const task of weekends.tasks) {
      const computed = byId.get(task.structure);
      const step = computed && stepsOf(computed)[task.steps.at(-1) ?? -1];
      if (!computed || !step) throw new Error(task.id);
      const words = say(step.what, stepPhrases(computed), tongue);
      expect(said, task.id).toContain(words.split(' ').slice(0, 4).join(' '));
    }
    const boxes = pages.flatMap((page) =>
      page.marks.filter((mark) => mark.put === 'box' && mark.widthPx === mark.heightPx && mark.x === MARGIN_PX),
    );
    expect(boxes.length).toBe(weekends.tasks.length);
    for (const page of pages)
      for (const mark of page.marks) {
        if (mark.put === 'box') expect(mark.x + mark.widthPx).toBeLessThanOrEqual(page.widthPx - MARGIN_PX + 1);
        if (mark.put !== 'text') continue;
        const wide = typeWidth(mark.text, mark.size, mark.weight);
        const left = mark.x - (mark.anchor === 'end' ? wide : mark.anchor === 'middle' ? wide / 2 : 0);
        expect(left, mark.text).toBeGreaterThanOrEqual(MARGIN_PX - 2);
        expect(left + wide, mark.text).toBeLessThanOrEqual(page.widthPx - MARGIN_PX + 2);
        expect(mark.y).toBeLessThanOrEqual(page.heightPx - MARGIN_PX + 12);
      }
  },
);

it('what takes longest is said first, small fixings together, long ways by the foot or the metre', () => {
  const counted = [
    { rate: 'screw', count: 20 },
    { rate: 'hole', count: 3.2 },
    { rate: 'nail', count: 10 },
    { rate: 'wire', count: 30.48 },
    { rate: 'step', count: 4 },
  ] as const;
  expect(countedWords(counted, tongue, 9)).toBe('3 holes dug, 100′ of wire run, 30 fixings');
  expect(countedWords(counted, { units: 'metric', locale: 'en' }, 2)).toBe('3 holes dug, 30 m of wire run');
  expect([hoursWords(2), hoursWords(58), hoursWords(83), hoursWords(119)]).toEqual(['5 min', '1 h', '1 h 25', '2 h']);
});
