/** What was made is kept for as long as it may be asked for again and there is room. Bytes. */
const MOST_BYTES = 32_000_000;

/** Things that were made, by a key that says all they follow from; those asked for longest ago go first. */
export class KeptAnswers<Made extends { body: string | Uint8Array }> {
  private readonly made = new Map<string, Made>();
  private bytes = 0;

  constructor(private readonly mostBytes = MOST_BYTES) {}

  get(key: string): Made | undefined {
    const found = this.made.get(key);
    if (found) {
      this.made.delete(key);
      this.made.set(key, found);
    }
    return found;
  }

  set(key: string, made: Made): void {
    const before = this.made.get(key);
    this.bytes += made.body.length - (before?.body.length ?? 0);
    this.made.delete(key);
    this.made.set(key, made);
    for (const [oldest, { body }] of this.made) {
      if (this.bytes <= this.mostBytes) return;
      this.made.delete(oldest);
      this.bytes -= body.length;
    }
  }
}
