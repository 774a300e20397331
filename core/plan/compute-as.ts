import { CATALOGUE } from '../catalogue/catalogue';
import { acrossBeds } from '../checks/across-beds';
import { byUrgency, type Verdict } from '../checks/check';
import { familyRests } from '../checks/family-rests';
import { keepsClear } from '../checks/keep-clear';
import { letsPostsIn } from '../checks/lets-posts-in';
import { onItsBed } from '../checks/on-its-bed';
import { onThePlot } from '../checks/on-the-plot';
import { tiesPerish } from '../checks/ties-perish';
import { buy, type Shopping } from '../costing/buy';
import { cost, type Cost } from '../costing/cost';
import { plantsOf, type Design } from '../design/design';
import { feetLetIn, feetOf, overEdge, stanceOf } from '../design/on-plot';
import { distanceToOutline } from '../geometry/polygon';
import { takeOff, type BillLine } from '../materials/take-off';
import { bedsAcross } from '../site/across-beds';
import { bedOnPlot } from '../site/bed';
import { toPlot, type Frame } from '../site/frame';
import { asPlace, bedsOf, frameOf, footholdOf } from '../site/stands/stands';
import type { Settings } from '../structures/knob';
import type { Guard } from '../site/visitors';
import type { KindCard, MadeBed, Sized, StructureKind } from '../structures/kind';
import type { Setting } from '../structures/setting';
import { alongAsBuilt, meetAlong } from './along-bed';
import { aroundOf, type Around, type Tied } from './around';
import { stoodIn } from './growing';
import type { Plan, StructurePlan } from './plan';
import { settingOf, tiedTo, withStructure, type Kinds } from './setting-of';

/** Everything that follows from one structure, for whoever shows it: of its kind only the card, which needs none of its code. */
export interface SeenStructure {
  structure: StructurePlan;
  kind: KindCard;
  setting: Setting;
  sized: Sized;
  /** The way from its own frame to the plot, and what lies about it, in its own frame. */
  frame: Frame;
  around: Around;
  bill: readonly BillLine[];
  shopping: Shopping;
  cost: Cost;
  /** How it stands against who visits; null for what keeps nobody out. */
  guard: Guard | null;
  /** What it makes of the bed whose sides it is; null for what is no bed. */
  makes: MadeBed | null;
  verdicts: readonly Verdict[];
}

/** @example computeAs(kindOf, plan, structure).cost.totalMinor */
export interface ComputedStructure extends SeenStructure {
  kind: StructureKind;
}

/** A design with what it takes and what that costs. */
export interface Priced {
  sized: Sized;
  bill: readonly BillLine[];
  shopping: Shopping;
  cost: Cost;
}

/** Sizes a structure with some settings, bills it and buys that alone. */
export function price(
  plan: Plan,
  structure: StructurePlan,
  kind: StructureKind,
  settings: Settings,
  setting: Setting,
): Priced {
  const sized = kind.design(settings, setting);
  const bill = takeOff(sized.design, CATALOGUE);
  const shopping = buy(
    [{ structure: structure.id, lines: bill }],
    plan.priceBook,
    plan.shed,
    CATALOGUE,
    plan.garden.saw?.kerfMm,
  );
  return {
    sized,
    bill,
    shopping,
    cost: cost(shopping, plan.priceBook, CATALOGUE, {
      plants: sized.design.roomFor ?? plantsOf(sized.design).length,
      rowMm: sized.design.builtMm,
    }),
  };
}

/** What is said of where it stands: on its bed, within the plot. What is walked into stands round its bed. */
function standsOn(plan: Plan, design: Design, { place }: Setting, frame: Frame): (Verdict | null)[] {
  const { own, underfoot } = footholdOf(place);
  const outline = own && !design.walls ? bedOnPlot(own) : null;
  const line = asPlace(place, 'path');
  return [
    own && outline
      ? onItsBed({
          outMm: stanceOf(design).map(([x, y]) => distanceToOutline(toPlot(frame, x, y), outline)),
          bed: own,
        })
      : null,
    underfoot
      ? letsPostsIn({ feet: feetLetIn(design, own?.heightMm ?? 0), underfoot, soilMm: own?.heightMm ?? null })
      : null,
    onThePlot({ overMm: overEdge(design, frame, plan.site) }),
    line
      ? acrossBeds({
          beds: bedsAcross(line.spots, line.closed, plan.beds).map(({ bed: { name }, mm }) => ({ name, mm })),
        })
      : null,
  ];
}

/** What is said of a design whatever its kind: where it stands, what is near its feet, what grew there before, what does not last. */
function anywhere(plan: Plan, { design }: Sized, setting: Setting): (Verdict | null)[] {
  const frame = frameOf(setting.place, design.startMm);
  const ties = design.joints
    .flatMap((joint) => joint.fixings)
    .reduce((sum, { stock, count }) => sum + (stock === 'tie-plastic' ? count : 0), 0);
  return [
    ...standsOn(plan, design, setting, frame),
    ...keepsClear({ feet: feetOf(design).map(([x, y]) => toPlot(frame, x, y)), features: plan.features }),
    familyRests({
      planted: setting.planted,
      beds: bedsOf(setting.place).map((bed) => {
        const stood = stoodIn(plan, bed);
        const stoodUnder = (planting: string) => {
          const along = alongAsBuilt(design, frame, bed, planting);
          return stood.filter((one) => meetAlong(one.along, along));
        };
        return { ...bed, stoodUnder };
      }),
    }),
    tiesPerish({ ties }),
  ];
}

/** What is seen beside a structure of those it is tied to: all of a guest, of a host the posts on either side; frames on the plot. */
const tiedParts = (kinds: Kinds, plan: Plan, structure: StructurePlan, { place }: Setting): Tied[] =>
  tiedTo(plan, structure).map((other) => {
    const setting = settingOf(kinds, withStructure(plan, structure), other);
    const { design } = kinds(other.kind).design(other.knobs, setting);
    const { gap } = footholdOf(place);
    const parts = gap ? design.parts.filter((part) => gap.opening.posts.includes(part.id)) : design.parts;
    return { id: other.id, parts, at: frameOf(setting.place, design.startMm) };
  });

/** Who of those that visit comes past what keeps somebody out; what stands in a run is told of with that. */
const whoComes = (kind: StructureKind, sized: Sized, setting: Setting): Verdict | null =>
  footholdOf(setting.place).gap ? null : kind.stillCome(sized, setting);

/** What is said of a design where it stands, whatever its kind and by its kind; the most urgent first. */
export const judge = (kind: StructureKind, plan: Plan, sized: Sized, setting: Setting): Verdict[] =>
  byUrgency([...anywhere(plan, sized, setting), ...kind.judge(sized, setting), whoComes(kind, sized, setting)]);

/**
 * Everything that follows from one structure of a checked plan, as if it were bought alone. Kinds are
 * handed in, so that a page that shows one support need not carry all of them: its own kind is asked for,
 * and those of what it is tied to. Whether another stands in its place is added by `withClashes`, what
 * would mend its findings by `withMends`: neither has to be waited for.
 */
export function computeAs(kinds: Kinds, plan: Plan, structure: StructurePlan): ComputedStructure {
  const kind = kinds(structure.kind);
  const setting = settingOf(kinds, plan, structure);
  const priced = price(plan, structure, kind, structure.knobs, setting);
  const frame = frameOf(setting.place, priced.sized.design.startMm);
  const around = aroundOf(setting.place, frame, tiedParts(kinds, plan, structure, setting), kind.purpose === 'bed');
  return {
    structure,
    kind,
    setting,
    frame,
    around,
    ...priced,
    guard: kind.guards(priced.sized, setting),
    makes: kind.makesBed(structure.knobs, setting),
    verdicts: judge(kind, plan, priced.sized, setting),
  };
}
