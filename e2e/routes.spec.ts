import http from 'node:http';
import { expect, test } from './fixtures';

const RIG = {
  format: 'upwind-rod/rig',
  version: 1,
  frame: { kind: 'bow' },
  wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050 },
  supply: { kind: 'bench', volts: 32, maxAmps: 6 },
  control: { kind: 'volts', setting: 18.5 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
};

test('solve, need, match and tune take and give the open documents, one or an array', async ({ request }) => {
  const one = await request.post('/api/v1/solve', { data: RIG });
  expect(one.status()).toBe(200);
  expect((await one.json()).idle.amps).toBeCloseTo(2.55, 1);
  const two = await (await request.post('/api/v1/solve', { data: [RIG, RIG] })).json();
  expect(two).toHaveLength(2);
  const need = await (await request.post('/api/v1/need', { data: { ...RIG, cut: { feedMmS: 3 } } })).json();
  expect(need.format).toBe('upwind-rod/need');
  expect(need.setting).toBeGreaterThan(10);
  const drawer = {
    format: 'upwind-rod/drawer',
    version: 1,
    wires: [{ name: 'w', wire: { alloy: 'nicr-80', diameterMm: 0.455 }, metres: 5 }],
    supplies: [{ name: 's', supply: RIG.supply, controls: [{ kind: 'volts' }, { kind: 'none' }] }],
    job: { frame: RIG.frame, foam: RIG.foam, cut: { feedMmS: 2.6 } },
  };
  const match = await (await request.post('/api/v1/match', { data: drawer })).json();
  expect(match.format).toBe('upwind-rod/match');
  expect(match.pairs.length + match.refused.length).toBe(12);
  expect(match.pairs[0].reading.supply.holds).toBe(true);
  const bad = await request.post('/api/v1/match', { data: { ...drawer, job: { ...drawer.job, cut: {} } } });
  expect(bad.status()).toBe(422);
  expect(JSON.stringify(await bad.json())).toContain('job.cut.feedMmS');
  const tune = await (await request.post('/api/v1/tune', { data: { rig: RIG, cuts: [] } })).json();
  expect(tune.tuning.used).toBe(0);
});

test('rubbish gets a clear refusal and the server lives', async ({ request }) => {
  const refused = async (path: string, data: unknown, status: number, text: string) => {
    const r = await request.post(path, {
      data: typeof data === 'string' ? Buffer.from(data) : data,
      headers: { 'content-type': 'application/json' },
    });
    expect(r.status(), path).toBe(status);
    expect(JSON.stringify(await r.json())).toContain(text);
  };
  await refused('/api/v1/solve', '{"a":', 400, 'is not JSON');
  await refused('/api/v1/solve', '', 400, 'is not JSON');
  await refused('/api/v1/solve', { ...RIG, wire: { ...RIG.wire, diameterMm: '0.4' } }, 422, 'wire.diameterMm');
  await refused('/api/v1/solve', [RIG, { ...RIG, foam: null }], 422, '[1].foam');
  await refused('/api/v1/solve', { ...RIG, note: 'x'.repeat(300 * 1024) }, 413, '256 kB');
  await refused('/api/v1/solve', '['.repeat(40) + ']'.repeat(40), 422, 'deeper than 32');
  await refused('/api/v1/need', RIG, 422, 'cut.feedMmS');
  await refused('/api/v1/nothing', RIG, 404, 'solve, need, match, tune');
  for (const place of ['/api/nothing', '/api/rigs/nothing/at/all'])
    await refused(place, RIG, 404, 'no such route');
  await refused('/api/rigs', { doc: RIG, spoolId: 'not there' }, 422, 'not in the drawer');
  await refused('/api/rigs/nothing/cuts', { at: '2026-05-02T18:10:00Z', widthMm: 600 }, 404, 'no such rig');
  await refused('/api/drawer/spools', { name: '', alloy: 'gold' }, 422, 'alloy');
  expect((await request.get('/api/health')).status()).toBe(200);
});

/** A plain request with headers of our choosing, which fetch would not send. */
function raw(port: number, headers: Record<string, string>, method = 'POST'): Promise<number> {
  return new Promise((resolve, reject) => {
    const body = method === 'POST' ? JSON.stringify(RIG) : '';
    const r = http.request(
      {
        host: '127.0.0.1',
        port,
        path: '/api/v1/solve',
        method,
        headers: { 'content-type': 'application/json', ...headers },
      },
      (res) => {
        res.resume();
        resolve(res.statusCode ?? 0);
      },
    );
    r.on('error', reject);
    r.end(body);
  });
}

test('a foreign Origin or Host is refused', async ({ server }) => {
  expect(await raw(server.port, {})).toBe(200);
  expect(await raw(server.port, { origin: server.url })).toBe(200);
  expect(await raw(server.port, { origin: 'http://evil.example' })).toBe(403);
  expect(await raw(server.port, { origin: 'null' })).toBe(403);
  expect(await raw(server.port, { host: 'evil.example' })).toBe(421);
  expect(
    await raw(server.port, {
      host: `evil.example:${server.port}`,
      origin: `http://evil.example:${server.port}`,
    }),
  ).toBe(421);
  expect(await raw(server.port, { 'sec-fetch-site': 'cross-site' })).toBe(403);
});
