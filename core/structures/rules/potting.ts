/** Wet potting mix and the plants in it weigh about a kilogram a litre (from memory). */
export const WET_MIX_KG_L = 1;
/** A plant in a cup or a pocket drinks so much a day in summer (from memory). litres. */
export const LITRES_A_PLANT = 0.25;
