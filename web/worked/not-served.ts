import type { Served } from './served';

/** In a browser a worker works the garden out; its page need not carry what does. */
export const served: Served = { plan: () => null, structures: () => [], garden: () => null };
