import { describe, expect, it } from 'vitest';
import fs from 'node:fs';
import path from 'node:path';
import { DEVICE_HEADERS } from '@/server/device';
import { admit, cookieOf, isOwn, STYLE, WHO } from '../scripts/access.mjs';
import { judge, leaveUnpacked, mendHeaders } from '../scripts/door.mjs';

const HOSTS = new Set(['127.0.0.1:3210', 'bench.local:3210']);
const ask = (o: { method?: string; url?: string; headers?: Record<string, string> } = {}, hosts = HOSTS) =>
  judge(
    { method: o.method ?? 'GET', url: o.url ?? '/', headers: { host: '127.0.0.1:3210', ...o.headers } },
    hosts,
  );
const status = (o: Parameters<typeof ask>[0]) => (ask(o) as { status?: number } | null)?.status ?? null;

describe('the door', () => {
  it('lets in what a browser on this machine sends', () => {
    expect(ask()).toBeNull();
    expect(ask({ url: '/log?q=a+b%20c&from=2026-05-02' })).toBeNull();
    expect(ask({ method: 'PUT', url: '/api/rigs/1', headers: { origin: 'http://127.0.0.1:3210' } })).toBeNull();
    expect(ask({ headers: { host: 'BENCH.local:3210' } })).toBeNull();
  });

  // A page of another site, or a name that was bent to this machine (DNS rebinding): OWASP, Cross-Site Request Forgery Prevention.
  it.each([
    [{ headers: { host: 'evil.example' } }, 421],
    [{ headers: { host: 'evil.example:3210', origin: 'http://evil.example:3210' } }, 421],
    [{ headers: { host: '' } }, 421],
    [{ headers: { origin: 'http://evil.example' } }, 403],
    [{ headers: { origin: 'null' } }, 403],
    [{ method: 'POST', url: '/api/rigs', headers: { 'sec-fetch-site': 'cross-site' } }, 403],
    [{ method: 'TRACE' }, 405],
    [{ method: 'POST', url: '/log' }, 405],
    [{ url: `/${'a'.repeat(9000)}` }, 414],
    [{ url: '/api/rigs/%zz' }, 400],
    [{ url: '/api/rigs/%00' }, 400],
    [{ url: '/api/rigs/%ff%fe' }, 400],
    [{ url: '/api/log?q=a%00b' }, 400],
  ])('turns away %j with %d', (o, code) => expect(status(o)).toBe(code));

  it('answers in the shape of all faults, and names the methods there are', () => {
    const no = ask({ method: 'PROPFIND', url: '/api/rigs' }) as { headers: object; body: { error: object } };
    expect(no.headers).toEqual({ allow: 'GET, HEAD, POST, PUT, PATCH, DELETE, OPTIONS' });
    expect(no.body.error).toMatchObject({ path: '(request)', rule: 'method' });
  });

  it.each([
    '/rig/%zz',
    '/rig/%00/heat',
    '/%ed%a0%80',
    '//evil.example/a',
    'http://evil.example/',
    '*',
    '/log?q=%00',
  ])('a page under %s is not found', (url) => expect(ask({ url })).toEqual({ url: '/not-found' }));

  it('without a list answers to this machine’s own names alone', () => {
    const none = new Set<string>();
    expect(ask({ headers: { host: 'localhost:9' } }, none)).toBeNull();
    expect((ask({ headers: { host: 'evil.example' } }, none) as { status: number }).status).toBe(421);
  });

  it('takes out a navigation header that no page sends', () => {
    for (const [tree, stays] of [
      ['rubbish', false],
      ['%5B%22', false],
      ['%zz', false],
      ['%7B%7D', false],
      [encodeURIComponent('["",{}]'), true],
    ] as const) {
      const headers: Record<string, string> = { 'next-router-state-tree': tree };
      mendHeaders(headers);
      expect('next-router-state-tree' in headers, tree).toBe(stays);
    }
  });
  it('takes out ranges and conditions of files, and leaves what says what a browser has', () => {
    const kept = {
      'if-none-match': '"a"',
      'if-modified-since': 'Wed, 21 Oct 2015 07:28:00 GMT',
      accept: '*/*',
    };
    const headers: Record<string, string> = {
      ...kept,
      ...{ range: 'bytes=5-2', 'if-range': '"a"', 'if-match': 'x', 'if-unmodified-since': 'yesterday' },
    };
    mendHeaders(headers);
    expect(headers).toEqual(kept);
  });
  it('what stays on this machine is not packed, what goes over a network is', () => {
    const packed = (remoteAddress: string | undefined) => {
      const headers = { 'accept-encoding': 'gzip' };
      leaveUnpacked({ headers, socket: { remoteAddress } });
      return 'accept-encoding' in headers;
    };
    expect(['127.0.0.1', '127.8.0.1', '::1', '::ffff:127.0.0.1'].filter(packed)).toEqual([]);
    const others = ['192.168.1.20', '::ffff:10.0.0.2', 'fe80::1', '1.127.0.0', undefined];
    expect(others.filter(packed)).toEqual(others);
  });
});

describe('what the door and the program both know', () => {
  it('headers that say who asks are the same in both', () => {
    expect([...WHO].sort()).toEqual(Object.values(DEVICE_HEADERS).sort());
  });
  it('the code page has the colours of the program', () => {
    const css = fs.readFileSync(path.resolve('src/app/globals.css'), 'utf8');
    const colours = [...STYLE.matchAll(/--(?:paper|sheet|ink|dim|line|act|stop):(#\w+)/g)].map((m) => m[1]!);
    expect(colours).toHaveLength(14);
    for (const colour of colours) expect(css).toContain(`: ${colour};`);
  });
});

describe('who asks', () => {
  const from = (remoteAddress: string, localAddress = '127.0.0.1', headers = {}) => ({
    headers: headers as Record<string, string>,
    socket: { remoteAddress, localAddress },
    method: 'GET',
    url: '/',
  });
  it('this machine is known by where its connection begins, unless something passes it on', () => {
    for (const own of ['127.0.0.1', '::1', '::ffff:127.0.0.1']) expect(isOwn(from(own))).toBe(true);
    expect(isOwn(from('192.168.1.5', '192.168.1.5'))).toBe(true);
    expect(isOwn(from('::ffff:192.168.1.5', '192.168.1.5'))).toBe(true);
    for (const other of ['192.168.1.7', '127.0.0.2', '::ffff:10.0.0.1', ''])
      expect(isOwn(from(other))).toBe(false);
    expect(isOwn({ ...from('127.0.0.1'), socket: {} })).toBe(false);
    for (const name of ['x-forwarded-for', 'forwarded'])
      expect(isOwn(from('127.0.0.1', '127.0.0.1', { [name]: '127.0.0.1' }))).toBe(false);
  });
  it('a cookie is read by its whole name', () => {
    expect(cookieOf('a=1; upwind=s=x; b=2', 'upwind')).toBe('s=x');
    for (const none of [undefined, '', 'xupwind=1', 'upwind', 'upwindx=1; =2'])
      expect(cookieOf(none, 'upwind')).toBeNull();
  });
  it('is said by the door alone: what comes from outside goes, and a secret of any length is no trouble', async () => {
    const pretends = { 'x-upwind-device': 'x', 'x-upwind-right': 'work', 'x-upwind-address': '1' };
    const asked: string[] = [];
    const known = async (secret: string) => {
      asked.push(secret);
      return secret === 'good' ? { id: 'd', name: 'Bänch', right: 'look' } : null;
    };
    const out = from('10.0.0.1', '10.0.0.2', { ...pretends, cookie: 'upwind=bad' });
    expect(await admit(out, 'upwind', known)).toBe(false);
    expect(out.headers).toEqual({ cookie: 'upwind=bad', 'x-upwind-address': '10.0.0.1' });
    const long = from('10.0.0.1', '10.0.0.2', { cookie: `upwind=${'x'.repeat(5000)}` });
    expect(await admit(long, 'upwind', known)).toBe(false);
    expect(asked).toEqual(['bad']);
    const good = from('10.0.0.1', '10.0.0.2', { ...pretends, cookie: 'upwind=good' });
    expect(await admit(good, 'upwind', known)).toBe(true);
    expect(good.headers).toMatchObject({
      'x-upwind-device': 'd',
      'x-upwind-device-name': 'B%C3%A4nch',
      'x-upwind-right': 'look',
    });
    expect(await admit({ ...from('10.0.0.1'), method: 'POST', url: '/api/enter' }, 'upwind', known)).toBe(true);
    expect(await admit({ ...from('10.0.0.1'), method: 'POST', url: '/api/enter?x' }, 'upwind', known)).toBe(
      false,
    );
  });
});
