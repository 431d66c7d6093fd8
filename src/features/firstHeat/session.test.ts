import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { FRESH, keep, kept } from './session';

const store = new Map<string, string>();
beforeEach(() => {
  store.clear();
  vi.stubGlobal('window', {
    localStorage: {
      getItem: (key: string) => store.get(key) ?? null,
      setItem: (key: string, value: string) => store.set(key, value),
    },
  });
});
afterEach(() => void vi.unstubAllGlobals());

describe('a first heat kept in the browser', () => {
  it('comes back after a reload, for its own rig only', () => {
    const session = { ...FRESH, at: 2, since: 5, reads: [{ setting: 9, amps: 1.2, volts: null }] };
    keep('r1', session);
    expect(kept('r1')).toEqual(session);
    expect(kept('r2')).toEqual(FRESH);
  });

  it('of an older program lacks what that did not keep', () => {
    store.set('first-heat r1', JSON.stringify({ at: 1 }));
    expect(kept('r1')).toEqual({ ...FRESH, at: 1 });
  });

  it('damaged, or in a browser that keeps nothing, begins anew and does not throw', () => {
    store.set('first-heat r1', '{"at":');
    expect(kept('r1')).toEqual(FRESH);
    vi.stubGlobal('window', {
      get localStorage(): Storage {
        throw new Error('denied');
      },
    });
    expect(() => keep('r1', FRESH)).not.toThrow();
    expect(kept('r1')).toEqual(FRESH);
  });
});
