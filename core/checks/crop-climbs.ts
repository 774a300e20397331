import type { Planted } from '../crops/planted';
import type { Hold } from '../design/design';
import { check } from './check';

/** How a plant that does not climb is held. */
const TENDED = {
  string: 'climb.wound',
  mesh: 'climb.tied',
  poles: 'climb.tied-pole',
  passes: 'climb.sandwiched',
  cage: 'climb.caged',
  wires: 'climb.wired',
} as const;

/** Can every crop hold on to what it is given? Those that cannot climb must be tied, or need a net over them instead. */
export const cropClimbs = check(
  'crop-climbs',
  {
    says: {
      'climb.nothing':
        'Nothing is planted along this row yet. Choose what it carries and the gap, height and spacing follow.',
      'climb.wires': '{crop}, grown as {training}, wants level wires, on posts or on a wall.',
      'climb.needs-net': '{crop} does not climb: it wants a net over it, not something to grow up.',
      'climb.bush-string':
        '{crop} is a bush with many stems: one string will not hold it. A cage or a panel set low will.',
      'climb.thick': '{crop} cannot hold {has}; it needs {most} or thinner.',
      'climb.tied': '{crop} does not climb: tie its main stems to the mesh as they grow, weekly.',
      'climb.wound': '{crop} does not climb: wind each stem round its string as it grows.',
      'climb.tied-pole': '{crop} does not climb: tie its main stems to the poles as they grow, weekly.',
      'climb.sandwiched': '{crop} is held between the two runs of twine; tuck shoots in as they grow.',
      'climb.caged': '{crop} leans on the mesh round it; tuck shoots in as they grow.',
      'climb.wired': '{crop} does not climb: tie its stems to the wires as they grow.',
      'climb.trained': '{crop}, grown as {training}, is led along the wires and tied to them.',
      'climb.climbs': '{crop} climbs this by itself.',
    },
    mends: { 'climb.thick': 'Give it finer holds' },
    unfit: ['climb.needs-net', 'climb.bush-string', 'climb.wires'],
  },
  ({ planted, hold }: { planted: readonly Planted[]; hold: Pick<Hold, 'by' | 'memberMm'> }, found) => {
    if (planted.length === 0) return found('note', 'climb.nothing');
    const none = planted.find((one) => one.crop.habit === 'none');
    if (none) return found('fail', 'climb.needs-net', { crop: none.crop.name });
    const flat = planted.find((one) => one.training.onWires);
    if (flat && hold.by !== 'wires')
      return found('fail', 'climb.wires', { crop: flat.crop.name, training: flat.training.name });
    const bush = planted.find((one) => one.crop.habit === 'bush');
    if (bush && hold.by === 'string') return found('warn', 'climb.bush-string', { crop: bush.crop.name });
    const thick = planted.find((one) => one.crop.grips && hold.memberMm > one.crop.grips.memberMm);
    if (thick)
      return found('warn', 'climb.thick', {
        crop: thick.crop.name,
        has: { mm: hold.memberMm },
        most: { mm: thick.crop.grips?.memberMm ?? 0 },
      });
    // What lives for years and winds or grips is led and tied along wires all the same.
    const led = hold.by === 'wires' ? planted.find(({ crop, training }) => training.onWires ?? crop.years) : undefined;
    if (led) return found('good', 'climb.trained', { crop: led.crop.name, training: led.training.name });
    const tucked = hold.by === 'passes' || hold.by === 'cage';
    const tied = planted.find((one) => one.crop.habit === 'leaner' || (one.crop.habit === 'bush' && tucked));
    if (tied) return found('good', TENDED[hold.by], { crop: tied.crop.name });
    return found('good', 'climb.climbs', { crop: planted.map((one) => one.crop.name).join(', ') });
  },
);
