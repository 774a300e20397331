import { useEffect, useState } from 'react';

/** A day as it is on this device, as "2027-03-06". */
export function dayOn(when: Date): string {
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${when.getFullYear()}-${two(when.getMonth() + 1)}-${two(when.getDate())}`;
}

/** The day it is on this device: the server's may be another. Null until the page is awake. */
export function useToday(): string | null {
  const [today, setToday] = useState<string | null>(null);
  useEffect(() => setToday(dayOn(new Date())), []);
  return today;
}
