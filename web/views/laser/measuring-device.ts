/** What a laser tape does, for a real one and for the stand-in alike: it streams readings until it is stopped. Lengths mm. */
export interface MeasuringDevice {
  readonly name: string;
  /** True for a stand-in; the panel says so. */
  readonly simulated: boolean;
  start(reading: (mm: number) => void): void;
  stop(): void;
}

/** A simulated laser tape: points at a distance that is set by hand, and reads it ten times a second with a little noise. */
export class SimulatedLaser implements MeasuringDevice {
  readonly name = 'Simulated laser tape';
  readonly simulated = true;
  private timer: ReturnType<typeof setInterval> | null = null;

  /** Noise of a usual instrument: ±1.5 mm (from memory). */
  constructor(
    public distanceMm: number,
    private noiseMm = 1.5,
    private chance: () => number = Math.random,
  ) {}

  start(reading: (mm: number) => void): void {
    this.stop();
    this.timer = setInterval(() => reading(this.distanceMm + (this.chance() * 2 - 1) * this.noiseMm), 100);
  }
  stop(): void {
    if (this.timer) clearInterval(this.timer);
    this.timer = null;
  }
}

/** The steady value of a stream: the median of its last readings, so that one wild reading moves nothing. */
export function steady(readings: readonly number[]): number {
  const sorted = [...readings].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  return sorted.length % 2 ? (sorted[middle] as number) : ((sorted[middle - 1] ?? 0) + (sorted[middle] ?? 0)) / 2;
}
