/** What a thing is called on a plan, in one or two signs, and where their middle is. px. */
export interface Called {
  said: string;
  x: number;
  y: number;
}

/** Two of them stand clear of each other so far apart. px. */
const CLEAR_PX = { x: 17, y: 12 };
/** A step to the side of a middle that is taken, and how many of them are tried each way. */
const STEP = { xPx: 9, yPx: 12, most: 4 };

/** Steps from a middle, the nearest first. */
const STEPS = Array.from({ length: (2 * STEP.most + 1) ** 2 }, (_, i) => {
  const side = 2 * STEP.most + 1;
  return { x: ((i % side) - STEP.most) * STEP.xPx, y: (Math.floor(i / side) - STEP.most) * STEP.yPx };
}).toSorted((a, b) => Math.hypot(a.x, a.y) - Math.hypot(b.x, b.y));

/**
 * Names that stand clear of each other: each in its middle, or as near to it as there is room.
 * @example apart([{ said: '1', x: 0, y: 0 }, { said: 'A', x: 0, y: 0 }])[1]?.y // -12
 */
export function apart(wishes: readonly Called[]): Called[] {
  return wishes.reduce<Called[]>((placed, one) => {
    const free = STEPS.find(({ x, y }) =>
      placed.every(
        (other) => Math.abs(other.x - one.x - x) >= CLEAR_PX.x || Math.abs(other.y - one.y - y) >= CLEAR_PX.y,
      ),
    ) ?? { x: 0, y: 0 };
    return [...placed, { ...one, x: one.x + free.x, y: one.y + free.y }];
  }, []);
}
