/**
 * What the rest of the house may ask of a role, whatever its kind calls it. Decision 4.
 * @example { as: 'body' } // posts: the structure lasts as long as they do
 */
export interface RoleTraits {
  /**
   * `body`: what a structure stands on, and lasts as long as. `guide`: leads plants to it, or current into the soil, holds nothing up and is
   * in nobody's way. `thread`: woven across it, and left out from above, where it would hide what it hangs on.
   * `brace`: goes aslant, and is marked in its place instead of by figures.
   */
  as?: 'body' | 'guide' | 'thread' | 'brace';
  /** Several lie over one another in one plane: from an end none of them hides another. */
  stacks?: true;
  /** It gives way in the wind and comes back, as twigs do: nothing is reckoned of it. */
  yields?: true;
}

/**
 * Traits by role; a role that has none need not be named.
 * @example { post: { as: 'body' }, slat: { stacks: true } }
 */
export type Traits = Readonly<Record<string, RoleTraits>>;
