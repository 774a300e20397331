/** Judgement is worked out away from the page: kinds for a planting, beds for a crop, room for wishes. */
export const choosingWorker = (): Worker => new Worker(new URL('../../workers/choosing.worker.ts', import.meta.url));
