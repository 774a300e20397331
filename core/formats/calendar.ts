import { addDays, toMinute } from '../site/calendar-days';
import { createEvents, type DateArray, type EventAttributes } from 'ics';

/** Something on a day or at a time of it. Instants are milliseconds of UTC; a day by itself is all of it, one with minutes after midnight is by the clock of whoever reads it. */
export interface Dated {
  /** The same for as long as it is the same thing: a calendar that has it moves it. */
  id: string;
  title: string;
  says: string;
  when: { day: string } | { day: string; fromMin: number; toMin: number } | { fromMs: number; toMs: number };
  /** Somebody is reminded so many hours before, with these words. */
  remind?: { hoursBefore: number; says: string };
  address?: string;
}

const dayOf = (day: string): [number, number, number] => {
  const [year = 2026, month = 1, date = 1] = day.split('-').map(Number);
  return [year, month, date];
};

/**
 * Dated things as an iCalendar document (RFC 5545), written by a library that folds its lines and escapes its texts.
 * @param stampMs when it was written
 * @example calendarOf('The Ferry House', [{ id: 'a', title: 'Build', says: '', when: { day: '2027-03-06' } }], 0)
 */
export function calendarOf(name: string, all: readonly Dated[], stampMs: number): string {
  const events = all.map(
    // The library takes the instant of writing too, which its types leave out.
    ({ id, title, says, when, remind, address }): EventAttributes & { timestamp: number } => ({
      uid: id,
      title,
      description: says,
      calName: name,
      productId: 'lignum',
      timestamp: stampMs,
      ...timesOf(when),
      ...(address ? { url: address } : {}),
      ...(remind
        ? {
            alarms: [
              { action: 'display', description: remind.says, trigger: { before: true, hours: remind.hoursBefore } },
            ],
          }
        : {}),
    }),
  );
  const { error, value } = createEvents(events, { calName: name, productId: 'lignum' });
  if (error || !value) throw error ?? new Error('No calendar came of it.');
  return value
    .replace(/\r\n[ \t]/g, '')
    .split('\r\n')
    .map(folded)
    .join('\r\n');
}

type Times = Pick<EventAttributes, 'start' | `${'start' | 'end'}${'Input' | 'Output'}Type`> & { end: DateArray };

/** When something is, as the library takes it. */
function timesOf(when: Dated['when']): Times {
  if ('fromMs' in when)
    return {
      start: toMinute(when.fromMs),
      end: toMinute(when.toMs),
      startInputType: 'utc',
      startOutputType: 'utc',
      endInputType: 'utc',
      endOutputType: 'utc',
    };
  if (!('fromMin' in when)) return { start: dayOf(when.day), end: dayOf(addDays(when.day, 1)) };
  const at = (minutes: number): DateArray => [...dayOf(when.day), Math.floor(minutes / 60), Math.round(minutes % 60)];
  return {
    start: at(when.fromMin),
    end: at(when.toMin),
    startInputType: 'local',
    startOutputType: 'local',
    endInputType: 'local',
    endOutputType: 'local',
  };
}

/** Octets of a line at most (RFC 5545, 3.1): the library counts its leading space as none. */
const MOST_OCTETS = 75;
const octets = (letter: string): number => {
  const code = letter.codePointAt(0) ?? 0;
  return code < 0x80 ? 1 : code < 0x800 ? 2 : code < 0x10000 ? 3 : 4;
};

/** A line in pieces that are no longer than is allowed, no letter cut through. */
function folded(line: string): string {
  let [done, room] = ['', MOST_OCTETS];
  for (const letter of line) {
    if (octets(letter) > room) {
      done += '\r\n ';
      room = MOST_OCTETS - 1;
    }
    done += letter;
    room -= octets(letter);
  }
  return done;
}
