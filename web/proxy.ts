import { NextResponse, type NextRequest } from 'next/server';
import { hostsAnswered, isAnswered, mayWrite } from './server/origin';
import { newNonce, policyOf } from './server/policy';

const HOSTS = hostsAnswered(process.env);
const PAGES = ['GET', 'HEAD'];
const ANSWERS = [...PAGES, 'POST', 'PUT', 'DELETE'];

/**
 * The first door, of pages and answers alike: only names of this machine and configured ones are
 * answered, so that a page of elsewhere whose name was turned to this address learns nothing; what
 * changes something has to come from one of this program's own pages.
 */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host');
  if (!isAnswered(host, HOSTS))
    return NextResponse.json(
      {
        message: `This program does not answer to the name "${host ?? ''}". If it is yours, put it in LIGNUM_HOSTS and start again.`,
        faults: [],
      },
      { status: 421 },
    );
  // What is not answered so is said so: pages are only read, answers are asked for in the four usual ways.
  const allowed = request.nextUrl.pathname.startsWith('/api/') ? ANSWERS : PAGES;
  if (!allowed.includes(request.method))
    return NextResponse.json(
      { message: `${request.method} is not answered here; ${allowed.join(', ')} are.`, faults: [] },
      { status: 405, headers: { Allow: allowed.join(', ') } },
    );
  if (/%00/.test(request.nextUrl.pathname + request.nextUrl.search))
    return NextResponse.json({ message: 'An address cannot hold a NUL.', faults: [] }, { status: 400 });
  const reads = request.method === 'GET' || request.method === 'HEAD';
  if (!reads && !mayWrite(request.headers))
    return NextResponse.json(
      { message: 'This did not come from a page of this program and was not carried out.', faults: [] },
      { status: 403 },
    );
  return withPolicy(request);
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
