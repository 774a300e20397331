import type { Phrases } from '../wording/say';

/** What speaks for and against a support, beside what the checks say in their own words. */
export const CHOOSING_PHRASES: Phrases = {
  'training.made-for': 'Made for how they are grown: {training}.',
  'training.other': 'For how they are grown ({training}) another support is better.',
  'bed.room': 'Room for {inset}, or {ends} planted from end to end.',
  'bed.some-room': 'Room for {inset} of the {wanted} only.',
  'bed.full': 'No room left.',
  'bed.sun': '{hours} h of sun a day; it wants {wants}.',
  'bed.shade': 'Only {hours} h of sun a day; it wants {wants}.',
  'bed.family-again': 'The {family} family stood here {years|year|years} ago: let it rest for three.',
  'bed.family-rests': 'The {family} family has not stood here for three years.',
  'bed.north': 'Nothing lies in its shadow to the north.',
  'bed.shades-many': 'As tall as this, it stands in the light of {beds|bed|beds}.',
  'plants.room': 'Room for {places|plant|plants} in the row.',
  'life.long': 'Its posts last about {seasons} seasons.',
  'life.short': 'Its posts last only about {seasons} seasons in soil.',
  'life.yearly': 'The {what} is bought anew every spring.',
  'moves.apart': 'Comes apart and stands elsewhere next year.',
  'moves.folds': 'Folds flat for the winter.',
  'moves.stays': 'Stays where it is built.',
  'shed.some': 'Uses up what is in the shed.',
  'work.week': 'About {minutes} minutes a week to tie and wind, in full growth.',
  'shade.takes': 'Takes up to {hours} h of sun a day from {bed}.',
  'cost.season-least': 'The least a season: {season}.',
  'cost.start-least': 'The cheapest to begin with: {total}.',
  'cost.season-more': '{season} a season, against {least} for the cheapest that suits.',
};
