import { readFileSync } from 'node:fs';
import { readPlan } from '@lignum/core/formats/read-plan';
import { resultOf } from '@lignum/core/formats/result';

/**
 * `./lignum compute plan.json` (or standard input): prints the result as JSON. Exit 1 and one line a
 * fault, each with its path into the document, for a plan that cannot be computed.
 */
const file = process.argv[2];
// A reader that has seen enough (head, a closed pager) is no fault.
process.stdout.on('error', (error: NodeJS.ErrnoException) => process.exit(error.code === 'EPIPE' ? 0 : 1));
const fail = (lines: readonly string[]): never => {
  process.stderr.write(`${lines.join('\n')}\n`);
  process.exit(1);
};

function readText(): string {
  try {
    return readFileSync(file ?? 0, 'utf8');
  } catch (error) {
    return fail([
      `${file ?? 'standard input'} cannot be read (${(error as NodeJS.ErrnoException).code ?? 'unknown'}): name a plan file that exists.`,
    ]);
  }
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    return fail([`/ is not JSON: ${(error as Error).message}`]);
  }
}

const read = readPlan(parse(readText()));
if (!read.ok) fail(read.faults.map((fault) => `${fault.path} ${fault.message}`));
else process.stdout.write(`${JSON.stringify(resultOf(read.plan), null, 2)}\n`);
