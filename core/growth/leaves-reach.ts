/** Leaves reach out so far across a row at most (from memory). mm. */
export const LEAVES_REACH_MM = 500;
