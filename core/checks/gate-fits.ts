import { check } from './check';

/** Leaf wider than this on two hinges sags (from memory). mm. */
const WIDE_LEAF_MM = 1250;

/** Does the gate go into the run it is put in, and does it keep square? `roomMm` is the straight run between corners, its posts taken off. */
export const gateFits = check(
  'gate-fits',
  {
    says: {
      'gate.wide': 'A gate of {gate} does not go into that stretch of fence: {room} is the most between its posts.',
      'gate.heavy': 'A leaf of {leaf} hangs heavy: three hinges, and a wheel or a rest under its latch end.',
      'gate.fits':
        'The leaf of {leaf} hangs in {gate} with {clear} free on each side; its brace runs up from the lower hinge.',
    },
    mends: { 'gate.wide': 'Fit it to the stretch' },
  },
  (gate: { wideMm: number; leafMm: number; clearMm: number; roomMm: number; built: boolean }, found) => {
    const values = {
      gate: { mm: gate.wideMm },
      leaf: { mm: gate.leafMm },
      room: { mm: Math.max(0, gate.roomMm) },
      clear: { mm: gate.clearMm },
    };
    if (!gate.built) return found('fail', 'gate.wide', values);
    return gate.leafMm > WIDE_LEAF_MM ? found('note', 'gate.heavy', values) : found('good', 'gate.fits', values);
  },
);
