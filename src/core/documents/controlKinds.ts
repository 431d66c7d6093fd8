export const CONTROL_KINDS = [
  'none',
  'volts',
  'amps',
  'pwm',
  'phase',
  'scale',
  'buck',
  'clip',
  'hold-ohm',
] as const;
export type ControlKind = (typeof CONTROL_KINDS)[number];

/** What `setting` may be for each kind: lowest, highest; null: it has none. */
export const SETTING_LIMITS: Readonly<Record<ControlKind, readonly [number, number] | null>> = Object.freeze({
  none: null,
  volts: [0, 500],
  amps: [0, 500],
  pwm: [0, 1],
  phase: [0, 180],
  scale: [0, 1],
  buck: [0, 500],
  clip: [1, 20000],
  'hold-ohm': [0.001, 100000],
});
