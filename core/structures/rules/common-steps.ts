import { CATALOGUE } from '../../catalogue/catalogue';
import { LAP_MM } from '../../catalogue/lap';
import { holeAcross } from '../assemblies/footing';
import type { Design } from '../../design/design';
import { isDug } from '../../design/standing';
import { asShape, ofShape, type Part } from '../../design/shapes/shapes';
import { distanceToEdge, type Pair } from '../../geometry/polygon';
import { feet, inches } from '../../quantity/length';
import { bedOutline } from '../../site/bed';
import { fact, type Phrases } from '../../wording/say';
import type { Step } from '../step';
import type { Setting } from '../setting';
import { footholdOf } from '../../site/stands/stands';

/** Steps in which the places are measured out; where a kind has none of these, that is said before all else. */
const SETS_OUT = new Set(['step.line', 'step.mark']);

/** What goes deeper into the ground than this may meet what lies in it (from memory). mm. */
const DEEP_MM = inches(10);
/** Services are asked for two to three working days ahead (common practice, no source). */
const SERVICES_HOURS = 72;
/** What is longer than this is no load for a car (from memory). mm. */
const LONG_MM = feet(10);
/** Tops that stand lower than this are met by an eye that bends down (from memory). mm. */
const EYES_MM = feet(6);

const buried = (part: Part): number => asShape(part, 'bar')?.buriedMm ?? 0;

/** How deep a part goes below the ground that was there before any bed was filled. mm. */
function belowGround(part: Part, { place }: Setting): number {
  return buried(part) - (footholdOf(place).own?.heightMm ?? 0);
}

/** Services found before any hole, with the wait; what lies under paving or decking is not dug. */
function located(design: Design, setting: Setting): Step[] {
  return design.parts.some((part) => belowGround(part, setting) > DEEP_MM)
    ? [
        {
          what: fact('step.locate'),
          people: 1,
          waitHours: SERVICES_HOURS,
          caution: fact('care.services'),
        },
      ]
    : [];
}

/** Long panels come home some other way than boards do. */
function fetched({ parts }: Design): Step[] {
  const long = parts.filter((part) => {
    const stock = CATALOGUE.stock(part.stock);
    return stock.form === 'panel' && part.cutMm > LONG_MM;
  });
  return long.length > 0
    ? [{ what: fact('step.fetch', { long: { mm: Math.max(...long.map((one) => one.cutMm)) } }), people: 2 }]
    : [];
}

/** What is longer than the roll it comes off is joined before it is stretched. */
function joined({ parts }: Design, setting: Setting): Step[] {
  const over = ofShape(parts, 'sheet').some(({ stock, cutMm, board }) => {
    const longest = setting.sizesOf(stock).at(-1);
    return (
      CATALOGUE.stock(stock).sold === 'rolls' && board === undefined && longest !== undefined && cutMm > longest + 0.5
    );
  });
  return over ? [{ what: fact('step.seam', { lap: { mm: LAP_MM } }), people: 1 }] : [];
}

/** Posts of a raised bed whose holes reach under its boards: what is dug there lets a board sink. */
function underBoards({ parts, posts, startMm }: Design, { place }: Setting): Step[] {
  const bed = footholdOf(place).own;
  if (!bed || bed.heightMm === 0) return [];
  const outline = bedOutline(bed);
  const dug = new Set(posts.filter(isDug).map(({ id }) => id));
  const under = ofShape(parts, 'bar').filter((post) => {
    if (!dug.has(post.id)) return false;
    const at: Pair = [post.from[0] + startMm - bed.lengthMm / 2, post.from[1]];
    return distanceToEdge(at, outline) < holeAcross(post) / 2;
  });
  return under.length > 0 ? [{ what: fact('step.boards-last', { posts: under.length }), people: 1 }] : [];
}

/** Treated timber in the soil: what it is bought as, which end goes down, what its cuts get. */
function inGround({ parts }: Design): Step[] {
  const treated = parts.some((part) => {
    const stock = CATALOGUE.stock(part.stock);
    return buried(part) > 0 && stock.form === 'timber' && stock.treatment === 'treated';
  });
  return treated ? [{ what: fact('step.ground'), people: 1 }] : [];
}

/** Tops that an eye could meet, of canes and steel posts. */
function topped({ parts, traits }: Design): Step[] {
  const tops = ofShape(parts, 'bar').some(
    (part) =>
      part.to[2] < EYES_MM &&
      (traits[part.role]?.as === 'guide' || (buried(part) > 0 && CATALOGUE.stock(part.stock).form === 'steel post')),
  );
  return tops ? [{ what: fact('step.tops'), people: 1 }] : [];
}

/**
 * The steps of a kind with those that are the same for all of them: services found, panels fetched, rolls joined, timber
 * made ready for the ground, holes under a bed’s boards dug first; places measured from one zero, with a tape that does
 * not stretch, not by the rim of a bed; tops capped (common practice, no source).
 */
export function withCommonSteps(steps: readonly Step[], design: Design, setting: Setting): Step[] {
  const { place } = setting;
  const at = Math.max(
    0,
    steps.findIndex((step) => SETS_OUT.has(step.what.code)),
  );
  const raised = (footholdOf(place).own?.heightMm ?? 0) > 0;
  const tape: Step = { what: fact(raised ? 'step.tape.bed' : 'step.tape'), people: 1 };
  return [
    ...located(design, setting),
    ...fetched(design),
    ...inGround(design),
    ...underBoards(design, setting),
    ...steps.slice(0, at),
    tape,
    ...joined(design, setting),
    ...steps.slice(at),
    ...topped(design),
  ];
}

export const STEP_PHRASES = {
  'step.locate':
    'Have public services marked before any hole: ask three working days ahead, and dig before the marks expire. Lines of your own (watering, lights, gas to a grill) nobody marks for you.',
  'step.fetch':
    'Panels of {long} are no load for a car: have them delivered, or cut where they are bought; bent into a long bow and tied to the roof front and back they travel a few miles, slowly.',
  'step.boards-last':
    'The holes of {posts|post|posts} reach under the boards of the bed: dig them before its boards are set, or take those boards off and put them back when the hole is filled and has settled. Dug under, a board sinks.',
  'step.seam':
    'What is longer than its roll is joined first, laid out flat: one length {lap} over the next, laced with cord or wire in every hand’s width.',
  'step.ground':
    'Posts that go into the ground: timber rated for ground contact (use class 4, UC4A), its factory end down, every cut brushed with preservative. Copper-treated wood takes hot-dip galvanised or stainless screws and nails.',
  'step.tape':
    'Measure everything from one end with one steel tape, and call out the running figures: cloth tapes stretch, and lengths measured one after another add up their errors. Equal heights come from a string or a level.',
  'step.tape.bed':
    'Measure everything from one end with one steel tape, and call out the running figures: cloth tapes stretch. Take levels from a string or a level, not from the rim of the bed.',
  'step.tops':
    'Cap every cane and every steel post that ends below the height of your eyes: a cork, an old ball, a bright cap.',
  'care.services': 'Electricity and gas kill. Call the free location service where there is one; local rules decide.',
} as const satisfies Phrases;
