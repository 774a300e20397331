import type { CarriedGarden } from '@lignum/core/plan/carried';
import type { SeenGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import { askNewest } from '../../workers/newest';
import type { WorkedOut } from '../../worked/working';

/** What results need of the outside, so that they can be driven without a browser. */
export interface ResultsOutside {
  /** Somebody elsewhere who works a plan out; what they say of one is only understood after all they said before. */
  ask(plan: Plan): Promise<CarriedGarden>;
  unpack(plan: Plan, carried: CarriedGarden): SeenGarden;
  /** Where nobody elsewhere can be asked. */
  here(plan: Plan): Promise<SeenGarden>;
  /** The plan as it is now, and word when it is another. */
  plan(): Plan;
  follow(changed: () => void): () => void;
}

/**
 * What follows from the garden a tab works on, worked out away from the page: the newest there is, and while the plan
 * has gone on, the one before it. Nothing is asked while no view looks.
 */
export class GardenResults {
  private shown: WorkedOut | null = null;
  private lost = false;
  private asked: Plan | null = null;
  private readonly listeners = new Set<() => void>();
  private unfollow: (() => void) | null = null;
  private coming: Promise<WorkedOut> | null = null;

  private readonly desk = askNewest<Plan>((plan) => {
    void this.elsewhere(plan)
      .catch(() => {
        // Nobody there, or what was said cannot be understood any more: worked out here from now on.
        this.lost = true;
        return this.outside.here(plan);
      })
      .then((garden) => this.take(this.desk.answered(), garden));
  });

  constructor(private readonly outside: ResultsOutside) {}

  /** The newest results; null before the first. */
  get = (): WorkedOut | null => this.shown;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    this.unfollow ??= this.outside.follow(() => this.want());
    this.want();
    return () => {
      this.listeners.delete(listener);
      if (this.listeners.size > 0) return;
      this.unfollow?.();
      this.unfollow = null;
    };
  };

  /** The first results, for whoever cannot show anything before them; the same promise until they have come. */
  first(): Promise<WorkedOut> {
    this.coming ??= new Promise((come) => {
      const listener = () => {
        if (!this.shown) return;
        this.listeners.delete(listener);
        come(this.shown);
      };
      this.listeners.add(listener);
      this.want();
    });
    return this.coming;
  }

  private want(): void {
    const plan = this.outside.plan();
    if (this.asked === plan) return;
    this.asked = plan;
    this.desk.ask(plan);
  }

  private async elsewhere(plan: Plan): Promise<SeenGarden> {
    return this.lost ? this.outside.here(plan) : this.outside.unpack(plan, await this.outside.ask(plan));
  }

  private take(plan: Plan, garden: SeenGarden): void {
    this.shown = { plan, garden };
    for (const listener of [...this.listeners]) listener();
  }
}
