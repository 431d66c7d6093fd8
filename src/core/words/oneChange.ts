import type { ControlKind } from '../documents/controlKinds';
import type { Aspect } from '../engine/oneChange';
import { codeWords } from './codes';
import { controlSettingText } from './control';
import type { Say } from './say';

const PATHS: Partial<Record<Aspect['what'], string>> = {
  foam: 'foam.kind',
  alloy: 'wire.alloy',
  supply: 'supply.kind',
  control: 'control.kind',
  held: 'tension.kind',
};

/** One thing that changed, in words: `setting 17.9 V → 18.5 V`. */
export function aspectWords(a: Aspect, control: ControlKind, say: Say): string {
  const one = (v: Aspect['from']) =>
    a.what === 'setting'
      ? controlSettingText(control, v as number, say)
      : typeof v === 'number' && a.role
        ? say(v, a.role)
        : codeWords(PATHS[a.what] ?? '', `${v}`);
  return `${a.what} ${one(a.from)} → ${one(a.to)}`;
}
