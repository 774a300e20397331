import type { ToldKnob } from '../words/knob-words';
import type { Answer, answerRoundAll } from '@lignum/core/choosing/keep-out';
import type { Choice } from '@lignum/core/choosing/weigh';
import type { Granted, Wish } from '@lignum/core/choosing/share-out';
import type { BedChoice } from '@lignum/core/choosing/where';
import type { beside } from '@lignum/core/ahead/whole';
import type { MendableVerdict } from '@lignum/core/plan/mends';
import type { Point } from '@lignum/core/geometry/space';
import type { Plan, Planting, StructurePlan } from '@lignum/core/plan/plan';
import type { Built } from '@lignum/core/work/left';
import type { Recut } from '@lignum/core/work/recut';
import type { Weekends } from '@lignum/core/work/weekends';
import type { Blown, StandsAnswer, standsIn } from '@lignum/core/plan/stands';

/** Which kind of support is best for a planting: each is sketched as it would enter the plan. */
export interface KindsQuestion {
  about: 'kinds';
  plan: Plan;
  sketches: readonly (readonly StructurePlan[])[];
}

/** Which bed is best for a planting, whether it is in the plan or not. */
export interface BedsQuestion {
  about: 'beds';
  plan: Plan;
  planting: Pick<Planting, 'id' | 'crop' | 'training' | 'count'>;
}

/** Where a list of wishes has room. */
export interface WishesQuestion {
  about: 'wishes';
  plan: Plan;
  wishes: readonly Wish[];
}

/** What would keep out whoever still comes to a bed. */
export interface KeepOutQuestion {
  about: 'keep out';
  plan: Plan;
  bed: string;
}

/** What one fence round all planted beds would do. */
export interface RoundAllQuestion {
  about: 'round all';
  plan: Plan;
}

/** What was found of a structure, with what would mend it. */
export interface MendsQuestion {
  about: 'mends';
  plan: Plan;
  structure: string;
}

/** What stands, weighed one by one. */
export interface WeighQuestion {
  about: 'weigh';
  plan: Plan;
  structures: readonly string[];
}

/** Another layout beside this one. */
export interface BesideQuestion {
  about: 'beside';
  plan: Plan;
  other: Plan;
  seasons: number;
}

/** Whom what would be built takes sun from: each in its garden as it would be then. */
export interface ShadesQuestion {
  about: 'shades';
  plan: Plan;
  examples: readonly { within: Plan; structure: string }[];
}

/** What a structure withstands week by week, and what would help. */
export interface StandsQuestion {
  about: 'stands';
  plan: Plan;
  structure: string;
  /** Whether it is looked for what would help too. */
  helps: boolean;
}

/** How what stands in a garden stands, shortly; of those that are told, or of all. */
export interface StandsInQuestion {
  about: 'stands in';
  plan: Plan;
  only?: readonly string[];
}

/** What one gust does to it on a day. */
export interface BlownQuestion {
  about: 'blown';
  plan: Plan;
  structure: string;
  day: number;
  gustMs: number;
  /** The way it blows, in its own frame. */
  way: Point;
}

/** All the work of a garden on its days. */
export interface WeekendsQuestion {
  about: 'weekends';
  plan: Plan;
  built: Built;
  /** "2027-03-01": no work is planned before it. */
  today: string;
}

/** What becomes of what was cut and bought of a structure, once it is not as it was planned. */
export interface RecutQuestion {
  about: 'recut';
  plan: Plan;
  /** The plan without what was measured: by that was bought, and cut where nobody noted how long. */
  planned: Plan;
  structure: string;
  cut: Readonly<Record<string, number | null>>;
  /** Ticked off: what is cut of all structures, what is built of this one, and lines of the list. */
  ticked: {
    cut: readonly { structure: string; part: string }[];
    built: readonly string[];
    bought: readonly { stock: string; size: number }[];
  };
}

export type ChoosingQuestion =
  | RecutQuestion
  | WeekendsQuestion
  | StandsQuestion
  | StandsInQuestion
  | BlownQuestion
  | ShadesQuestion
  | BesideQuestion
  | KindsQuestion
  | BedsQuestion
  | WishesQuestion
  | KeepOutQuestion
  | RoundAllQuestion
  | MendsQuestion
  | WeighQuestion;
/** By kind; without what will not do where it is drawn. */
export type ShadesAnswer = Readonly<Record<string, Choice['shade']>>;
export type KindsAnswer = readonly Choice[];
export type BedsAnswer = readonly BedChoice[];
export type WishesAnswer = readonly Granted[];
export type WeighedAnswer = Answer & { choice: Choice };
export type KeepOutAnswer = readonly WeighedAnswer[];
export type RoundAllAnswer = (NonNullable<ReturnType<typeof answerRoundAll>> & WeighedAnswer) | null;
/** With what is told of the knobs they turn. */
export interface MendsAnswer {
  verdicts: readonly MendableVerdict[];
  knobs: Readonly<Record<string, ToldKnob>>;
}
export type WeighAnswer = readonly Choice[];
export type BesideAnswer = ReturnType<typeof beside>;
/** With what is told of the knobs that help; null of what is not in the plan. */
export type StandsTold = (StandsAnswer & { knobs: Readonly<Record<string, ToldKnob>> }) | null;
export type StandsInAnswer = ReturnType<typeof standsIn>;
export type BlownAnswer = Blown | null;
export type WeekendsAnswer = Weekends;
export type RecutAnswer = readonly Recut[];
export type ChoosingAnswer =
  | RecutAnswer
  | WeekendsAnswer
  | StandsTold
  | StandsInAnswer
  | BlownAnswer
  | ShadesAnswer
  | BesideAnswer
  | KindsAnswer
  | BedsAnswer
  | WishesAnswer
  | KeepOutAnswer
  | RoundAllAnswer
  | MendsAnswer
  | WeighAnswer;
