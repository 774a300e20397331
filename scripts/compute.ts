import { readFileSync } from 'node:fs';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { readPlan } from '@lignum/core/formats/read-plan';
import { resultText } from '@lignum/core/formats/result';
import type { Units } from '@lignum/core/quantity/length';

/**
 * `./lignum compute plan.json` (or standard input): prints the result as JSON, a structure at a time. Exit 1
 * and one line a fault, each with its path into the document, for a plan that cannot be computed.
 */
const fail = (lines: readonly string[]): never => {
  process.stderr.write(`${lines.join('\n')}\n`);
  process.exit(1);
};

const args = process.argv.slice(2);
const file = args.find((arg) => !arg.startsWith('--'));

function unitsAsked(): Units | undefined {
  const [asked, ...rest] = args.filter((arg) => arg.startsWith('--'));
  if (asked === undefined) return undefined;
  const units = /^--units=(imperial|metric)$/.exec(asked)?.[1];
  return units && rest.length === 0
    ? (units as Units)
    : fail([`"${rest[0] ?? asked}" is not known here: say --units=imperial or --units=metric, or nothing.`]);
}

function readText(): string {
  try {
    // A byte-order mark that some editors put first is no part of the document.
    return readFileSync(file ?? 0, 'utf8').replace(/^\uFEFF/, '');
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

const units = unitsAsked();
const read = readPlan(parse(readText()));
if (!read.ok) fail(read.faults.map((fault) => `${fault.path} ${fault.message}`));
else
  await pipeline(Readable.from(resultText(read.plan, units)), process.stdout).catch((error: NodeJS.ErrnoException) => {
    // A reader that has seen enough (head, a closed pager) is no fault.
    if (error.code !== 'EPIPE') throw error;
  });
