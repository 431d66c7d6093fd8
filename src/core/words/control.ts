import type { ControlKind } from '../documents/control';
import type { Role } from '../units/profile';
import type { Say } from './say';

/** Which role a control's setting is shown in; null: it has none. */
export const SETTING_ROLE: Readonly<Record<ControlKind, Role | null>> = Object.freeze({
  none: null,
  volts: 'volts',
  amps: 'amps',
  pwm: 'share',
  phase: 'angle',
  scale: 'share',
  buck: 'volts',
  clip: 'wireLength',
  'hold-ohm': 'ohms',
});

/** The mark of a setting on a dial without a meter; null outside the marks that were noted. */
export type ToMark = (setting: number) => number | null;

/** A setting with its unit: `18.5 V`, `30 %`; on a dial with marks the mark first: `mark 6.2 (18.5 V)`. */
export function controlSettingText(
  kind: ControlKind,
  setting: number | null,
  say: Say,
  toMark?: ToMark | null,
): string {
  const role = SETTING_ROLE[kind];
  if (!role || setting === null) return 'as it is';
  const mark = toMark?.(setting) ?? null;
  return mark === null ? say(setting, role) : `mark ${Number(mark.toPrecision(3))} (${say(setting, role)})`;
}
