import { DEMO_PLAN } from '@lignum/core/demo/garden';

/** Prints the demo garden as a plan document, ready for `./lignum compute`. */
process.stdout.write(`${JSON.stringify(DEMO_PLAN, null, 2)}\n`);
