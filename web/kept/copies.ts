/** The nightly copies of the database: whether they are made, where, and when the last one was. */
export type Copies = { made: false } | { made: true; lastAt: string | null; folder: string };
