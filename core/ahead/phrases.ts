import type { Phrases } from '../wording/say';

/** What is open in a garden and what it asks for next. */
export const AHEAD_PHRASES: Phrases = {
  'open.no-support': '{plants}: nothing to climb yet.',
  'open.stands':
    'Does not stand in the gust of ten years, about {on}: what works hardest of it uses {share} % of what it may.',
  'open.goes-over': 'Goes over or gives way in the gust of ten years, about {on}.',
  'open.leant-on': 'Does not bear somebody who leans on it.',
  'open.swung-on': 'Does not bear a child who swings on it.',
  'open.ladder': 'Does not bear a ladder that is set against it.',
  'open.snow': 'Does not bear {deep} of snow: take its net off, or sweep it.',
  'open.bed-over': 'Lies over {over}: move one of the two.',
  'open.bed-past': 'Goes {by} over the edge of the plot: move it, or make the plot as large as the ground is.',
  'open.gets-in': '{who}: they come to {bed}, from {from}.',
  'open.get-in': '{who}: they come to {beds|bed|beds}, from {from}.',
  'open.no-price': 'Has no price yet: the total is too low.',
  'open.too-long': 'Is not sold long enough.',
  'next.ground': 'How large is your ground?',
  'next.first-bed': 'Put down a first bed.',
  'next.plant': 'What grows in {bed}?',
  'next.on-what': '{plants} in {bed}: on what?',
  'next.visitors': 'Who visits this garden? Fences and nets follow.',
  'next.fails': '{count|thing|things} won’t work as planned.',
  'next.warns': '{count|thing|things} to look at before you build.',
  'next.shop': '{lines|line|lines} to buy, {total} in all.',
  'next.shop-rest': '{lines|line|lines} still to buy.',
  'next.weekends': 'Which weekends will {structures} structures take? Say who helps and when.',
  'next.print': '{plans|plan|plans} to print and take outside.',
};
