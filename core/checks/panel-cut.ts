import { verdict, type Check } from './verdict';

/** A welded panel is cut beside a wire: cut between two, its edge has nothing to be fixed by (common practice, no source). */
export const panelCut: Check = ({ design }) => {
  const { cutOffWire } = design.support;
  if (cutOffWire === undefined) return null;
  return cutOffWire > 0
    ? verdict('panel-cut', 'warn', 'panel.no-wire', { pieces: cutOffWire })
    : verdict('panel-cut', 'good', 'panel.beside-wire');
};
