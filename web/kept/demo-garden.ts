/** The address of the garden that ships. */
export const DEMO_GARDEN = 'ferry-house';
