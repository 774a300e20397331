import { TICKET_COOKIE } from '../../../server/guarded';
import { answer, withDatabase } from '../../../server/door';
import { signAllOut } from '../../../server/household';

export const dynamic = 'force-dynamic';

/** Signs this device out; with `?all=1` every device. What the browser keeps of pages goes with it. */
export const POST = (request: Request): Promise<Response> =>
  withDatabase(async (db) => {
    if (new URL(request.url).searchParams.has('all')) await signAllOut(db);
    return answer(
      200,
      { out: true },
      {
        'Set-Cookie': `${TICKET_COOKIE}=; Path=/; Max-Age=0; Secure; HttpOnly; SameSite=Lax`,
        'Clear-Site-Data': '"cache"',
      },
    );
  });
