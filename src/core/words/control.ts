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

/** A setting with its unit: `18.5 V`, `30 %`. */
export function controlSettingText(kind: ControlKind, setting: number | null, say: Say): string {
  const role = SETTING_ROLE[kind];
  return role && setting !== null ? say(setting, role) : 'as it is';
}
