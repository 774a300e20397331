import { check } from './check';

/** A welded panel is cut beside a wire: cut between two, its edge has nothing to be fixed by (common practice, no source). */
export const panelCut = check(
  'panel-cut',
  {
    says: {
      'panel.no-wire':
        '{pieces|panel piece|panel pieces} cut where there is no wire: the edge has nothing to be fixed by.',
      'panel.beside-wire': 'Every panel is whole or cut beside a wire.',
    },
    mends: { 'panel.no-wire': 'Cut beside a wire' },
  },
  ({ offWire }: { offWire: number }, found) =>
    offWire > 0 ? found('warn', 'panel.no-wire', { pieces: offWire }) : found('good', 'panel.beside-wire'),
);
