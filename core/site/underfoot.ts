/** What is asked of the ground wherever there is no bed. */
export const UNDERFOOT = ['soil', 'paving', 'decking', 'balcony'] as const;

/**
 * What a structure stands on where there is no bed. What a deck or a balcony may carry is entered with who answers for
 * it, and null while nobody has said. kg/m².
 */
export type Underfoot =
  { is: 'soil' } | { is: 'paving' } | { is: 'decking' | 'balcony'; bearsKgM2: number | null; answeredBy: string };

export const SOIL: Underfoot = { is: 'soil' };

/** Whether something can be driven or let into it. */
export const takesPosts = ({ is }: Underfoot): boolean => is === 'soil';
