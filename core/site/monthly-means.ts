/** Means of each month's daily highest and lowest temperature, January first. °C. */
export interface MonthlyMeans {
  max: readonly number[];
  min: readonly number[];
}
