import type { Design } from '../design/design';
import { extentOf } from '../design/extent';
import type { Point } from '../geometry/space';
import { heightAt } from '../site/ground';
import type { Use } from './uses';

/** Where in a structure something is used: at the joint, where a post goes into the soil, else at the middle of the part. Null of what is not in it. */
export function whereOf(
  { parts, joints, ground }: Pick<Design, 'parts' | 'joints' | 'ground'>,
  use: Pick<Use, 'what' | 'part' | 'joint'>,
): Point | null {
  const joint = use.joint === undefined ? undefined : joints.find(({ id }) => id === use.joint);
  if (joint?.places[0]) return joint.places[0];
  const part = parts.find(({ id }) => id === use.part);
  if (!part) return null;
  const all = extentOf(part);
  const half = (k: 0 | 1 | 2): number =>
    (Math.min(...all.map((at) => at[k])) + Math.max(...all.map((at) => at[k]))) / 2;
  const [x, y] = [half(0), half(1)];
  return [x, y, use.what === 'ground' ? heightAt(ground, x, y) : half(2)];
}
