import { spawn, spawnSync } from 'node:child_process';
import { accessSync, constants, mkdirSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { stopping } from './stopping.mjs';

export const ROOT = fileURLToPath(new URL('..', import.meta.url)).replace(/\/$/, '');
/** What can be made again: marks of what is installed and built, reports, caches. */
export const MADE = join(ROOT, '.data');
/** What is kept: the database, its copies, certificates. */
export const DATA = process.env.LIGNUM_DATA ? resolve(process.env.LIGNUM_DATA) : MADE;
export const isRoot = process.getuid?.() === 0;

/** A fault the person at the keyboard can mend: one sentence that says how, and no stack. */
export class Fault extends Error {}

export const tell = (text) => process.stdout.write(`${text}\n`);

/** The folders for everything that is ours, readable by us, or a Fault. */
export function ensureData() {
  try {
    for (const folder of [MADE, DATA]) {
      mkdirSync(folder, { recursive: true });
      accessSync(folder, constants.R_OK | constants.W_OK | constants.X_OK);
    }
  } catch {
    throw new Fault(
      `${DATA} cannot be read and written by you: make it yours with  sudo chown -R "$USER" ${DATA}  and start again.`,
    );
  }
}

/** Runs a command to its end; its output is shown unless `quiet`. Returns exit code and what it printed. */
export function run(command, args, { cwd = ROOT, env = {}, quiet = false, input } = {}) {
  const done = spawnSync(command, args, {
    cwd,
    env: { ...process.env, ...env },
    input,
    encoding: 'utf8',
    stdio: quiet ? 'pipe' : ['inherit', 'inherit', 'inherit'],
    maxBuffer: 64e6,
  });
  if (done.error) return { code: 127, out: '', err: String(done.error.message) };
  return { code: done.status ?? 1, out: done.stdout ?? '', err: done.stderr ?? '' };
}

/** Someone wants it to stop before it was ready. */
export class Stopped extends Error {}

/** Runs something long: as {@link run}, but a wish to stop ends it at once and is thrown as {@link Stopped}. */
export function runLong(command, args, { cwd = ROOT, env = {}, input } = {}) {
  return new Promise((resolve, reject) => {
    if (stopping.aborted) return reject(new Stopped());
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: [input === undefined ? 'ignore' : 'pipe', 'pipe', 'pipe'],
      signal: stopping,
      killSignal: 'SIGTERM',
    });
    child.stdin?.on('error', () => undefined).end(input);
    let [out, err] = ['', ''];
    child.stdout.on('data', (piece) => (out += piece));
    child.stderr.on('data', (piece) => (err += piece));
    let failed = '';
    child.on('error', (error) => (failed = error.message));
    child.on('close', (code) => {
      if (stopping.aborted) reject(new Stopped());
      else resolve({ code: failed ? 127 : (code ?? 1), out, err: err || failed });
    });
  });
}

/** What a script of ours said went wrong: its line "Fault: …", which a person can mend, or null. */
export const faultIn = (err) =>
  err
    .trim()
    .split('\n')
    .find((line) => line.startsWith('Fault: '))
    ?.slice(7) ?? null;

/** Runs a command beside whatever else is running; what it prints is shown when it ends, or as it comes. Resolves to its exit code. */
export function runBeside(command, args, { env = {}, asItComes = false } = {}) {
  return new Promise((resolve, reject) => {
    if (stopping.aborted) return reject(new Stopped());
    const child = spawn(command, args, {
      cwd: ROOT,
      env: { ...process.env, ...env },
      stdio: asItComes ? 'inherit' : ['ignore', 'pipe', 'pipe'],
      signal: stopping,
    });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream?.on('data', (piece) => (said += piece));
    child.on('error', (error) => (said += error.message));
    child.on('close', (code) => {
      if (stopping.aborted) return reject(new Stopped());
      if (said.trim()) tell(said.trim());
      resolve(code ?? 1);
    });
  });
}

export const has = (command) => run('sh', ['-c', `command -v ${command}`], { quiet: true }).code === 0;

export { spawn };
