import { check } from './check';

/** A child that holds on to a thing pulls about so much (from memory). kg. */
export const CHILD_KG = 15;

/** The level pull at its head that turns a leaning planter about its foot: its weight times how far its middle stands behind the foot, over the height of its head. kg. */
export const pullKg = (at: { kg: number; behindMm: number; headMm: number }): number =>
  (at.kg * at.behindMm) / at.headMm;

/** Does what leans on a wall stay there when it is held on to? kg, mm. `behindMm`: how far its middle stands behind its foot. */
export const planterLeans = check(
  'planter-leans',
  {
    says: {
      'leans.held': 'Its head is held at the wall; alone it would turn over at a pull of {pull}.',
      'leans.tips': 'Its middle stands in front of its foot: let go, it falls over.',
      'leans.pulled': 'A pull of {pull} at its head turns it over; a child holds on with more.',
      'leans.stands': 'It takes a pull of {pull} at its head to turn it over.',
    },
    mends: { 'leans.tips': 'Screw its head to the wall', 'leans.pulled': 'Screw its head to the wall' },
  },
  (at: { kg: number; behindMm: number; headMm: number; held: boolean }, found) => {
    const pull = pullKg(at);
    const values = { pull: { kg: Math.max(0, pull) } };
    if (at.held) return found('good', 'leans.held', values);
    if (pull <= 0) return found('fail', 'leans.tips', values);
    return pull < CHILD_KG ? found('warn', 'leans.pulled', values) : found('good', 'leans.stands', values);
  },
);
