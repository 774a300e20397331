import type { Timber } from '../../../catalogue/stock';
import type { Drive, Joint } from '../../../design/design';
import { SQUARE, type EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { lineOf, type Line } from '../../../design/shapes/line';
import { add, minus, reach, scale, unit, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import type { SetPost } from '../../assemblies/set-post';
import { eyeIn, screwThrough } from '../../rules/fixings';
import type { BedSetting } from '../../setting';

/** A strut or a guy takes hold of its post at this share of what stands out (from memory). */
const HELD_AT = 2 / 3;
/** A strut stands this deep in the soil, along it, on a flat stone (from memory). mm. */
const STRUT_IN_MM = inches(10);
/** Its head goes no farther in than this share of the bay (from memory). */
const SHARE_OF_BAY = 0.7;
/** Screws at its head start so far from the post, along it, apart by so much, and lean so far from the row (from memory). mm. */
const ASLANT_FROM_MM = inches(1.2);
const ASLANT_APART_MM = inches(0.6);
const ASLANT_RAD = Math.PI / 6;

const soilAt = (post: SetPost): Point => add(post.from, [0, 0, post.buriedMm]);

/** The two end posts, each with the way along the row to the others and how far the next stands. */
function ends(posts: readonly SetPost[]): { post: SetPost; inwards: Point; bayMm: number }[] {
  const pair = (a: number, b: number): { post: SetPost; inwards: Point; bayMm: number } => {
    const [post, next] = [posts.at(a), posts.at(b)] as [SetPost, SetPost];
    const along = minus(soilAt(next), soilAt(post));
    return { post, inwards: unit([along[0], 0, 0]), bayMm: Math.abs(along[0]) };
  };
  return [pair(0, 1), pair(-1, -2)];
}

/** A strut from high on each end post down into the row, on a flat stone in the soil: what the wires pull it carries. */
export function strutEnds(posts: readonly SetPost[], of: Timber): Assembled {
  const made = ends(posts).map(({ post, inwards, bayMm }, i) => {
    const foot = soilAt(post);
    const up = post.stands.aboveMm * HELD_AT;
    const out = Math.min(up, bayMm * SHARE_OF_BAY);
    const head = add(foot, add(scale(inwards, post.thickMm / 2), [0, 0, up]));
    const onSoil = add(head, add(scale(inwards, out), [0, 0, -up]));
    const axis = unit(minus(head, onSoil));
    const rise = Math.asin(axis[2]);
    const plumb: EndCut = { cut: 'mitre', angleRad: rise };
    const strut = barOf({
      id: `strut-${i + 1}`,
      role: 'strut',
      of,
      from: add(onSoil, scale(axis, -STRUT_IN_MM)),
      to: head,
      wide: [-axis[2] * Math.sign(axis[0]), 0, Math.abs(axis[0])],
      cutMm: reach(onSoil, head) + STRUT_IN_MM + (of.wideMm * Math.tan(rise)) / 2,
      buriedMm: STRUT_IN_MM,
      ends: [SQUARE[0], plumb],
    });
    const aslant = ([-1, 1] as const).map((face): Drive => ({
      through: strut.id,
      into: post.id,
      way: [-inwards[0] * Math.cos(ASLANT_RAD), -face * Math.sin(ASLANT_RAD), 0],
      places: [
        add(
          add(head, scale(axis, -ASLANT_FROM_MM)),
          add(scale(strut.wide, face * ASLANT_APART_MM), [0, (face * of.thickMm) / 2, 0]),
        ),
      ],
    }));
    const joint: Joint = {
      id: `${strut.id}-head`,
      kind: 'strut to post',
      places: [head],
      parts: [strut.id, post.id],
      fixings: aslant.map((drive) => ({ stock: 'screw-short', count: 1, drive })),
    };
    return { strut, joint };
  });
  return { parts: made.map(({ strut }) => strut), joints: made.map(({ joint }) => joint) };
}

/** Wire at each end of a guy to make it fast (from memory). mm. */
export const GUY_END_MM = inches(12);

/** A guy from each end post out of the row to an anchor as far out as it is held high, a turnbuckle in each. */
export function guyEnds(
  posts: readonly SetPost[],
  of: { id: string; diameterMm: number },
  turnbuckleMm: number,
): Assembled {
  const made = ends(posts).map(({ post, inwards }, i) => {
    const up = post.stands.aboveMm * HELD_AT;
    const head = add(soilAt(post), add(scale(inwards, -post.thickMm / 2), [0, 0, up]));
    const anchor = add(head, [-inwards[0] * up, 0, -up]);
    const guy = lineOf({
      id: `guy-${i + 1}`,
      role: 'guy wire',
      of,
      path: [head, anchor],
      cutMm: reach(head, anchor) - turnbuckleMm + 2 * GUY_END_MM,
    });
    const joints: Joint[] = [
      {
        id: `${guy.id}-head`,
        kind: 'guy to post',
        places: [head],
        parts: [guy.id, post.id],
        fixings: [eyeIn(post.id, inwards, head, 'eye-bolt')],
      },
      {
        id: `${guy.id}-foot`,
        kind: 'guy to anchor',
        places: [anchor],
        parts: [guy.id],
        fixings: [{ stock: 'ground-anchor', count: 1 }],
      },
      {
        id: `${guy.id}-turnbuckle`,
        kind: 'turnbuckle in a wire',
        places: [add(anchor, scale(unit(minus(head, anchor)), GUY_END_MM))],
        parts: [guy.id],
        fixings: [{ stock: 'turnbuckle', count: 1 }],
      },
    ];
    return { guy, joints };
  });
  return { parts: made.map(({ guy }) => guy), joints: made.flatMap(({ joints }) => joints) };
}

/** A cross arm on a post, by its height. */
export interface Arm {
  bar: Bar;
  post: SetPost;
  /** Which of the heights it carries, from the lowest. */
  height: number;
}

/** Arms across the row, one on each post for each height, their upper edges where the wires lie; on the outer faces of the end posts. */
export function crossArms(
  posts: readonly SetPost[],
  heights: readonly number[],
  o: { of: Timber; longMm: number; wireMm: number; setting: BedSetting },
): { arms: Arm[]; joints: Joint[] } {
  const screw = screwThrough(o.setting, o.of.thickMm, posts[0]?.thickMm ?? 0);
  const arms = posts.flatMap((post, n) =>
    heights.map((upMm, k): Arm => {
      const side = n === 0 ? -1 : 1;
      const middle = add(soilAt(post), [
        side * ((post.thickMm + o.of.thickMm) / 2),
        0,
        upMm - o.wireMm / 2 - o.of.wideMm / 2,
      ]);
      const bar = barOf({
        id: `arm-${n + 1}-${k + 1}`,
        role: 'arm',
        of: o.of,
        from: add(middle, [0, -o.longMm / 2, 0]),
        to: add(middle, [0, o.longMm / 2, 0]),
        wide: UP,
      });
      return { bar, post, height: k };
    }),
  );
  const joints = arms.map(({ bar, post }, i): Joint => {
    const side = Math.sign(bar.from[0] - post.from[0]);
    const place: Point = [post.from[0] + (side * post.thickMm) / 2, post.from[1], bar.from[2]];
    return {
      id: `${bar.id}-${post.id}-${i}`,
      kind: 'arm to post',
      places: [place],
      parts: [bar.id, post.id],
      fixings: [{ stock: screw, count: 2, drive: { through: bar.id, into: post.id, way: [-side, 0, 0] } }],
    };
  });
  return { arms, joints };
}

/** Turns of wire round what it is made fast to, and close turns about itself (from memory). */
const TURNS = 2;
const TAIL_MM = inches(8);
/** The two staples of an end sit so far to both sides of its middle (from memory). mm. */
const STAPLES_APART_MM = inches(0.7);

/** What a wire crosses on its way: a post or an arm, where on it, and the way into it. */
export interface Crossing {
  member: Bar;
  at: Point;
  into: Point;
  /** Along the face, for the two staples of an end. */
  aside: Point;
}

/** A wire from the first of what it crosses to the last: made fast at both, a turnbuckle before the far one, a staple on each between. */
export function strainWire(
  id: string,
  of: { id: string; diameterMm: number },
  crossings: readonly Crossing[],
  { turnbuckleMm, pullN }: { turnbuckleMm: number; pullN: number },
): { wire: Line; joints: Joint[] } {
  const [first, last] = [crossings[0], crossings.at(-1)] as [Crossing, Crossing];
  const girth = ({ member }: Crossing): number => 2 * (member.wideMm + member.thickMm);
  const path = crossings.map(({ at }) => at);
  const wire = lineOf({
    id,
    role: 'wire',
    of,
    path,
    pullN,
    cutMm: Math.max(1, reach(first.at, last.at) - turnbuckleMm) + TURNS * (girth(first) + girth(last)) + 2 * TAIL_MM,
  });
  const staples = ({ member, at, into, aside }: Crossing, end: boolean): Joint => {
    const places = end ? [-1, 1].map((way) => add(at, scale(aside, way * STAPLES_APART_MM))) : [at];
    return {
      id: `${id}-${member.id}`,
      kind: end ? 'wire made fast' : 'wire to post',
      places: [at],
      parts: [id, member.id],
      fixings: [
        {
          stock: 'staple-fence',
          count: places.length,
          drive: {
            through: null,
            into: member.id,
            way: into,
            places: places.map((spot) => add(spot, scale(into, of.diameterMm / 2))),
          },
        },
      ],
    };
  };
  const far = unit(minus(first.at, last.at));
  return {
    wire,
    joints: [
      ...crossings.map((one, i) => staples(one, i === 0 || i === crossings.length - 1)),
      {
        id: `${id}-turnbuckle`,
        kind: 'turnbuckle in a wire',
        places: [add(last.at, scale(far, GUY_END_MM))],
        parts: [id],
        fixings: [{ stock: 'turnbuckle', count: 1 }],
      },
    ],
  };
}
