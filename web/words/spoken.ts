import { formatLength, type Units } from '@lignum/core/quantity/length';

const PARTS: Readonly<Record<string, string>> = {
  '¼': 'a quarter',
  '½': 'a half',
  '¾': 'three quarters',
  '⅛': 'one eighth',
  '⅜': 'three eighths',
  '⅝': 'five eighths',
  '⅞': 'seven eighths',
};

/** A length as it is called out, so that a voice reads it and an ear gets it. @example spokenLength(2375, 'imperial') // "7 feet 9 and a half inches" */
export function spokenLength(mm: number, units: Units): string {
  const said = formatLength(mm, units);
  if (units === 'metric') return said.replace(' mm', ' millimetres').replace('−', 'minus ');
  const [, minus, feet, inch, part] = /^(−)?(?:(\d+)′)? ?(?:(\d+)? ?([¼½¾⅛⅜⅝⅞]|\d+\/16)?″)?$/.exec(said) ?? [];
  const fraction = part === undefined ? '' : (PARTS[part] ?? `${part.split('/')[0]} sixteenths`);
  const inches = [inch, fraction].filter((one) => one !== undefined && one !== '').join(' and ');
  return [
    ...(minus ? ['minus'] : []),
    ...(feet ? [`${feet} ${feet === '1' ? 'foot' : 'feet'}`] : []),
    ...(inches
      ? [inch === undefined ? `${inches} of an inch` : `${inches} ${inches === '1' ? 'inch' : 'inches'}`]
      : []),
  ].join(' ');
}
