import type { Tool } from '../building/tools';
import type { Fact } from '../wording/say';

/**
 * A step of building: said in order, with the people it takes and the caution where it belongs.
 * @example { what: fact('step.set', { depth: { mm: 610 } }), people: 2, caution: fact('care.saw') }
 */
export interface Step {
  what: Fact;
  /** The parts it adds, where its kind states them, and what it is done with; else filled in from what its kind does. */
  adds?: readonly string[];
  uses?: readonly Tool[];
  /** Kinds of joints it makes, where that is not as soon as their parts are there. */
  joins?: readonly string[];
  people: 1 | 2;
  waitHours?: number;
  caution?: Fact;
}

/**
 * A step as its kind states it: for one, where nothing else is said.
 * @example { what: fact('step.measure') } // for one
 */
export type StatedStep = Omit<Step, 'people'> & { people?: 1 | 2 };

/**
 * Something to do through the season: on a day ("06-12"), or when it is time (null).
 * @example { on: '03-15', what: fact('season.walk') }
 */
export interface SeasonNote {
  on: string | null;
  what: Fact;
}
