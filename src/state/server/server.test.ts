import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { testRig } from '@/core/engine/testRigs';
import { inWords } from '../api';
import { logServer } from './log';
import { planServer } from './plans';
import { rigServer } from './rigs';
import { stockServer } from './stock';
import { wireServer } from './wire';
import { workshopServer } from './workshop';
import { downloads, places } from '../places';

/** What was asked of the server, and what it is to answer. */
const asked: { method: string; url: string; body: unknown }[] = [];
let answer: { status: number; body: unknown } | 'silence';

beforeEach(() => {
  asked.length = 0;
  vi.stubGlobal('fetch', (url: string, init: RequestInit) => {
    asked.push({ method: init.method!, url, body: init.body ? JSON.parse(init.body as string) : undefined });
    if (answer === 'silence') return Promise.reject(new TypeError('network'));
    return Promise.resolve(new Response(JSON.stringify(answer.body), { status: answer.status }));
  });
});
afterEach(() => vi.unstubAllGlobals());

const ok = (body: unknown = null) => ((answer = { status: 200, body }), undefined);

const rig = testRig();
const record = {
  ...{ id: 'r1', revision: 1, doc: rig, foamStockId: null, spoolId: null, supplyId: null },
  ...{ demo: false, touched: false, archived: false, updatedAt: '2026-09-26T10:00:00.000Z' },
};
const tuning = { logMean: 0, logSd: 0.35, slowMean: 0, slowSd: 0.5, setAside: [], used: 0, shownSd: 0.4 };
const open = { record, cuts: [], tuning };
const spool = {
  ...{ id: 's1', name: 'a', alloy: 'nicr-80', diameterMm: 0.4, strands: 1, metres: 12 },
  ...{ ohmPerM: null, pricePerM: null, note: '', demo: false },
};

describe('what the pages ask', () => {
  it.each([
    ['POST', '/api/rigs', () => rigServer.add({ doc: { a: 1 } }), { doc: { a: 1 } }, open],
    ['POST', '/api/rigs/r1/duplicate', () => rigServer.duplicate('r1'), undefined, open],
    ['PATCH', '/api/rigs/r1', () => rigServer.archive('r1', true), { archived: true }, null],
    ['DELETE', '/api/rigs/r1/cuts/c1', () => rigServer.deleteCut('r1', 'c1'), undefined, open],
    ['POST', '/api/drawer/spools', () => stockServer.save('spools', null, { name: 'a' }), { name: 'a' }, null],
    [
      'PUT',
      '/api/drawer/spools/s1',
      () => stockServer.save('spools', 's1', { name: 'a' }),
      { name: 'a' },
      null,
    ],
    ['DELETE', '/api/drawer/foams/f1', () => stockServer.drop('foams', 'f1', false), undefined, null],
    ['DELETE', '/api/drawer/foams/f1?sure=1', () => stockServer.drop('foams', 'f1', true), undefined, null],
    ['POST', '/api/hang/s1', () => stockServer.takeWire('s1', 1.25), { metres: 1.25 }, spool],
    [
      'GET',
      '/api/log?q=x&offset=20&limit=100',
      () => logServer.page('q=x', { offset: 20, limit: 100 }),
      undefined,
      { entries: [], total: 0 },
    ],
    ['DELETE', '/api/log/views/v1', () => logServer.forgetView('v1'), undefined, []],
    ['DELETE', '/api/demo', () => workshopServer.removeSample(), undefined, { kept: 2 }],
  ] as const)('%s %s', async (method, url, ask, body, said) => {
    ok(said);
    expect(await ask()).toEqual({ kind: 'done', data: said });
    expect(asked).toEqual([{ method, url, body }]);
  });

  it.each([
    ['a rig', () => rigServer.document('r1'), { ...rig, wire: { ...rig.wire, diameterMm: -1 } }],
    ['an open rig', () => rigServer.open('r1'), { ...open, record: { ...record, revision: '1' } }],
    ['events', () => wireServer.events('r1'), [{ id: 'e1', rigId: 'r1', event: { kind: 'nonsense' } }]],
    ['a page of the log', () => logServer.page('q=x'), { entries: [{}], total: 1 }],
    ['nothing at all', () => planServer.all('r1'), null],
  ] as const)('%s that came damaged is told, not shown', async (_, ask, damaged) => {
    ok(damaged);
    const answer = await ask();
    expect(answer.kind).toBe('refused');
    if (answer.kind === 'refused') expect(inWords(answer)).toMatch(/none that this page knows/);
  });
});

describe('how a request may end', () => {
  it('a refusal keeps its status, its faults and its body, and is said in words', async () => {
    const fault = { path: 'wire.diameterMm', rule: '<= 5', message: 'must be at most 5' };
    answer = { status: 422, body: { errors: [{ error: fault }], users: [{ name: 'Blade bow' }] } };
    const refused = await rigServer.add({ doc: {} });
    expect(refused).toMatchObject({ kind: 'refused', status: 422, faults: [fault] });
    if (refused.kind !== 'refused') return;
    expect(refused.body['users']).toEqual([{ name: 'Blade bow' }]);
    expect(inWords(refused)).toContain('must be at most 5');
    expect(inWords(refused)).not.toContain('diameterMm');
  });

  it('a refusal without faults is one all the same', async () => {
    answer = { status: 404, body: null };
    expect(await rigServer.duplicate('gone')).toMatchObject({
      kind: 'refused',
      status: 404,
      faults: [{ rule: '404' }],
    });
  });

  it.each([
    ['a server that fails', { status: 500, body: {} }],
    ['a gateway that has none', { status: 502, body: 'nothing' }],
    ['no network', 'silence'],
  ] as const)('%s is lost: nothing is known, it may be asked again', async (_, said) => {
    answer = said;
    const lost = await rigServer.archive('r1', false);
    expect(lost.kind).toBe('lost');
    if (lost.kind === 'lost') expect(inWords(lost)).toMatch(/does not answer/);
  });
});

describe('addresses', () => {
  it('name where one is, and leave out what is not asked', () => {
    expect(places.rig('r1')).toBe('/rig/r1');
    expect(places.rig('r1', 'power')).toBe('/rig/r1?stage=power');
    expect(places.rigPage('r1', 'tension', 'pluck')).toBe('/rig/r1/tension#pluck');
    expect(places.piece('r1', 'templates', 'p1')).toBe('/rig/r1/templates?plan=p1');
    expect(places.drawer()).toBe('/drawer');
    expect(places.drawer('rewind')).toBe('/drawer?open=rewind');
    expect(places.compare(['a', 'b'])).toBe('/compare?rigs=a,b');
    expect(places.logAsked('')).toBe('/log');
    expect(downloads.wiring('r1', 'pdf')).toBe('/api/rigs/r1/wiring?as=pdf');
    expect(downloads.log('csv', 'foam=eps')).toBe('/api/log/csv?foam=eps');
  });
});
