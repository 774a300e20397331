import { check } from './check';

/** A foot beside its bed is that of a post leaned or set a little off: 2″ are forgiven (from memory). mm. */
const FORGIVEN_MM = 50;

/** Does it stand on the bed it is planned on? Outside a raised bed there is nothing under its feet. `outMm` is how far each foot is outside. mm. */
export const onItsBed = check(
  'on-its-bed',
  {
    says: {
      'bed.beside': '{feet|foot stands|feet stand} beside {bed}, up to {by} from its edge: in the path.',
      'bed.in-air':
        '{feet|foot stands|feet stand} beside {bed}, up to {by} from its edge and {high} under its soil: it was measured for the bed, and hangs in the air there.',
      'bed.on': 'Every foot stands on {bed}.',
    },
    mends: { 'bed.beside': 'Back onto the bed', 'bed.in-air': 'Back onto the bed' },
  },
  ({ outMm, bed }: { outMm: readonly number[]; bed: { name: string; heightMm: number } }, found) => {
    if (outMm.length === 0) return null;
    const out = outMm.filter((mm) => mm > FORGIVEN_MM);
    const values = {
      feet: out.length,
      bed: bed.name || 'its bed',
      by: { mm: Math.max(0, ...out) },
      high: { mm: bed.heightMm },
    };
    if (out.length === 0) return found('good', 'bed.on', values);
    return bed.heightMm > 0 ? found('fail', 'bed.in-air', values) : found('warn', 'bed.beside', values);
  },
);
