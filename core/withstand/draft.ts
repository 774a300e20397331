import type { Beam, Cord, Link } from '../frame/frame';
import { ALONG, UP, type Point } from '../geometry/space';
import type { Support } from '../joinery/meetings';
import { springsOf, type Ground } from './ground';
import type { GroundIn } from './parts-in';

/** A frame as it is put together, part by part. */
export interface Draft {
  nodes: Point[];
  beams: Beam[];
  links: Link[];
  lines: Cord[];
  grounds: GroundIn[];
  ground: Ground;
}

/** Along the row, across it, up. */
export const FRAME_AXES: Link['axes'] = [ALONG, [0, 1, 0], UP];

/** A new place of the frame. */
export function addNode({ nodes }: Draft, at: Point): number {
  nodes.push(at);
  return nodes.length - 1;
}

/** Stands a place of it on what is there. */
export function standOn(draft: Draft, node: number, support: Support, at: Point): void {
  const { link, firmMm } = springsOf(support, at, draft.ground);
  draft.links.push({ a: node, b: null, ...link });
  draft.grounds.push({ link: draft.links.length - 1, node, support, at, firmMm });
}
