import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { testRig } from '@/core/engine/testRigs';
import { inWords } from './api';
import { downloads, places } from './places';
import { server } from './server';

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

describe('what the pages ask', () => {
  it.each([
    ['POST', '/api/rigs', () => server.addRig({ doc: { a: 1 } }), { doc: { a: 1 } }],
    ['POST', '/api/rigs/r1/duplicate', () => server.duplicateRig('r1'), undefined],
    ['PATCH', '/api/rigs/r1', () => server.archiveRig('r1', true), { archived: true }],
    ['DELETE', '/api/rigs/r1/cuts/c1', () => server.deleteCut('r1', 'c1'), undefined],
    ['POST', '/api/drawer/spools', () => server.saveStock('spools', null, { name: 'a' }), { name: 'a' }],
    ['PUT', '/api/drawer/spools/s1', () => server.saveStock('spools', 's1', { name: 'a' }), { name: 'a' }],
    ['DELETE', '/api/drawer/foams/f1', () => server.deleteStock('foams', 'f1', false), undefined],
    ['DELETE', '/api/drawer/foams/f1?sure=1', () => server.deleteStock('foams', 'f1', true), undefined],
    ['POST', '/api/hang/s1', () => server.takeWire('s1', 1.25), { metres: 1.25 }],
    ['GET', '/api/log?q=x&offset=20&limit=100', () => server.log('q=x', { offset: 20, limit: 100 }), undefined],
    ['DELETE', '/api/log/views/v1', () => server.forgetView('v1'), undefined],
    ['DELETE', '/api/demo', () => server.removeSample(), undefined],
  ])('%s %s', async (method, url, ask, body) => {
    ok([]);
    expect((await ask()).kind).toBe('done');
    expect(asked).toEqual([{ method, url, body }]);
  });

  it('a rig that came damaged counts as no answer: it is not shown', async () => {
    const rig = testRig();
    ok(rig);
    expect(await server.rigDocument('r1')).toEqual({ kind: 'done', data: rig });
    ok({ ...rig, wire: { ...rig.wire, diameterMm: -1 } });
    expect((await server.rigDocument('r1')).kind).toBe('lost');
  });
});

describe('how a request may end', () => {
  it('a refusal keeps its status, its faults and its body, and is said in words', async () => {
    const fault = { path: 'wire.diameterMm', rule: '<= 5', message: 'must be at most 5' };
    answer = { status: 422, body: { errors: [{ error: fault }], users: [{ name: 'Blade bow' }] } };
    const refused = await server.addRig({ doc: {} });
    expect(refused).toMatchObject({ kind: 'refused', status: 422, faults: [fault] });
    if (refused.kind !== 'refused') return;
    expect(refused.body['users']).toEqual([{ name: 'Blade bow' }]);
    expect(inWords(refused)).toContain('must be at most 5');
    expect(inWords(refused)).not.toContain('diameterMm');
  });

  it('a refusal without faults is one all the same', async () => {
    answer = { status: 404, body: null };
    expect(await server.duplicateRig('gone')).toMatchObject({
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
    const lost = await server.archiveRig('r1', false);
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
