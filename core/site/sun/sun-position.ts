/**
 * Where the sun stands. Ecliptic longitude, nutation and sidereal time after Meeus, *Astronomical
 * Algorithms* (2nd ed. 1998), chapters 12, 22 and 25 (low accuracy), with four of the five
 * perturbations of his *Astronomical Formulae for Calculators* (1979), chapter 18; the fifth goes round in
 * 1780 years and lies in the mean longitude of 1998. Good to 0.01° from 1950 to 2100, everywhere: checked against the worked example of NREL/TP-560-34302 (Reda & Andreas 2004) and an
 * independent ephemeris. Angles in radians unless a name says degrees.
 */

const RAD = Math.PI / 180;
const sin = (degrees: number): number => Math.sin(degrees * RAD);
const cos = (degrees: number): number => Math.cos(degrees * RAD);

export interface Coordinates {
  /** North is positive, −90 to 90. */
  latitudeDeg: number;
  /** East is positive, −180 to 180. */
  longitudeDeg: number;
}

export interface SunPosition {
  /** Over the level horizon, refraction included; negative below it. */
  altitudeRad: number;
  /** From true north, clockwise. */
  azimuthRad: number;
}

/** Days from the epoch J2000 for an instant in milliseconds since 1970, UTC. */
const daysOf = (utcMs: number): number => utcMs / 86_400_000 - 10_957.5;

/** Earth time less universal time, about 69 s in the 2020s (from memory); a second moves the sun 0.00001°. Days. */
const DELTA_T_DAYS = 69 / 86_400;

/** Apparent right ascension and declination of the sun, and the equation of the equinoxes, in degrees. */
function apparentSun(utcMs: number): { rightAscensionDeg: number; declinationDeg: number; equinoxDeg: number } {
  const t = (daysOf(utcMs) + DELTA_T_DAYS) / 36_525;
  const meanLongitude = 280.46646 + 36_000.76983 * t + 0.0003032 * t * t;
  const anomaly = 357.52911 + 35_999.05029 * t - 0.0001537 * t * t;
  const centre =
    (1.914602 - 0.004817 * t - 0.000014 * t * t) * sin(anomaly) +
    (0.019993 - 0.000101 * t) * sin(2 * anomaly) +
    0.000289 * sin(3 * anomaly);
  // Venus, Venus, Jupiter, Moon: the perturbations count centuries from 1900.
  const c = t + 1;
  const pulls =
    0.00134 * cos(153.23 + 22_518.7541 * c) +
    0.00154 * cos(216.57 + 45_037.5082 * c) +
    0.002 * cos(312.69 + 32_964.3577 * c) +
    0.00179 * sin(350.74 + 445_267.1142 * c - 0.00144 * c * c);
  const node = 125.04452 - 1934.136261 * t;
  const nutation = -0.00478 * sin(node) - 0.00037 * sin(2 * meanLongitude);
  const longitude = meanLongitude + centre + pulls - 0.00569 + nutation;
  const obliquity = 23.4392911 - 0.0130042 * t + 0.00256 * cos(node);
  return {
    rightAscensionDeg: Math.atan2(cos(obliquity) * sin(longitude), cos(longitude)) / RAD,
    declinationDeg: Math.asin(sin(obliquity) * sin(longitude)) / RAD,
    equinoxDeg: nutation * cos(obliquity),
  };
}

/** Greenwich apparent sidereal time in degrees (Meeus, equation 12.4 and the equation of the equinoxes). */
function siderealDeg(utcMs: number, equinoxDeg: number): number {
  const days = daysOf(utcMs);
  const t = days / 36_525;
  return 280.46061837 + 360.98564736629 * days + 0.000387933 * t * t + equinoxDeg;
}

/** Lift of the sun by the air at 1010 hPa and 10 °C: NREL/TP-560-34302, equation 42. Degrees. */
function refractionDeg(altitudeDeg: number): number {
  return altitudeDeg < -0.8333 ? 0 : 1.02 / (60 * Math.tan((altitudeDeg + 10.3 / (altitudeDeg + 5.11)) * RAD));
}

/** Of the sun at its mean distance: 8.794″ (Meeus, *Astronomical Algorithms*, chapter 40). */
const PARALLAX_DEG = 8.794 / 3600;

/** The sun over a place at an instant (milliseconds since 1970, UTC). `air: false` leaves refraction out. */
export function sunPosition(utcMs: number, place: Coordinates, air = true): SunPosition {
  const sun = apparentSun(utcMs);
  const hourAngle = siderealDeg(utcMs, sun.equinoxDeg) + place.longitudeDeg - sun.rightAscensionDeg;
  const high =
    Math.asin(
      sin(place.latitudeDeg) * sin(sun.declinationDeg) +
        cos(place.latitudeDeg) * cos(sun.declinationDeg) * cos(hourAngle),
    ) / RAD;
  const seen = high - PARALLAX_DEG * cos(high);
  const fromSouth = Math.atan2(
    sin(hourAngle),
    cos(hourAngle) * sin(place.latitudeDeg) - Math.tan(sun.declinationDeg * RAD) * cos(place.latitudeDeg),
  );
  return {
    altitudeRad: (seen + (air ? refractionDeg(seen) : 0)) * RAD,
    azimuthRad: (fromSouth + 3 * Math.PI) % (2 * Math.PI),
  };
}

/** Centre of the sun when its upper edge meets the horizon: 34′ of refraction and 16′ of radius (Meeus, chapter 15). */
const RISING_DEG = -0.8333;

export type SunDay =
  | { day: 'rises and sets'; riseMs: number; noonMs: number; setMs: number }
  | { day: 'never sets'; noonMs: number }
  | { day: 'never rises'; noonMs: number };

/** Sunrise, highest point and sunset around the local noon of a day that begins (UTC) at `dayStartMs`; the polar cases are values. */
export function sunDay(dayStartMs: number, place: Coordinates): SunDay {
  const altitude = (ms: number): number => sunPosition(ms, place, false).altitudeRad / RAD;
  let noonMs = dayStartMs + (12 - place.longitudeDeg / 15) * 3_600_000;
  for (let i = 0; i < 3; i++) {
    const off = sunPosition(noonMs, place, false);
    const south = place.latitudeDeg >= sunDeclination(noonMs) ? Math.PI : 0;
    const turn = ((off.azimuthRad - south + 3 * Math.PI) % (2 * Math.PI)) - Math.PI;
    // The hour angle of the sun, from its bearing near the meridian.
    const hour =
      Math.atan2(Math.sin(turn) * Math.cos(off.altitudeRad), Math.cos(sunDeclination(noonMs) * RAD)) *
      (south === 0 ? -1 : 1);
    noonMs -= (hour / RAD / 15) * 3_600_000;
  }
  const noon = altitude(noonMs);
  const midnight = Math.max(altitude(noonMs - 43_200_000), altitude(noonMs + 43_200_000));
  if (noon < RISING_DEG) return { day: 'never rises', noonMs };
  if (midnight > RISING_DEG && altitude(noonMs - 43_200_000) > RISING_DEG) return { day: 'never sets', noonMs };
  return {
    day: 'rises and sets',
    riseMs: crossing(noonMs - 43_200_000, noonMs, altitude),
    noonMs,
    setMs: crossing(noonMs + 43_200_000, noonMs, altitude),
  };
}

const sunDeclination = (utcMs: number): number => apparentSun(utcMs).declinationDeg;

/** Halves the time between a dark and a light instant until it is known to a second. */
function crossing(darkMs: number, lightMs: number, altitude: (ms: number) => number): number {
  let [dark, light] = [darkMs, lightMs];
  while (Math.abs(light - dark) > 500) {
    const middle = (dark + light) / 2;
    if (altitude(middle) > RISING_DEG) light = middle;
    else dark = middle;
  }
  return (dark + light) / 2;
}
