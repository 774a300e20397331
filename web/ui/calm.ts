/** What nobody waits for is fetched so long after the page has come alive. ms. */
export const CALM_MS = 2500;
