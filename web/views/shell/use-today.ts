import { useEffect, useState } from 'react';

/** The day it is on this device, as "2027-03-06": the server's may be another. Null until the page is awake. */
export function useToday(): string | null {
  const [today, setToday] = useState<string | null>(null);
  useEffect(() => {
    const now = new Date();
    const two = (n: number): string => String(n).padStart(2, '0');
    setToday(`${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`);
  }, []);
  return today;
}
