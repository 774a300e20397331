import type { SeenGarden } from '../plan/compute';

/** Whether a part of a structure stands where it belongs. */
export type Stands = (structure: string, part: string) => boolean;

/**
 * A garden as far as it is built: of each structure what stands of it, with its plants once any of it does, and what it
 * makes of its bed. What was there before anything was planned stands. All parts where all stand: the very same structure.
 * @example asFarAsBuilt(garden, () => false).structures[0].sized.design.parts // []
 */
export function asFarAsBuilt<Garden extends Pick<SeenGarden, 'structures'>>(garden: Garden, stands: Stands): Garden {
  return {
    ...garden,
    structures: garden.structures.map((one) => {
      if (one.kind.isThere) return one;
      const { design } = one.sized;
      const parts = design.parts.filter(({ id }) => stands(one.structure.id, id));
      if (parts.length === design.parts.length) return one;
      const there = new Set(parts.map(({ id }) => id));
      const joints = design.joints.filter((joint) => joint.parts.every((part) => there.has(part)));
      const begun = parts.length > 0;
      return {
        ...one,
        sized: { ...one.sized, design: { ...design, parts, joints, stations: begun ? design.stations : [] } },
        makes: begun ? one.makes : null,
      };
    }),
  };
}
