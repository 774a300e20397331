/** Names that always mean this machine. */
const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];
/** Listening on these is listening everywhere: no name. */
const ANYWHERE = ['0.0.0.0', '::'];

/** The host names that are answered: this machine's, the one it listens on, and those in LIGNUM_HOSTS (commas between). */
export function hostsAnswered(env: Readonly<Record<string, string | undefined>>): ReadonlySet<string> {
  const bound = env.LIGNUM_LISTENS ?? '';
  return new Set(
    [
      ...LOOPBACK,
      ...(bound && !ANYWHERE.includes(bound) ? [bound.includes(':') ? `[${bound}]` : bound] : []),
      ...(env.LIGNUM_HOSTS ?? '').split(',').map((one) => one.trim()),
    ]
      .map((one) => one.toLowerCase())
      .filter((one) => one !== ''),
  );
}

/** Whether a Host header, with its port or without, is one of them. @example isAnswered('localhost:4600', new Set(['localhost'])) // true */
export const isAnswered = (host: string | null, hosts: ReadonlySet<string>): boolean =>
  host !== null && hosts.has(host.toLowerCase().replace(/:\d+$/, ''));

/**
 * Whether a request that changes something comes from a page of this program. A browser says so itself
 * (Sec-Fetch-Site); where it does not, the Origin has to be the host that is asked. One without either is refused.
 */
export function mayWrite(headers: Headers): boolean {
  const site = headers.get('sec-fetch-site');
  if (site !== null) return site === 'same-origin';
  const origin = headers.get('origin');
  if (origin === null || !URL.canParse(origin)) return false;
  const { protocol, host } = new URL(origin);
  return /^https?:$/.test(protocol) && host === headers.get('host');
}
