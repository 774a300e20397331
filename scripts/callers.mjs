/** Callers for what is tried against a running server: whoever asks as a page would, and whoever saves again and again. */
import { Buffer } from 'node:buffer';
import { randomUUID } from 'node:crypto';
import { Agent, request } from 'node:http';
import { performance } from 'node:perf_hooks';
import { pause } from './keep.mjs';
import { Fault } from './run.mjs';

const agent = new Agent({ keepAlive: true, maxSockets: 200 });
/** Asks as a page of that address would; null where nobody answers. */
export const ask = (address, method, path, body) =>
  new Promise((resolve) => {
    const text = body === undefined ? undefined : JSON.stringify(body);
    const asked = request(
      `${address}${path}`,
      {
        method,
        agent,
        headers: {
          Origin: address,
          Host: new URL(address).host,
          ...(text ? { 'Content-Type': 'application/json', 'Content-Length': Buffer.byteLength(text) } : {}),
        },
      },
      (reply) => {
        let said = '';
        reply.on('data', (piece) => (said += piece));
        reply.on('end', () => resolve({ status: reply.statusCode, said }));
      },
    );
    asked.on('error', () => resolve(null));
    asked.end(text);
  });

/** A garden that is saved again and again, and the last that was acknowledged of it. */
export async function newWriter(address, plan) {
  const made = await ask(address, 'POST', '/api/gardens', plan);
  const { id } = JSON.parse(made.said);
  let base = 1;
  /** The save that is not answered yet: it is said again under the same name until it is. */
  let open = null;
  let n = 0;
  const saveOnce = async () => {
    open ??= { note: `save ${++n}`, as: randomUUID() };
    const { note, as } = open;
    const reply = await ask(address, 'PUT', `/api/gardens/${id}`, {
      base,
      as,
      plan: { ...plan, garden: { ...plan.garden, note } },
    });
    if (reply?.status === 200) {
      base = JSON.parse(reply.said).revision;
      writer.acknowledged = { revision: base, note };
      open = null;
    } else if (reply && reply.status < 500)
      throw new Fault(`${id}: a save was answered ${reply.status}: ${reply.said.slice(0, 200)}`);
    else writer.refused++;
    return reply?.status ?? 0;
  };
  const save = async (until) => {
    while ((await saveOnce()) !== 200) {
      if (performance.now() > until) return false;
      await pause(100);
    }
    return true;
  };
  const writer = { id, save, saveOnce, refused: 0, acknowledged: { revision: 1, note: plan.garden.note } };
  return writer;
}
