import Joi from 'joi';
import { atTheDoor } from '@lignum/core/formats/door';
import { TICKET_COOKIE, isGuarded } from '../../../server/guarded';
import { answer, refuse, withBody } from '../../../server/door';
import { letIn } from '../../../server/household';
import { PASSPHRASE, TICKET_MS } from '../../../server/passphrase';
import { forgiveAll, noteInVain, triedInVain, waitMs } from '../../../server/tries';

export const dynamic = 'force-dynamic';

const SAID = Joi.object({
  passphrase: Joi.string()
    .max(4 * PASSPHRASE.most)
    .required(),
});
/** One is tried at a time: each costs memory and time on purpose. */
let turn: Promise<unknown> = Promise.resolve();

/** Lets in whoever says the passphrase: the answer carries the device's ticket. */
export const POST = (request: Request): Promise<Response> =>
  withBody(request, async (body, db) => {
    if (!isGuarded()) return refuse(404, 'No passphrase is asked for here.');
    const said = atTheDoor<{ passphrase: string }>(SAID, body);
    if (!said.ok) return refuse(422, 'Say the passphrase.', said.faults);
    const from = request.headers.get('x-lignum-from') ?? '';
    const tried = turn.then(async () => {
      const wait = waitMs(await triedInVain(db), from, Date.now());
      if (wait > 0) return { wait };
      const ticket = await letIn(db, said.value.passphrase, Date.now());
      await (ticket ? forgiveAll(db, from) : noteInVain(db, from, Date.now()));
      return { ticket };
    });
    turn = tried.catch(() => undefined);
    const done = await tried;
    if ('wait' in done) {
      const afterS = Math.ceil(done.wait / 1000);
      const message = `Too many have been tried from here. Wait ${Math.ceil(afterS / 60)} minutes.`;
      return answer(429, { message, faults: [] }, { 'Retry-After': String(afterS) });
    }
    if (!done.ticket) return refuse(401, 'That is not the passphrase.');
    const cookie = `${TICKET_COOKIE}=${done.ticket}; Path=/; Max-Age=${TICKET_MS / 1000}; Secure; HttpOnly; SameSite=Lax`;
    return answer(200, { in: true }, { 'Set-Cookie': cookie });
  });
