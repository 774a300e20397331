/** Decision 59. Why something could not be answered: too much to do, no room to write on, no answer from the database, or a fault of the program. */
export type Why = 'busy' | 'full' | 'silent' | 'long' | 'left' | 'fault';

/** What PostgreSQL says of itself (its manual, appendix A), as what it means to who waits. */
const STATES: Readonly<Record<string, Why>> = {
  '53100': 'full',
  '53200': 'busy',
  '53300': 'busy',
  '40001': 'busy',
  '40P01': 'busy',
  '55P03': 'busy',
  '57014': 'busy',
  '57P01': 'silent',
  '57P02': 'silent',
  '57P03': 'silent',
  '25006': 'silent',
};
/** Errors of the line to the database: a file that is missing is none of them. */
const ON_THE_WAY = /^(ECONN\w+|E(PIPE|TIMEDOUT|HOSTUNREACH|NETUNREACH|NOTFOUND|AI_AGAIN)|08...)$/;
/** What the driver says without a code. */
const DRIVER_SAYS = /^(Connection terminated|timeout e|Query read timeout|Client (was|has) )/;

/** @example whyOf(Object.assign(new Error(), { code: '53100' })) // 'full' */
export function whyOf(error: unknown): Why {
  if (!(error instanceof Error)) return 'fault';
  if ('why' in error && typeof error.why === 'string' && error.why in SAID) return error.why as Why;
  if (error.cause !== undefined && 'query' in error) return whyOf(error.cause);
  const code = 'code' in error ? String(error.code) : '';
  if (/^ENOSPC$/.test(code)) return 'full';
  return STATES[code] ?? (ON_THE_WAY.test(code) || DRIVER_SAYS.test(error.message) ? 'silent' : 'fault');
}

/** What who asked is told, with the status of it; after how long it is worth asking again, in seconds. */
export const SAID: Readonly<Record<Why, { status: number; message: string; afterS?: number }>> = {
  busy: {
    status: 503,
    message: 'There is much to do here just now. Nothing was lost; it is tried again in a moment.',
    afterS: 1,
  },
  full: {
    status: 507,
    message:
      'The disk that the database writes to is full, so nothing can be saved. Make room on it; nothing saved before is lost.',
    afterS: 30,
  },
  silent: {
    status: 503,
    message:
      'The database does not answer. Nothing that was saved is lost; if it is not back within a minute, start it again with ./lignum start.',
    afterS: 3,
  },
  long: {
    status: 503,
    message:
      'This took longer than a minute to work out and was given up. Ask for less of it at once: one structure, not all.',
  },
  // Nobody hears it.
  left: { status: 499, message: 'Nobody waits for this any more.' },
  fault: { status: 500, message: 'This could not be worked out. Nothing that is saved was changed.' },
};

/** What the log says of an error: its cause and where it arose. What a query was given, a whole plan often, is left out. */
function toldOf(error: unknown): string {
  if (error instanceof Error && 'query' in error) return `${String(error.query)}\n${toldOf(error.cause)}`;
  return error instanceof Error ? (error.stack ?? error.message) : String(error);
}

/** Writes an error to the log, and gives the mark under which it stands there. */
export function logged(error: unknown): string {
  const mark = crypto.randomUUID().slice(0, 8);
  console.error(`[${mark}] ${toldOf(error)}`);
  return mark;
}
