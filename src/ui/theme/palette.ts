/** Colour roles, by day and by night. Contrast of every pair in use is checked by palette.test.ts. */
export const LIGHT = {
  paper: '#E9EDEC',
  sheet: '#FBFCFB',
  ink: '#16211F',
  dim: '#4C5C58',
  line: '#C6D0CD',
  edge: '#6F817C',
  act: '#0B5F5A',
  onAct: '#FFFFFF',
  stop: '#A3161A',
  fix: '#8A5200',
  note: '#38566B',
  clean: '#CFE6DA',
  foam: '#DCE6EA',
  foamEdge: '#8FA3AC',
  frame: '#8B9DA3',
} as const;

export const DARK: Record<keyof typeof LIGHT, string> = {
  paper: '#0E1413',
  sheet: '#161E1D',
  ink: '#E9F0EE',
  dim: '#A3B6B1',
  line: '#2C3937',
  edge: '#6C807B',
  act: '#6FD0C3',
  onAct: '#08201D',
  stop: '#FF8A80',
  fix: '#F0B45B',
  note: '#9CC3DE',
  clean: '#173A2E',
  foam: '#223039',
  foamEdge: '#55707F',
  frame: '#5C6F76',
};

export type ColourRole = keyof typeof LIGHT;

/** Colours of the wire against °C: the only strong warm colours in the program. */
export const HEAT: readonly (readonly [number, string])[] = [
  [20, '#5D6B70'],
  [160, '#9B3A22'],
  [300, '#E0571B'],
  [450, '#F2A33A'],
  [600, '#FFF1C2'],
];

/** The wire's colour at °C, straight between the stops. */
export function heatColour(tempC: number): string {
  const [first] = HEAT;
  if (!(tempC > first![0])) return first![1];
  for (let i = 1; i < HEAT.length; i++) {
    const [t1, c1] = HEAT[i]!;
    const [t0, c0] = HEAT[i - 1]!;
    if (tempC <= t1) return blend(c0, c1, (tempC - t0) / (t1 - t0));
  }
  return HEAT[HEAT.length - 1]![1];
}

function blend(a: string, b: string, f: number): string {
  const at = (hex: string, i: number) => parseInt(hex.slice(1 + 2 * i, 3 + 2 * i), 16);
  const mix = [0, 1, 2].map((i) => Math.round(at(a, i) + f * (at(b, i) - at(a, i))));
  return `#${mix.map((x) => x.toString(16).padStart(2, '0')).join('')}`;
}
