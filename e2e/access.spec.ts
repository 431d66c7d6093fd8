import fs from 'node:fs';
import http from 'node:http';
import path from 'node:path';
import { chromium, expect, test, type Browser } from '@playwright/test';
import { accessibleInBoth } from './fixtures';
import { relayTo, type Relay } from './relay';
import { sampleRig } from './sampleRig';
import { freePort, startServer, type Server } from './server';

let server: Server;
let relay: Relay;
let phone: string;
let rig: string;

test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  const port = await freePort();
  relay = await relayTo(port);
  phone = `http://127.0.0.1:${relay.port}`;
  server = await startServer({
    seed: true,
    port,
    env: { UPWIND_ACCESS: '1', UPWIND_HOSTS: `127.0.0.1:${relay.port}`, UPWIND_PHONE: phone },
  });
  const rigs = (await (await fetch(`${server.url}/api/rigs`)).json()) as { id: string; name: string }[];
  rig = rigs.find((r) => r.name === 'Blade bow')!.id;
});
test.afterAll(async () => {
  await server.stop();
  await relay.stop();
});

const invite = async (right: 'work' | 'look', at: string | null = null) =>
  (await (
    await fetch(`${server.url}/api/devices`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ right, rig: at }),
    })
  ).json()) as { code: string; address: string; link: string };

/** A request of a device, with any headers it likes; the answer and its cookie. */
function ask(
  method: string,
  place: string,
  o: { headers?: Record<string, string>; body?: unknown; onText?: () => void } = {},
) {
  return new Promise<{ status: number; body: string; cookie: string }>((resolve, reject) => {
    const text = o.body === undefined ? '' : JSON.stringify(o.body);
    const headers = {
      ...(text ? { 'content-type': 'application/json', 'content-length': String(text.length) } : {}),
      ...o.headers,
    };
    const req = http.request(phone + place, { method, headers }, (res) => {
      let body = '';
      res.on('data', (d) => {
        body += String(d);
        o.onText?.();
      });
      res.on('end', () =>
        resolve({ status: res.statusCode!, body, cookie: res.headers['set-cookie']?.[0]?.split(';')[0] ?? '' }),
      );
    });
    req.on('error', reject);
    req.end(text);
  });
}
const enter = async (right: 'work' | 'look', name: string) => {
  const { code } = await invite(right);
  const answer = await ask('POST', '/api/enter', { body: { code, name } });
  expect(answer.status, answer.body).toBe(200);
  return { cookie: answer.cookie };
};

/** Addresses of every page and route of the program, as its folders have them. */
function addresses(): string[] {
  const app = path.resolve(import.meta.dirname, '../src/app');
  return fs
    .readdirSync(app, { recursive: true, encoding: 'utf8' })
    .filter((f) => /(^|\/)(page\.tsx|route\.ts)$/.test(f))
    .map((f) => `/${path.dirname(f)}`.replace(/^\/\.$/, '/'))
    .map((p) =>
      p
        .replace('[verb]', 'solve')
        .replace('[kind]', 'spools')
        .replace(/\[\w+\]/g, rig),
    );
}

test('a device without a code gets the code page and nothing else: every page, route and asset, however it asks', async () => {
  const all = [
    ...addresses(),
    '/_next/static/chunks/main.js',
    '/icon.svg',
    '/voice/1.ogg',
    '/favicon.ico',
    '/nosuch',
  ];
  expect(all.length).toBeGreaterThan(50);
  const pretend = {
    'x-forwarded-for': '127.0.0.1',
    'x-upwind-device': 'x',
    'x-upwind-right': 'work',
    forwarded: 'for=127.0.0.1',
    cookie: 'upwind=guess; __Host-upwind=guess',
    'x-middleware-subrequest': 'src/proxy:src/proxy:src/proxy',
    rsc: '1',
  };
  for (const place of all)
    for (const method of ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'])
      for (const headers of [{}, pretend]) {
        if (place === '/api/enter' && method === 'POST') continue;
        const answer = await ask(method, place, { headers });
        expect([401, 405], `${method} ${place}`).toContain(answer.status);
        expect(answer.body, `${method} ${place}`).not.toMatch(/Blade bow|self\.__next|"revision"/);
        if (method === 'GET' && !place.startsWith('/api') && !place.startsWith('/_next'))
          expect(answer.body).toContain('<label for="code">Code</label>');
      }
  // This machine itself needs none; passed on by something that stands before it, it does.
  expect((await fetch(`${server.url}/api/rigs`)).status).toBe(200);
  expect((await fetch(`${server.url}/api/rigs`, { headers: { 'x-forwarded-for': '10.0.0.9' } })).status).toBe(
    401,
  );
});

test('one that may look reads everything and changes nothing, whatever it says of itself', async () => {
  const headers = await enter('look', 'Board');
  expect((await ask('GET', '/api/rigs', { headers })).body).toContain('Blade bow');
  const before = await (await fetch(`${server.url}/api/rigs/${rig}`)).text();
  for (const place of addresses().filter((a) => a.startsWith('/api/') && !/\/v1\/|\/enter$|\/check$/.test(a)))
    for (const method of ['POST', 'PUT', 'PATCH', 'DELETE']) {
      const answer = await ask(method, place, { headers: { ...headers, 'x-upwind-right': 'work' }, body: {} });
      expect([403, 404, 405, 422], `${method} ${place}: ${answer.body}`).toContain(answer.status);
      if (answer.status === 422) expect(place).toMatch(/\/api\/devices/);
    }
  expect(await (await fetch(`${server.url}/api/rigs/${rig}`)).text()).toBe(before);
  expect((await ask('POST', '/api/v1/solve', { headers, body: sampleRig('Solved') })).status).toBe(200);
  // Its own name stands in the list at the desk, and no secret.
  const told = await (await fetch(`${server.url}/api/devices`)).text();
  expect(told).toContain('Board');
  expect(told).not.toContain(headers.cookie.split('=')[1]!);
});

test('one that is forgotten is out at once, and hears no more', async () => {
  const headers = await enter('work', 'Lost phone');
  let heard!: ReturnType<typeof ask>;
  await new Promise<void>(
    (onText) => (heard = ask('GET', `/api/live?rig=${rig}`, { headers, onText: () => onText() })),
  );
  const { known } = (await (await fetch(`${server.url}/api/devices`)).json()) as {
    known: { id: string; name: string }[];
  };
  const { id } = known.find((d) => d.name === 'Lost phone')!;
  expect((await fetch(`${server.url}/api/devices/${id}`, { method: 'DELETE' })).status).toBe(200);
  expect((await ask('GET', '/api/rigs', { headers })).status).toBe(401);
  // Its stream ended by itself.
  expect((await heard).body).toContain('hello');
});

test.describe('in a browser', () => {
  let browser: Browser;
  test.beforeAll(async () => {
    browser = await chromium.launch(test.info().project.use.launchOptions);
  });
  test.afterAll(() => browser.close());

  test('a phone points at the picture, says its name and stands at the rig; the link is used up; the desk forgets it', async () => {
    const desk = await browser.newPage();
    await desk.goto(`${server.url}/bench?rig=${rig}`);
    await expect(desk.getByRole('img', { name: /Picture code/ })).toBeVisible();
    const { link } = await invite('work', rig);
    const phoneAt = (to: string) =>
      browser
        .newContext({ viewport: { width: 390, height: 844 } })
        .then((c) => c.newPage())
        .then(async (p) => {
          await p.goto(to);
          return p;
        });
    const on = await phoneAt(link);
    await expect(on.getByLabel('Code')).toBeHidden();
    // The link is gone from the address, and from what the browser remembers of it.
    expect(on.url()).not.toContain('in=');
    await on.getByLabel('Name of this device').fill('Bench phone');
    await on.getByRole('button', { name: 'Let me in' }).click();
    await expect(on.getByRole('heading', { name: 'Blade bow' })).toBeVisible();
    await expect(desk.getByText('Bench phone').first()).toBeVisible();
    // Nothing of the page can read its secret.
    expect(await on.evaluate(() => document.cookie)).not.toContain('upwind=');

    const other = await phoneAt(link);
    await other.getByRole('button', { name: 'Let me in' }).click();
    await expect(other.getByRole('alert')).toContainText('used already');
    await expect(other.getByLabel('Code')).toBeVisible();

    await desk.getByLabel('What Bench phone may do').selectOption({ label: 'May look only' });
    await on.goto(`${phone}/rig/${rig}`);
    await expect(on.getByRole('note').filter({ hasText: 'This device may look only' })).toBeVisible();
    const width = on.getByLabel('Width');
    const was = await width.inputValue();
    await width.fill('123');
    await expect(on.getByText(/this device may look only; the right/)).toBeVisible();
    await width.blur();
    await expect(width).toHaveValue(was);

    const row = desk.getByRole('listitem').filter({ hasText: 'Bench phone' });
    await row.getByRole('button', { name: 'Forget' }).click();
    await expect(row).toBeHidden();
    await on.reload();
    await expect(on.getByLabel('Code')).toBeVisible();
    await expect(on.getByText('Blade bow')).toHaveCount(0);
  });

  test('the code page and the bench at the desk have no serious fault of accessibility, light or dark', async () => {
    const page = await browser.newPage();
    for (const place of [phone, `${server.url}/bench`]) {
      await page.goto(place);
      await expect(page.getByRole('heading').first()).toBeVisible();
      // The code page lets no script in that is not its own, as axe is: its rules are run from outside the policy.
      await accessibleInBoth(page);
    }
  });
});

test('wrong codes in a row: after five of them it waits, for the right one too', async () => {
  const { code } = await invite('work');
  const wrong: number[] = [];
  for (let n = 0; n < 7; n++)
    wrong.push((await ask('POST', '/api/enter', { body: { code: `${n}`, name: 'X' } })).status);
  // The link that was tried a second time was one of the five.
  expect(wrong.filter((s) => s === 403)).toHaveLength(4);
  expect(wrong.slice(4)).toEqual([429, 429, 429]);
  const late = await ask('POST', '/api/enter', { body: { code, name: 'X' } });
  expect([late.status, late.body]).toEqual([429, expect.stringContaining('wait')]);
});
