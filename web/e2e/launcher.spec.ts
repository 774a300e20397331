import { spawn } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';
import { expect } from '@playwright/test';
import { test } from './asking';

const LAUNCHER = fileURLToPath(new URL('../../scripts/lignum.mjs', import.meta.url));

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });
const answers = async (port: number): Promise<boolean> =>
  (await fetch(`http://127.0.0.1:${port}/api/health`).catch(() => null))?.ok === true;

/** Starts the program on a port of its own, over the database of this test run. */
function launch(port: number) {
  const child = spawn(process.execPath, [LAUNCHER, 'start'], {
    env: { ...process.env, PORT: String(port) },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  child.stdout.on('data', (piece: Buffer) => (said += piece.toString()));
  const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
  return { child, ended, said: () => said };
}

test('a start that is stopped at any moment leaves nobody on its port, nor does one that is killed outright', async () => {
  test.setTimeout(180_000);
  for (const afterMs of [150, 1500, 3500]) {
    const port = await freePort();
    const { child, ended, said } = launch(port);
    await new Promise((resolve) => setTimeout(resolve, afterMs));
    child.kill('SIGTERM');
    // Before it could listen to anything a signal simply ends it; after that it says goodbye.
    if ((await ended) !== null) expect([child.exitCode, said()]).toEqual([0, expect.stringContaining('Stopped.')]);
    expect(await answers(port)).toBe(false);
  }
  const port = await freePort();
  const { child, ended } = launch(port);
  await expect.poll(() => answers(port), { timeout: 60_000 }).toBe(true);
  // Nobody is left to stop it, nor to read what it says.
  child.stdout.destroy();
  child.stderr.destroy();
  child.kill('SIGKILL');
  await ended;
  await expect.poll(() => answers(port), { timeout: 10_000 }).toBe(false);
});
