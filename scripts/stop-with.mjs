/**
 * Started beside a database of our own: it stops that when whoever started both has gone, however that came about. The
 * starter holds the other end of its standard input.
 */
import { spawnSync } from 'node:child_process';

const [command, ...args] = process.argv.slice(2);
process.stdin.on('error', () => undefined).on('close', () => process.exit(spawnSync(command, args).status ?? 0));
process.stdin.resume();
