/** So many wrong passphrases within an hour are heard from one address, and from all together (ASVS 4.0.3, 2.2.1: a hundred). */
const MOST = { fromOne: 10, fromAll: 100 };
const WINDOW_MS = 3_600_000;

/** Counts who has tried in vain, so that nobody finds a passphrase by trying. */
export class Tries {
  private failed: { from: string; at: number }[] = [];

  /** After how long it is worth trying again from there; 0 where it is now. ms. */
  waitMs(from: string, nowMs: number): number {
    this.failed = this.failed.filter((one) => nowMs - one.at < WINDOW_MS);
    const mine = this.failed.filter((one) => one.from === from);
    const over = [mine.at(-MOST.fromOne), this.failed.at(-MOST.fromAll)].flatMap((one) => one ?? []);
    return Math.max(0, ...over.map((one) => one.at + WINDOW_MS - nowMs));
  }

  inVain(from: string, nowMs: number): void {
    this.failed.push({ from, at: nowMs });
  }

  /** Who has got in after all is not held to what went before. */
  gotIn(from: string): void {
    this.failed = this.failed.filter((one) => one.from !== from);
  }
}
