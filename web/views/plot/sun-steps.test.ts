import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { SUN_STEPS } from './sun-layer';

const css = readFileSync(new URL('../../app/globals.css', import.meta.url), 'utf8');

/** Relative luminance of a colour (WCAG 2.2, definition of "relative luminance"). */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const share = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

it.each([
  ['by day', 0],
  ['by night', 1],
] as const)('the more sun the lighter, and neighbouring steps are told apart, %s', (_name, scheme) => {
  const steps = SUN_STEPS.map(({ fill }) => {
    const token = fill.slice('var('.length, -1);
    return [...css.matchAll(new RegExp(`${token}: (#[0-9a-f]{6});`, 'g'))][scheme]?.[1] ?? '';
  });
  const light = steps.map(luminance);
  for (let i = 1; i < light.length; i++)
    expect((light[i]! + 0.05) / (light[i - 1]! + 0.05), steps[i]).toBeGreaterThan(1.4);
});
