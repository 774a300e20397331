import type { Joint, Standing } from '../../design/design';
import type { Bar } from '../../design/shapes/bar';
import type { Fill } from '../../design/shapes/fill';
import { minus, type Point } from '../../geometry/space';
import { inches } from '../../quantity/length';
import { fact, type Phrases } from '../../wording/say';
import type { ChoiceKnob, LengthKnob } from '../knob';
import { perMarket, TAPE_STEP } from './tidy';
import { isOffered } from '../setting';

/** The schools of setting a timber post. */
export const FOOTINGS = [
  { id: 'tamped', label: 'tamped soil' },
  { id: 'dry', label: 'dry-poured concrete' },
  { id: 'wet', label: 'wet concrete' },
] as const;
export type Footing = (typeof FOOTINGS)[number]['id'];

/** A hole three times as wide as the post, and a crown 1″ high so that water runs off (from memory). mm. */
const HOLE_TO_POST = 3;
const CROWN_MM = inches(1);
/** Concrete is left overnight before the bracing comes off (common practice, no source); dry-poured a day (from memory). */
const WAIT_HOURS: Record<Footing, number> = { tamped: 0, dry: 24, wet: 12 };
export const waitFor = (footing: Footing): { waitHours?: number } =>
  footing === 'tamped' ? {} : { waitHours: WAIT_HOURS[footing] };
export const setBy = (footing: Footing): Standing['set'] => (footing === 'tamped' ? 'let in' : 'concrete');

export const footingKnobs = (suggested: Footing) => ({
  footing: {
    type: 'choice',
    label: 'Posts set in',
    group: 'Posts',
    choices: FOOTINGS,
    help: 'Concrete costs and holds; tamped soil can be dug up again.',
    offered: (setting) =>
      FOOTINGS.map((one) => one.id).filter((id) => id === 'tamped' || isOffered(setting, 'concrete-mix')),
    suggest: (setting) =>
      isOffered(setting, 'concrete-mix')
        ? { value: suggested, why: fact(`footing.${suggested}`) }
        : { value: 'tamped' as const, why: fact('footing.tamped') },
  } satisfies ChoiceKnob,
  gravel: {
    type: 'length',
    label: 'Gravel under the post',
    group: 'Posts',
    min: 0,
    max: inches(12),
    step: TAPE_STEP,
    help: 'Lets water away from the end grain.',
    suggest: (setting) =>
      isOffered(setting, 'gravel')
        ? { value: perMarket(setting.market, 4, 100), why: fact('gravel.drains') }
        : { value: 0, why: fact('gravel.none') },
  } satisfies LengthKnob,
});

/** How wide the hole of a post is dug. mm. */
export const holeAcross = ({ wideMm, thickMm }: Pick<Bar, 'wideMm' | 'thickMm'>): number =>
  HOLE_TO_POST * Math.max(wideMm, thickMm);

/** Less than this is no layer (from memory). mm. */
const LEAST_GRAVEL_MM = 1;

/** What goes into the holes: gravel below, concrete about the post and crowned above the soil. */
export function pourFootings(
  posts: readonly Bar[],
  footing: Footing,
  gravelMm: number,
): { parts: Fill[]; joints: Joint[] } {
  const parts: Fill[] = [];
  const joints: Joint[] = [];
  for (const post of posts) {
    const diameterMm = holeAcross(post);
    const hole = (Math.PI / 4) * diameterMm ** 2;
    const put = (
      role: 'concrete' | 'gravel',
      stock: string,
      bottom: Point,
      cutMm: number,
      crownMm: number,
      mm3: number,
    ) => {
      const fill: Fill = {
        shape: 'fill',
        id: `${role}-${post.id}`,
        role,
        stock,
        bottom,
        rim: { round: diameterMm },
        cutMm,
        crownMm,
        litres: mm3 / 1e6,
      };
      parts.push(fill);
      joints.push({
        id: `in-${fill.id}`,
        kind: 'post in its hole',
        places: [post.from],
        parts: [fill.id, post.id],
        fixings: [],
      });
    };
    if (gravelMm >= LEAST_GRAVEL_MM)
      put('gravel', 'gravel', minus(post.from, [0, 0, gravelMm]), gravelMm, 0, hole * gravelMm);
    if (footing !== 'tamped' && post.buriedMm > 0) {
      put(
        'concrete',
        'concrete-mix',
        post.from,
        post.buriedMm,
        CROWN_MM,
        (hole - post.wideMm * post.thickMm) * post.buriedMm + (hole * CROWN_MM) / 3,
      );
    }
  }
  return { parts, joints };
}

/** Why there is so much of each, for the bill. */
export const footingReasons = (gravelMm: number) => ({
  concrete: fact('count.concrete', { times: HOLE_TO_POST, crown: { mm: CROWN_MM } }),
  gravel: fact('count.gravel', { gravel: { mm: gravelMm } }),
});

export const FOOTING_PHRASES = {
  'footing.tamped': 'Tamped in layers; can be dug up again.',
  'footing.dry': 'Dry mix poured round the post, crowned so that water runs off.',
  'footing.wet': 'Wet concrete; left overnight before the bracing comes off.',
  'gravel.drains': 'Water drains away from the end grain.',
  'gravel.none': 'No gravel in your price book.',
  'count.concrete': 'A hole {times} times as wide as the post, filled to the soil and crowned {crown}',
  'count.gravel': '{gravel} under each post',
  'step.footing.tamped': 'Tamp the soil in layers of a hand’s breadth, checking plumb after each.',
  'step.footing.dry': 'Pour the dry mix round the posts, check plumb again, crown it and wet it. Leave the bracing on.',
  'step.footing.wet': 'Pour the wet concrete, check plumb again after pouring, crown it. Leave the bracing on.',
  'care.cement': 'Cement burns skin and lungs: gloves, mask, long sleeves; wash it off at once.',
} as const satisfies Phrases;
