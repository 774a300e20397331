import type { Market } from '../catalogue/stock';
import type { Site } from './plot';

/**
 * What a new garden in a part of the world begins with, until its gardener types over it: where it lies, its frosts,
 * its year, its gust, how shops there sell.
 */
export interface Region {
  id: string;
  name: string;
  /** Fills the place of a site: the middle of the region, roughly. */
  site: Pick<
    Site,
    'latitudeDeg' | 'longitudeDeg' | 'zone' | 'lastFrost' | 'firstFrost' | 'frostDepthMm' | 'gustMs' | 'monthlyC'
  >;
  market: Market;
  currency: string;
  locale: string;
  /** Sales tax on garden goods, and whether the price on the shelf has it in. */
  taxPercent: number;
  pricesIncludeTax: boolean;
  /** Dry concrete is sold in bags of so much. kg. */
  concreteBagsKg: readonly number[];
}

/** Exactly, by the agreement of 1959. kg. */
const POUND_KG = 0.45359237;
/** 50, 60 and 80 lb (common practice, no source). */
const POUND_BAGS = [50, 60, 80].map((pounds) => Math.round(pounds * POUND_KG * 10) / 10);

/**
 * All from memory: frosts are those of an ordinary garden in the middle of each region, in a middling year; means of
 * months are those of a town there, to a degree; gusts are of the order that local wind maps show for low buildings, once
 * in fifty years (those of the US show what comes once in seven hundred: taken by √(1 / 1.6), ASCE 7-22, C26.5); frost
 * depths are of the order of local building rules; taxes are the ordinary rate. Each value stands in the garden's own
 * sheet, to be typed over with what is measured or asked there.
 */
export const REGIONS: readonly Region[] = [
  {
    id: 'north-atlantic',
    name: 'Ireland and western Britain',
    site: {
      latitudeDeg: 52.8,
      longitudeDeg: -6.5,
      zone: 'Europe/Dublin',
      lastFrost: '05-05',
      firstFrost: '10-28',
      frostDepthMm: 300,
      gustMs: 32,
      monthlyC: {
        max: [8, 8.5, 10.5, 12.5, 15.5, 18, 19.5, 19.5, 17.5, 14, 10.5, 8.5],
        min: [2.5, 2.5, 3.5, 4.5, 7, 10, 11.5, 11.5, 10, 7.5, 4.5, 3],
      },
    },
    market: 'metric',
    currency: 'EUR',
    locale: 'en-IE',
    taxPercent: 23,
    pricesIncludeTax: true,
    concreteBagsKg: [20, 25],
  },
  {
    id: 'england',
    name: 'England',
    site: {
      latitudeDeg: 52.2,
      longitudeDeg: -0.5,
      zone: 'Europe/London',
      lastFrost: '05-05',
      firstFrost: '10-25',
      frostDepthMm: 450,
      gustMs: 28,
      monthlyC: {
        max: [7.5, 8, 10.5, 13.5, 17, 20, 22.5, 22, 19, 15, 10.5, 7.5],
        min: [1.5, 1.5, 2.5, 4.5, 7, 10, 12.5, 12, 10, 7.5, 4, 2],
      },
    },
    market: 'metric',
    currency: 'GBP',
    locale: 'en-GB',
    taxPercent: 20,
    pricesIncludeTax: true,
    concreteBagsKg: [20, 25],
  },
  {
    id: 'central-europe',
    name: 'Central Europe',
    site: {
      latitudeDeg: 49.5,
      longitudeDeg: 11,
      zone: 'Europe/Berlin',
      lastFrost: '05-15',
      firstFrost: '10-12',
      frostDepthMm: 800,
      gustMs: 28,
      monthlyC: {
        max: [3, 5, 9.5, 14.5, 19, 22.5, 24.5, 24, 19.5, 14, 7.5, 4],
        min: [-3, -3, 0, 3, 7.5, 11, 12.5, 12, 8.5, 4.5, 1, -1.5],
      },
    },
    market: 'metric',
    currency: 'EUR',
    locale: 'de-DE',
    taxPercent: 19,
    pricesIncludeTax: true,
    concreteBagsKg: [25, 40],
  },
  {
    id: 'low-countries',
    name: 'The Low Countries and northern France',
    site: {
      latitudeDeg: 51.5,
      longitudeDeg: 4.5,
      zone: 'Europe/Amsterdam',
      lastFrost: '05-05',
      firstFrost: '10-25',
      frostDepthMm: 600,
      gustMs: 29,
      monthlyC: {
        max: [6, 7, 10.5, 14.5, 18.5, 21, 23, 23, 19.5, 15, 9.5, 6.5],
        min: [1, 0.5, 2.5, 4.5, 8.5, 11.5, 13.5, 13, 10.5, 7.5, 4, 1.5],
      },
    },
    market: 'metric',
    currency: 'EUR',
    locale: 'nl-NL',
    taxPercent: 21,
    pricesIncludeTax: true,
    concreteBagsKg: [20, 25],
  },
  {
    id: 'mediterranean',
    name: 'Round the Mediterranean',
    site: {
      latitudeDeg: 42.5,
      longitudeDeg: 8,
      zone: 'Europe/Paris',
      lastFrost: '03-15',
      firstFrost: '11-25',
      frostDepthMm: 200,
      gustMs: 30,
      monthlyC: {
        max: [11.5, 12.5, 15, 17.5, 21.5, 25.5, 28.5, 28.5, 25, 20.5, 15.5, 12.5],
        min: [4, 4, 6.5, 9, 12.5, 16.5, 19, 19, 16, 12.5, 8, 5],
      },
    },
    market: 'metric',
    currency: 'EUR',
    locale: 'fr-FR',
    taxPercent: 20,
    pricesIncludeTax: true,
    concreteBagsKg: [25, 35],
  },
  {
    id: 'nordic',
    name: 'Southern Scandinavia',
    site: {
      latitudeDeg: 58.5,
      longitudeDeg: 15,
      zone: 'Europe/Stockholm',
      lastFrost: '05-20',
      firstFrost: '10-01',
      frostDepthMm: 1100,
      gustMs: 26,
      monthlyC: {
        max: [1, 1.5, 5, 10.5, 16.5, 20.5, 22.5, 21.5, 16.5, 10.5, 5.5, 2],
        min: [-4.5, -5, -3, 1, 5.5, 10, 12.5, 11.5, 8, 4, 0.5, -3],
      },
    },
    market: 'metric',
    currency: 'SEK',
    locale: 'sv-SE',
    taxPercent: 25,
    pricesIncludeTax: true,
    concreteBagsKg: [15, 25],
  },
  {
    id: 'us-northeast',
    name: 'US: the Northeast and the Great Lakes',
    site: {
      latitudeDeg: 42,
      longitudeDeg: -77,
      zone: 'America/New_York',
      lastFrost: '05-12',
      firstFrost: '10-05',
      frostDepthMm: 1070,
      gustMs: 36,
      monthlyC: {
        max: [0, 1.5, 7, 14.5, 21, 25.5, 28, 27, 23, 16, 9, 2.5],
        min: [-9, -8.5, -4, 2, 8, 13, 16, 15, 11, 4.5, 0, -6],
      },
    },
    market: 'imperial',
    currency: 'USD',
    locale: 'en-US',
    taxPercent: 7,
    pricesIncludeTax: false,
    concreteBagsKg: POUND_BAGS,
  },
  {
    id: 'us-southeast',
    name: 'US: the Southeast',
    site: {
      latitudeDeg: 34,
      longitudeDeg: -83.5,
      zone: 'America/New_York',
      lastFrost: '04-05',
      firstFrost: '11-05',
      frostDepthMm: 150,
      gustMs: 37,
      monthlyC: {
        max: [11.5, 13.5, 18, 22.5, 26.5, 30.5, 32, 31.5, 28, 23, 17.5, 12.5],
        min: [0, 1.5, 5, 9, 14, 18.5, 21, 20.5, 17, 10.5, 5, 1.5],
      },
    },
    market: 'imperial',
    currency: 'USD',
    locale: 'en-US',
    taxPercent: 7,
    pricesIncludeTax: false,
    concreteBagsKg: POUND_BAGS,
  },
  {
    id: 'us-midwest',
    name: 'US: the Midwest and the plains',
    site: {
      latitudeDeg: 41,
      longitudeDeg: -93,
      zone: 'America/Chicago',
      lastFrost: '05-05',
      firstFrost: '10-05',
      frostDepthMm: 1070,
      gustMs: 38,
      monthlyC: {
        max: [-1, 2, 9, 16.5, 22.5, 28, 30, 29, 25, 18, 9, 1.5],
        min: [-11, -8.5, -2.5, 3.5, 10, 16, 18.5, 17, 11.5, 5, -2, -8.5],
      },
    },
    market: 'imperial',
    currency: 'USD',
    locale: 'en-US',
    taxPercent: 7,
    pricesIncludeTax: false,
    concreteBagsKg: POUND_BAGS,
  },
  {
    id: 'us-northwest',
    name: 'US: the Pacific Northwest',
    site: {
      latitudeDeg: 46.5,
      longitudeDeg: -122.8,
      zone: 'America/Los_Angeles',
      lastFrost: '04-20',
      firstFrost: '10-25',
      frostDepthMm: 300,
      gustMs: 34,
      monthlyC: {
        max: [8, 10, 13, 16, 20, 22.5, 26.5, 27, 23.5, 17, 11, 7.5],
        min: [1.5, 1.5, 3, 4.5, 7.5, 10.5, 12.5, 12.5, 10, 6.5, 3.5, 1.5],
      },
    },
    market: 'imperial',
    currency: 'USD',
    locale: 'en-US',
    taxPercent: 9,
    pricesIncludeTax: false,
    concreteBagsKg: POUND_BAGS,
  },
  {
    id: 'us-california',
    name: 'US: California and the dry Southwest',
    site: {
      latitudeDeg: 37.5,
      longitudeDeg: -121,
      zone: 'America/Los_Angeles',
      lastFrost: '03-10',
      firstFrost: '11-20',
      frostDepthMm: 0,
      gustMs: 32,
      monthlyC: {
        max: [13, 16.5, 19.5, 22.5, 27, 31, 34, 33.5, 31, 25.5, 18.5, 13],
        min: [4, 5.5, 7, 8.5, 11.5, 14, 16, 15.5, 14, 10.5, 6.5, 3.5],
      },
    },
    market: 'imperial',
    currency: 'USD',
    locale: 'en-US',
    taxPercent: 8,
    pricesIncludeTax: false,
    concreteBagsKg: POUND_BAGS,
  },
  {
    id: 'canada-south',
    name: 'Southern Canada',
    site: {
      latitudeDeg: 44.5,
      longitudeDeg: -79,
      zone: 'America/Toronto',
      lastFrost: '05-18',
      firstFrost: '09-30',
      frostDepthMm: 1200,
      gustMs: 40,
      monthlyC: {
        max: [-2, -1, 4.5, 12, 19, 24, 27, 26, 21.5, 14, 7, 1],
        min: [-10.5, -10, -5, 1, 7.5, 12.5, 15.5, 14.5, 10.5, 4.5, 0, -6.5],
      },
    },
    market: 'imperial',
    currency: 'CAD',
    locale: 'en-CA',
    taxPercent: 13,
    pricesIncludeTax: false,
    concreteBagsKg: [25, 30],
  },
  {
    id: 'australia-south',
    name: 'Southern Australia',
    site: {
      latitudeDeg: -37.5,
      longitudeDeg: 145,
      zone: 'Australia/Melbourne',
      lastFrost: '09-25',
      firstFrost: '05-20',
      frostDepthMm: 0,
      gustMs: 41,
      monthlyC: {
        max: [26.5, 26.5, 24, 20.5, 17, 14, 13.5, 15, 17.5, 20, 22.5, 24.5],
        min: [14.5, 14.5, 13, 10.5, 8.5, 6.5, 6, 6.5, 7.5, 9, 11, 12.5],
      },
    },
    market: 'metric',
    currency: 'AUD',
    locale: 'en-AU',
    taxPercent: 10,
    pricesIncludeTax: true,
    concreteBagsKg: [20, 30],
  },
  {
    id: 'new-zealand',
    name: 'New Zealand',
    site: {
      latitudeDeg: -41,
      longitudeDeg: 174.5,
      zone: 'Pacific/Auckland',
      lastFrost: '10-01',
      firstFrost: '05-10',
      frostDepthMm: 0,
      gustMs: 44,
      monthlyC: {
        max: [21, 21.5, 19.5, 17, 14.5, 12, 11.5, 12.5, 14, 15.5, 17.5, 19.5],
        min: [13.5, 14, 12.5, 10.5, 8.5, 6.5, 6, 6.5, 7.5, 9, 10.5, 12.5],
      },
    },
    market: 'metric',
    currency: 'NZD',
    locale: 'en-NZ',
    taxPercent: 15,
    pricesIncludeTax: true,
    concreteBagsKg: [20, 25],
  },
];

/** A region by its id; undefined where there is none of that name. */
export const regionOf = (id: string): Region | undefined => REGIONS.find((one) => one.id === id);

/** The region whose middle lies nearest to a place, by the great circle (haversine). @example regionNear(52.1, -6.9).id // 'north-atlantic' */
export function regionNear(latitudeDeg: number, longitudeDeg: number): Region {
  const rad = Math.PI / 180;
  const apart = ({ site }: Region): number => {
    const north = Math.sin(((site.latitudeDeg - latitudeDeg) * rad) / 2) ** 2;
    const east = Math.sin(((site.longitudeDeg - longitudeDeg) * rad) / 2) ** 2;
    return north + Math.cos(latitudeDeg * rad) * Math.cos(site.latitudeDeg * rad) * east;
  };
  return REGIONS.reduce((near, one) => (apart(one) < apart(near) ? one : near));
}
