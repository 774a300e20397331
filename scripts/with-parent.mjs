/**
 * Loaded before the page server: it goes when whoever started it has gone. The starter holds the other
 * end of its standard input; when that closes, however it came about, nobody would stop this process any
 * more. Output that nobody reads is no reason to go on trying either. What comes in there, a line of JSON each, changes
 * what stood in the environment at the start.
 */
import { createInterface } from 'node:readline';

const go = () => process.exit(0);
process.stdin.on('end', go).on('close', go).on('error', go);
createInterface({ input: process.stdin }).on('line', (line) => {
  const changed = JSON.parse(line);
  Object.assign(process.env, changed);
  process.emit('lignum told', changed);
});
for (const stream of [process.stdout, process.stderr]) stream.on('error', go);
