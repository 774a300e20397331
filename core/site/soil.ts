/** What posts stand in, and how the place lies to the wind. */
export const SOILS = ['sand', 'loam', 'clay'] as const;
export type Soil = (typeof SOILS)[number];
export const WINDS = ['sheltered', 'usual', 'exposed'] as const;
export type Wind = (typeof WINDS)[number];
