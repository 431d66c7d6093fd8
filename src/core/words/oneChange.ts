import type { ControlKind } from '../documents/controlKinds';
import type { Aspect } from '../engine/oneChange';
import { controlSettingText } from './control';
import type { Say } from './say';

/** One thing that changed, in words: `setting 17.9 V → 18.5 V`. */
export function aspectWords(a: Aspect, control: ControlKind, say: Say): string {
  const one = (v: Aspect['from']) =>
    a.what === 'setting'
      ? controlSettingText(control, v as number, say)
      : typeof v === 'number' && a.role
        ? say(v, a.role)
        : `${v}`;
  return `${a.what} ${one(a.from)} → ${one(a.to)}`;
}
