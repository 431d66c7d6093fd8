import { describe, expect, it } from 'vitest';
import { loggedCutSchema } from '@/core/documents/log';
import type { Say } from '@/core/words/say';
import { readAs } from './readAs.view';

const say: Say = (value, role) => `${value} ${role}`;
const cut = (over: object) => loggedCutSchema.parse({ at: '2026-09-26T10:00:00.000Z', widthMm: 500, ...over });

describe('what a meter read at a cut', () => {
  it.each([
    [{}, ''],
    [{ amps: 2.5 }, '2.5 amps'],
    [{ volts: 12 }, '12 volts'],
    [{ volts: 12, voltsAt: 'clips' }, '12 volts at the clips'],
    [{ amps: 2.5, volts: 12, voltsAt: 'display' }, '2.5 amps, 12 volts at the display'],
  ])('%o is “%s”', (over, want) => expect(readAs(cut(over), say)).toBe(want));
});
