import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { drawnAnew, rewrite } from './address';

const written: string[] = [];
beforeEach(() => {
  written.length = 0;
  vi.stubGlobal('window', {
    location: { pathname: '/log' },
    history: { replaceState: (_: unknown, __: string, address: string) => written.push(address) },
  });
});
afterEach(() => {
  drawnAnew('done');
  vi.unstubAllGlobals();
});

describe('address of what a page shows', () => {
  it('is written at once while nothing is drawn anew', () => {
    rewrite('/log?q=a');
    rewrite('/log?q=b');
    expect(written).toEqual(['/log?q=a', '/log?q=b']);
  });

  it('waits while the page is drawn anew, and the last of several is written once', () => {
    drawnAnew('begins');
    rewrite('/log?q=a');
    rewrite('/log?q=b');
    expect(written).toEqual([]);
    drawnAnew('done');
    drawnAnew('done');
    expect(written).toEqual(['/log?q=b']);
  });

  it('is dropped where another page was gone to meanwhile', () => {
    drawnAnew('begins');
    rewrite('/log?q=a');
    window.location.pathname = '/drawer';
    drawnAnew('done');
    window.location.pathname = '/log';
    drawnAnew('done');
    expect(written).toEqual([]);
  });
});
