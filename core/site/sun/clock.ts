import { TZDateMini } from '@date-fns/tz';

/** Whether clocks anywhere go by a zone of this name: one of the IANA time zone database, as the machine knows it. */
export function isZone(zone: string): boolean {
  // Looked up once: every save of a garden asks again for the same one.
  if (KNOWN_ZONES.has(zone)) return true;
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    KNOWN_ZONES.add(zone);
    return true;
  } catch {
    return false;
  }
}
const KNOWN_ZONES = new Set<string>();

/**
 * The instant at which clocks of a zone show so many minutes after midnight of a day, summer time heeded. A time that
 * clocks leap over is taken an hour on, one they show twice the first time. Milliseconds of UTC.
 * @example instantOf('2026-07-01', 12 * 60, 'Europe/Dublin') // 11:00 UTC
 */
export function instantOf(day: string, minutes: number, zone: string): number {
  const [year = 2026, month = 1, date = 1] = day.split('-').map(Number);
  return new TZDateMini(year, month - 1, date, Math.floor(minutes / 60), minutes % 60, zone).getTime();
}

/** What clocks of a zone show at an instant: minutes after midnight, and how far they are ahead of UTC. */
export function clockAt(ms: number, zone: string): { minutes: number; aheadMinutes: number } {
  const there = new TZDateMini(ms, zone);
  return { minutes: there.getHours() * 60 + there.getMinutes(), aheadMinutes: -there.getTimezoneOffset() };
}
