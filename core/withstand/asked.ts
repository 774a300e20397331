import type { Catalogue } from '../catalogue/stock';
import type { Design, Joint } from '../design/design';
import { asShape, ofShape } from '../design/shapes/shapes';
import { solveFrame, type Answered, type Response, type Solved } from '../frame/solve';
import { grownShare } from '../growth/growth';
import type { Point } from '../geometry/space';
import type { Setting } from '../structures/setting';
import type { Duration } from '../statics/timber';
import { fillUnder } from '../structures/rules/depth';
import type { Ground } from './ground';
import { speedAt } from '../structures/rules/gust';
import { loadable, weightOf, windOn, type Grown, type LoadCase, type Loadable, type Share } from './loads';
import { modelOf } from './model';
import { oneOfEach } from './one-of-each';
import type { Model } from './parts-in';
import { usesOf, type Use, type Worse } from './uses';

/** Why nothing is said of a structure: what it is made of is not reckoned. */
export type NotReckoned = 'nothing stands' | 'stacked' | 'filled' | 'twigs' | 'held by nothing';

/** Everything that is asked again with another wind or week, worked out once. */
export interface Asked {
  model: Model;
  solved: Solved;
  able: Loadable;
  answered: Map<LoadCase, Answered>;
  /** How far each planting has grown, by day. */
  grown: Map<string, ReturnType<Grown>>;
  design: Design;
  setting: Setting;
  ground: Ground;
  catalogue: Catalogue;
}

/** How a structure is taken otherwise than it is planned. */
interface Taken {
  /** Its soil a class softer. */
  softer?: boolean;
  /** Its gates and doors unlatched, hanging on their hinges. */
  open?: boolean;
  /** All of its bodies, also where they are alike: for whoever draws it. */
  whole?: boolean;
}

/** A structure made ready to be asked, or why it cannot be. */
export function askable(
  planned: Design,
  setting: Setting,
  catalogue: Catalogue,
  { softer = false, open = false, whole = false }: Taken = {},
): Asked | { not: NotReckoned } {
  const design = whole ? planned : oneOfEach(planned);
  const ground = { soil: setting.soil, fill: fillUnder(setting), softer };
  const model = modelOf(
    open ? { ...design, joints: design.joints.filter((joint) => !isLatch(joint)) } : design,
    ground,
    catalogue,
    open,
  );
  const not = notReckoned(design, model);
  if (not) return { not };
  const solved = solveFrame(model.frame);
  // Something of it can go a way that nothing holds: there is no answer.
  if (solved.loose.length > 0) return { not: 'held by nothing' };
  return {
    model,
    solved,
    able: loadable(model, design, setting.planted, catalogue),
    answered: new Map(),
    grown: new Map(),
    design,
    setting,
    ground,
    catalogue,
  };
}

/** What shuts a gate or a door. */
export const isLatch = ({ fixings }: Joint): boolean => fixings.some(({ stock }) => stock === 'gate-latch');

function notReckoned(design: Design, model: Model): NotReckoned | null {
  if (model.blocks.some(({ part }) => asShape(part, 'block') !== null)) return 'stacked';
  if (model.grounds.some(({ support }) => support.by === 'lies on it') && isFilled(design)) return 'filled';
  if (model.frame.beams.length === 0 || model.grounds.length === 0) return 'nothing stands';
  return model.bars.some(({ part }) => design.traits[part.role]?.yields) ? 'twigs' : null;
}

/** A filling wider than this is a bed’s, not a post’s (from memory). mm. */
const BED_WIDE_MM = 500;
const isFilled = ({ parts }: Design): boolean =>
  ofShape(parts, 'fill').some(
    ({ rim }) => 'outline' in rim && rim.outline.some(([x, y]) => Math.hypot(x, y) > BED_WIDE_MM),
  );

/** How far what is planted has grown on a day of the year. */
export const grownOn =
  ({ setting: { planted, site }, grown }: Asked, day: number): Grown =>
  (planting) => {
    const key = `${planting} ${day}`;
    const known = grown.get(key);
    if (known) return known;
    const one = planted.find(({ id }) => id === planting);
    const now = one ? grownShare(one.crop, day, site) : { height: 0, leaf: 0 };
    grown.set(key, now);
    return now;
  };

/** What works hardest under a gust, and what of it is used: of what goes over at least twice what it may. */
export interface Found {
  response: Response;
  uses: Use[];
  hardest: Use | null;
  share: number;
}

/** What one gust does to it on a day. @param gustMs ten metres up in open country. */
export function under(
  asked: Asked,
  o: { day: number; gustMs: number; way: Point; carefully: boolean; worse?: Worse; crop?: number },
): Found {
  const { able, setting } = asked;
  const full = grownOn(asked, o.day);
  const grown: Grown = o.crop === undefined ? full : (planting) => ({ ...full(planting), heavier: o.crop as number });
  const speedMs = speedAt(setting.wind, o.gustMs);
  const put = [...weightOf(able, grown), ...windOn(able, grown, { speedMs, way: o.way })];
  return bears(asked, put, { ...o, duration: 'wind' });
}

/** What some loads do to it, put on together. */
export function bears(
  asked: Asked,
  put: readonly Share[],
  o: { duration: Duration; carefully: boolean; worse?: Worse },
): Found {
  const { solved, model, ground, catalogue } = asked;
  const response = solved.mixed(
    put.filter(({ times }) => times !== 0).map(({ of, times }) => ({ of: answeredOf(asked, of), times })),
    o.carefully,
  );
  const { duration, worse } = o;
  const uses = usesOf(model, response, { ground, catalogue, duration, ...(worse ? { worse } : {}) });
  const hardest = uses.reduce<Use | null>((high, one) => (high && high.share >= one.share ? high : one), null);
  const share = hardest?.share ?? 0;
  return { response, uses, hardest, share: response.lost ? Math.max(GONE, share) : share };
}
/** A case as the frame answers it, asked once. */
function answeredOf({ solved, answered }: Asked, of: LoadCase): Answered {
  const known = answered.get(of) ?? solved.answered(of);
  answered.set(of, known);
  return known;
}
/** What goes over uses all that it has, and more. */
const GONE = 2;
