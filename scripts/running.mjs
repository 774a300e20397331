import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { DATA } from './run.mjs';

const FILE = join(DATA, 'running.json');

/** When a process began, in ticks of this boot: a number that comes again is another process. Null where it is gone. */
function beganAt(pid) {
  try {
    // After the name in brackets, which may hold anything: the 22nd field of all (proc(5)).
    return (
      readFileSync(`/proc/${pid}/stat`, 'utf8')
        .replace(/^.*\) /s, '')
        .split(' ')[19] ?? null
    );
  } catch {
    return null;
  }
}

/** The launcher that serves from this folder, if one does: where, and as which process. */
export function runningHere() {
  try {
    const told = JSON.parse(readFileSync(FILE, 'utf8'));
    return told.began !== null && beganAt(told.pid) === told.began ? told : null;
  } catch {
    return null;
  }
}

/** Says that this process serves from here, until it says otherwise or is gone. */
export function noteRunning(address) {
  writeFileSync(FILE, JSON.stringify({ pid: process.pid, began: beganAt(process.pid), address }));
}
export const forgetRunning = () => rmSync(FILE, { force: true });
