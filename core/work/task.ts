import type { Tool } from '../building/tools';
import type { Counted } from './counted';
import { SET_UP_MIN, TOOL_MIN } from './rates';

/**
 * A piece of work that is begun and ended on one day: one step of a structure, with what is only read before it.
 * @example { id: 'tomato-wall step.ends 1', structure: 'tomato-wall', step: 'step.ends 1', steps: [4], minutes: 20, people: 1, waitHours: 0, after: ['tomato-wall step.line 1'], … }
 */
export interface Task {
  /** By its structure and what the step is: the same for as long as the step is there. */
  id: string;
  structure: string;
  /** What its step is called in the record. */
  step: string;
  /** Which of the structure’s steps: the last is the work, those before it are only read. */
  steps: readonly number[];
  counted: readonly Counted[];
  /** By the rates and the gardener's own pace; of two people together where it takes two. */
  minutes: number;
  people: 1 | 2;
  /** Hours that what comes after has to wait: concrete that sets, soil that settles. */
  waitHours: number;
  /** Tasks that have to be done before, their waits over. */
  after: readonly string[];
  /** Not before this day: the wait of what is done already, or what it is made of has not been brought; null where nothing has to be waited for. */
  notBefore: string | null;
  /** The only days on which a tool that it is done with is there; null where all are there always. */
  onlyOn: readonly string[] | null;
  /** Two who are there at once can halve it between them: many small things, and no tool that is there once. */
  shared: boolean;
  tools: readonly Tool[];
  /** It pours concrete, which frost spoils. */
  pours: boolean;
  /** It digs or drives, which frozen ground forbids. */
  digs: boolean;
  /** The day by which all of its structure is wanted: "2027-05-12". */
  due: string | null;
}

/** What two do of a task that they share, each for so much of its time: they are in each other's way a little (from memory). */
export const SHARED = 0.55;
/** The minutes that a task takes so many people. */
export const minutesFor = (task: Task, people: number): number =>
  people > task.people ? task.minutes * SHARED : task.minutes;

/** Tools that take time to be set up and cleared away; small ones are in the box that comes anyway (from memory). */
export const LARGE_TOOLS: ReadonlySet<Tool> = new Set([
  'hole digger',
  'driver',
  'barrow',
  'saw bench',
  'saw',
  'tacker',
]);

/** Those of a task’s tools that are large. */
export const largeOf = ({ tools }: Task): Tool[] => tools.filter((tool) => LARGE_TOOLS.has(tool));

/** How long a task takes whoever begins the day with it, setting up counted in. Minutes. */
export const begunFirstMin = (task: Task): number => SET_UP_MIN + largeOf(task).length * TOOL_MIN + task.minutes;
