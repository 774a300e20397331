import fc from 'fast-check';
import ICAL from 'ical.js';
import { expect, it } from 'vitest';
import { addDays } from '../site/calendar-days';
import { calendarOf, type Dated } from './calendar';

const text = fc
  .string({ unit: 'grapheme', minLength: 1, maxLength: 200 })
  .map((said) => said.replace(/[\p{Cc}\p{Cs}]/gu, ' ').trim() || 'x');
const day = fc.integer({ min: 0, max: 3000 }).map((n) => addDays('2026-01-01', n));
const dated = fc.record({
  title: text,
  says: fc.array(text, { maxLength: 4 }).map((lines) => lines.join('\n')),
  when: fc.oneof(
    day.map((one) => ({ day: one })),
    fc.tuple(day, fc.integer({ min: 0, max: 700 }), fc.integer({ min: 1, max: 600 })).map(([one, fromMin, long]) => ({
      day: one,
      fromMin,
      toMin: fromMin + long,
    })),
    fc.tuple(fc.integer({ min: 0, max: 2e7 }), fc.integer({ min: 1, max: 600 })).map(([from, long]) => ({
      fromMs: (27_000_000 + from) * 60_000,
      toMs: (27_000_000 + from + long) * 60_000,
    })),
  ),
  remind: fc.option(fc.integer({ min: 1, max: 48 })),
});

it('another parser (ical.js) reads back every event, its times, its reminder and its words, whatever is in them; no line is over 75 octets (RFC 5545, 3.1)', () => {
  fc.assert(
    fc.property(text, fc.array(dated, { minLength: 1, maxLength: 6 }), (name, all) => {
      const events = all.map(({ remind, ...one }, i): Dated => ({
        id: `day-${i}@lignum`,
        ...one,
        ...(remind === null ? {} : { remind: { hoursBefore: remind, says: 'Lay it out' } }),
      }));
      const written = calendarOf(name, events, Date.UTC(2026, 11, 2, 8));
      for (const line of written.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
      const calendar = new ICAL.Component(ICAL.parse(written) as string[]);
      const read = calendar.getAllSubcomponents('vevent').map((one) => ({ one, event: new ICAL.Event(one) }));
      expect(read.length).toBe(events.length);
      read.forEach(({ one, event }, i) => {
        const said = events[i] as Dated;
        expect([event.uid, event.summary, event.description ?? '']).toEqual([said.id, said.title, said.says]);
        if ('fromMin' in said.when) {
          // By the clock of whoever reads it: no zone, the very figures.
          const two = (n: number): string => String(n).padStart(2, '0');
          const at = (minutes: number): string => `T${two(Math.floor(minutes / 60))}:${two(minutes % 60)}:00`;
          expect(event.startDate.toString()).toBe(`${said.when.day}${at(said.when.fromMin)}`);
          expect(event.endDate.toString()).toBe(`${said.when.day}${at(said.when.toMin)}`);
        } else if ('day' in said.when) {
          expect(event.startDate.isDate).toBe(true);
          expect(event.startDate.toString()).toBe(said.when.day);
          expect(event.endDate.toString()).toBe(addDays(said.when.day, 1));
        } else {
          expect(event.startDate.toJSDate().getTime()).toBe(said.when.fromMs);
          expect(event.endDate.toJSDate().getTime()).toBe(said.when.toMs);
        }
        const alarm = one.getFirstSubcomponent('valarm');
        expect(alarm?.getFirstPropertyValue('trigger')?.toString() ?? null).toBe(
          said.remind ? `-PT${said.remind.hoursBefore}H` : null,
        );
      });
    }),
    { numRuns: 60 },
  );
});
