import { NextResponse, type NextRequest } from 'next/server';
import { isGuarded, TICKET_COOKIE } from './server/guarded';
import { database } from './server/database';
import { refuse, withDatabase } from './server/door';
import { maySee } from './server/household';
import { hostsAnswered, isAnswered, mayWrite } from './server/origin';
import { newNonce, policyOf } from './server/policy';

const HOSTS = hostsAnswered(process.env);
const PAGES = ['GET', 'HEAD'];
const ANSWERS = [...PAGES, 'POST', 'PUT', 'DELETE'];
/** What is open to whoever has not been let in: where one is, what it is drawn with, whether all is well, and what a calendar follows at a secret of its own. */
const OPEN = /^\/(enter|api\/enter|api\/health|api\/feed\/[0-9a-f]{40}\.ics|icon\.svg|offline\.js|_next\/static\/.*)$/;

/**
 * The first door, of pages and answers alike: only names of this machine and configured ones are
 * answered, so that a page of elsewhere whose name was turned to this address learns nothing; what
 * changes something has to come from one of this program's own pages; and where a passphrase is asked for,
 * nobody passes who has not said it.
 */
export async function proxy(request: NextRequest): Promise<Response> {
  const { pathname, search } = request.nextUrl;
  const host = request.headers.get('host');
  if (!isAnswered(host, HOSTS))
    return refuse(
      421,
      `This program does not answer to the name "${(host ?? '').slice(0, 255)}". If it is yours, put it in LIGNUM_HOSTS and start again.`,
    );
  // What is not answered so is said so: pages are only read, answers are asked for in the four usual ways.
  const allowed = pathname.startsWith('/api/') ? ANSWERS : PAGES;
  if (!allowed.includes(request.method)) {
    const refusal = refuse(405, `${request.method} is not answered here; ${allowed.join(', ')} are.`);
    refusal.headers.set('Allow', allowed.join(', '));
    return refusal;
  }
  if (/%00/.test(pathname + search)) return refuse(400, 'An address cannot hold a NUL.');
  const reads = PAGES.includes(request.method);
  if (!reads && !mayWrite(request.headers))
    return refuse(403, 'This did not come from a page of this program and was not carried out.');
  if (isGuarded() && !OPEN.test(pathname)) {
    const refusal = await askPassphrase(request);
    if (refusal) return refusal;
  }
  return withPolicy(request);
}

/** Leads whoever has not been let in to where the passphrase is asked for; null for who has. */
async function askPassphrase(request: NextRequest): Promise<Response | null> {
  const { pathname, search } = request.nextUrl;
  let isIn = false;
  const failed = await withDatabase(async () => {
    isIn = await maySee(database(), request.cookies.get(TICKET_COOKIE)?.value, Date.now());
    return new Response(null);
  });
  if (isIn) return null;
  if (!failed.ok) return failed;
  if (pathname.startsWith('/api/'))
    return refuse(
      401,
      'This device is signed out. Open Lignum in another tab, say the passphrase there, and go on here.',
    );
  const to = new URL('/enter', request.url);
  if (pathname !== '/') to.searchParams.set('to', pathname + search);
  return NextResponse.redirect(to, 303);
}

/** Passes a request on to what answers it; a page is told its nonce by its own policy, and puts it on its scripts. */
function withPolicy(request: NextRequest): NextResponse {
  const policy = policyOf(newNonce());
  const headers = new Headers(request.headers);
  headers.set('Content-Security-Policy', policy);
  const answer = NextResponse.next({ request: { headers } });
  answer.headers.set('Content-Security-Policy', policy);
  return answer;
}
