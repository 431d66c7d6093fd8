import { describe, expect, it } from 'vitest';
import { DARK, HEAT, heatColour, LIGHT, type ColourRole } from './palette';

/** Relative luminance and contrast ratio: WCAG 2.2, definitions. */
function luminance(hex: string): number {
  const [r, g, b] = [0, 1, 2].map((i) => {
    const c = parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}
const ratio = (a: string, b: string) => {
  const [hi, lo] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (hi! + 0.05) / (lo! + 0.05);
};

const TEXT: [ColourRole, ColourRole][] = [
  ...(['ink', 'dim', 'act', 'stop', 'fix', 'note'] as const).flatMap((t): [ColourRole, ColourRole][] => [
    [t, 'paper'],
    [t, 'sheet'],
  ]),
  ['ink', 'clean'],
  ['dim', 'clean'],
  ['ink', 'foam'],
  ['dim', 'foam'],
  ['onAct', 'act'],
];

describe.each([
  ['by day', LIGHT],
  ['by night', DARK],
])('colours %s', (_, c) => {
  it.each(TEXT)('%s on %s reads at 4.5 : 1 or better', (text, ground) => {
    expect(ratio(c[text], c[ground])).toBeGreaterThanOrEqual(4.5);
  });
  it.each(['paper', 'sheet'] as const)('edges of controls stand out from %s at 3 : 1', (ground) => {
    expect(ratio(c.edge, c[ground])).toBeGreaterThanOrEqual(3);
  });
});

describe('heat', () => {
  it('gives each stop its own colour and something between them elsewhere', () => {
    for (const [t, colour] of HEAT) expect(heatColour(t).toLowerCase()).toBe(colour.toLowerCase());
    expect(heatColour(-40)).toBe(HEAT[0]![1]);
    expect(heatColour(2000)).toBe(HEAT[HEAT.length - 1]![1]);
    expect(heatColour(375)).toBe('#e97d2b');
  });
});
