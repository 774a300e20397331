import { inches } from '../quantity/length';

/** Two lengths of a roll, or two strips of it, lie over each other by a hand (from memory). mm. */
export const LAP_MM = inches(4);
