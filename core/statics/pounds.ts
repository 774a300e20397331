/** Feet in a metre (1 ft = 0.3048 m exactly, international agreement of 1959). */
export const FEET_PER_M = 1 / 0.3048;
/** A pound-force in newtons (0.45359237 kg × 9.80665 m/s², exactly). */
export const NEWTON_PER_POUND = 0.45359237 * 9.80665;
