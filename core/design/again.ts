import { add, type Point } from '../geometry/space';
import type { Fixing, Joint } from './design';
import { shapeOf, type Part } from './shapes/shapes';

/** What is built several times over stands again so far away, each under names of its own. */
interface Again {
  name: (id: string) => string;
  by: Point;
}

/** A part once more; a board it comes out of is its own too. */
export function partAgain<P extends Part>(part: P, { name, by }: Again): P {
  const board = 'board' in part && part.board !== undefined ? { board: name(part.board) } : {};
  return { ...shapeOf(part).moved(part, by), id: name(part.id), ...board };
}

/** A joint once more, with its fixings where they are stated. */
export const jointAgain = (joint: Joint, again: Again): Joint => ({
  ...joint,
  id: again.name(joint.id),
  places: joint.places.map((at) => add(at, again.by)),
  parts: joint.parts.map(again.name),
  fixings: joint.fixings.map((one) => fixingAgain(one, again)),
});

const fixingAgain = (fixing: Fixing, { name, by }: Again): Fixing => ({
  ...fixing,
  ...(fixing.plates ? { plates: fixing.plates.map((chain) => chain.map((at) => add(at, by))) } : {}),
  ...(fixing.drive
    ? {
        drive: {
          ...fixing.drive,
          into: fixing.drive.into === null ? null : name(fixing.drive.into),
          through: fixing.drive.through === null ? null : name(fixing.drive.through),
          ...(fixing.drive.places ? { places: fixing.drive.places.map((at) => add(at, by)) } : {}),
        },
      }
    : {}),
});
