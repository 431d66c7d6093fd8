import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { refused } from './testRefused';
import { z } from 'zod';
import { drawerSchema } from '@/core/documents/drawer';
import { seededDrawer } from '@/core/engine/match/testDrawer';
import { testRig } from '@/core/engine/testRigs';
import { openTestDb } from '@/db/testDatabases';
import { readBody } from './body';
import { closeDatabase } from './db';
import { createRig } from './rigs';
import { routes } from './routes';
import * as stock from './stock';
import { verbRequest } from './verbs';
import { exportWiring } from './wiring';

const NO_LINKS = { foamStockId: null, spoolId: null, supplyId: null };
const send = (body: unknown, signal?: AbortSignal) =>
  new Request('http://x/', { method: 'POST', body: JSON.stringify(body), ...(signal ? { signal } : {}) });

beforeAll(() => {
  (globalThis as unknown as { upwindDb: unknown }).upwindDb = openTestDb();
});
afterAll(() => closeDatabase());

describe('the drawer over the server', () => {
  it('takes every kind of thing, refuses the odd key, and forgets nothing', async () => {
    await stock.addStock('spools', send({ name: 'Wire', alloy: 'nicr-80', diameterMm: 0.4, metres: 2 }));
    await stock.addStock('controls', send({ name: 'Dimmer', control: { kind: 'pwm', ratedAmps: 8 } }));
    await stock.addStock('leads', send({ name: 'Pair', areaMm2: 1.31, lengthMm: 3000 }));
    const bad = await refused(
      stock.addStock('leads', send({ name: 'Pair', areaMm2: 0, lengthMm: 1, colour: 'red' })),
    );
    expect(bad.status).toBe(422);
    expect(bad.faults.map((f) => f.path).sort()).toEqual(['areaMm2', 'colour']);
    expect((await refused(stock.addStock('shoes', send({})))).status).toBe(404);
    const d = await stock.drawer();
    expect(d.controls[0]!.control).toMatchObject({ kind: 'pwm', ratedAmps: 8, frequencyHz: 1000 });
    expect([d.spools.length, d.controls.length, d.leads.length]).toEqual([1, 1, 1]);
  });

  it('hangs wire off a spool until it is short, and says so', async () => {
    const [spool] = (await stock.drawer()).spools;
    expect((await stock.hangWire(spool!.id, send({ metres: 1.2 }))).metres).toBe(0.8);
    const short = await refused(stock.hangWire(spool!.id, send({ metres: 1.2 })));
    expect([short.status, short.faults[0]!.rule]).toEqual([409, 'left']);
    expect((await refused(stock.hangWire('nothing', send({ metres: 1 })))).status).toBe(404);
    expect((await refused(stock.hangWire(spool!.id, send({ metres: -1 })))).status).toBe(422);
    expect((await stock.drawer()).spools[0]!.metres).toBe(0.8);
  });

  it('a thing in use names its rigs before it goes; loose things go at once', async () => {
    const { spools, controls } = await stock.drawer();
    await createRig({ doc: testRig({ name: 'Bow' }), ...NO_LINKS, spoolId: spools[0]!.id });
    const used = await refused(stock.removeStock('spools', spools[0]!.id, false));
    expect(used.status).toBe(409);
    expect(used.faults[0]!.message).toContain('Bow');
    expect(await stock.removeStock('controls', controls[0]!.id, false)).toEqual({ ok: true });
    expect(await stock.removeStock('spools', spools[0]!.id, true)).toEqual({ ok: true });
  });
});

describe('the wiring sheet over the server', () => {
  it('is an SVG and a PDF by the rig’s name', async () => {
    const { record } = await createRig({ doc: testRig({ name: 'Bow/../x' }), ...NO_LINKS });
    const svg = await exportWiring(record.id, 'svg', 'inch');
    expect(svg.headers.get('content-disposition')).toContain("UTF-8''Bowx.wiring.svg");
    expect(await svg.text()).toContain('AWG');
    const pdf = await exportWiring(record.id, 'pdf', 'metric');
    expect(
      Buffer.from(await pdf.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-');
    expect((await refused(exportWiring(record.id, 'dwg', 'metric'))).status).toBe(404);
    expect((await refused(exportWiring('nothing', 'svg', 'metric'))).status).toBe(404);
  });

  it('a wire on the mains is not drawn', async () => {
    const mains = { kind: 'other', volts: 230, maxAmps: 10, current: 'ac', isolated: false } as const;
    const doc = testRig({ supply: mains, control: { kind: 'phase', setting: 150 } });
    const { record } = await createRig({ doc, ...NO_LINKS });
    const no = await refused(exportWiring(record.id, 'pdf', 'metric'));
    expect([no.status, no.faults[0]!.rule]).toEqual([422, 'mains-direct']);
  });
});

describe('a match over the server', () => {
  const size = { wires: 8, lengths: 5, supplies: 6, controls: 18 };
  const drawer = seededDrawer(4, size, true);

  it('lets other work in while it runs, and answers whole', async () => {
    let ticks = 0;
    const timer = setInterval(() => ticks++, 1);
    const answer = (await (await verbRequest('match', send(drawer))).json()) as {
      pairs: unknown[];
      refused: unknown[];
    };
    clearInterval(timer);
    expect(answer.pairs.length + answer.refused.length).toBe(8 * 5 * 18);
    expect(ticks).toBeGreaterThan(0);
    const many = (await (await verbRequest('match', send([drawer, drawer]))).json()) as unknown[];
    expect(many).toHaveLength(2);
  });

  it('ends when its caller has gone', async () => {
    const gone = new AbortController();
    const work = refused(verbRequest('match', send(drawer, gone.signal)));
    gone.abort();
    expect((await work).faults[0]!.rule).toBe('cancelled');
  });

  it('refuses a drawer with the path of what is wrong, and one too large for its route', async () => {
    const wrong = await refused(verbRequest('match', send({ ...drawer, weights: { reserve: 99 } })));
    expect(wrong.faults[0]!.path).toBe('weights.reserve');
    const fat = { ...drawer, wires: [{ ...drawer.wires[0], name: 'x'.repeat(1100 * 1024) }] };
    expect((await refused(verbRequest('match', send(fat)))).status).toBe(413);
    expect(drawerSchema.safeParse(drawer).success).toBe(true);
  });

  it('what is thrown that is no refusal is a plain 500, and says nothing of the inside', async () => {
    const { GET } = routes({ GET: () => Promise.reject(new Error('the secret inside')) });
    const answer = await GET(new Request('http://x/'), { params: Promise.resolve({}) });
    expect(answer.status).toBe(500);
    expect(await answer.text()).not.toContain('secret');
  });
});

describe('every route', () => {
  const { GET, PUT, DELETE, OPTIONS } = routes<{ id?: string }>({
    GET: (_, { id }) => ({ id }),
    PUT: async (request) => readBody(request, z.strictObject({ n: z.number() }).array(), 100_000),
  });
  const at = (id?: string) => ({ params: Promise.resolve(id === undefined ? {} : { id }) });
  const get = (query: string, id?: string) => GET(new Request(`http://x/${query}`), at(id));

  it('says which methods it knows', async () => {
    const no = await DELETE(new Request('http://x/'), at());
    expect([no.status, no.headers.get('allow')]).toEqual([405, 'GET, PUT, HEAD, OPTIONS']);
    expect((await no.json()).error.rule).toBe('method');
    expect((await OPTIONS(new Request('http://x/'), at())).headers.get('allow')).toBe(
      'GET, PUT, HEAD, OPTIONS',
    );
  });

  it.each(['', '\u0000', 'a/b', '\ud800', 'a'.repeat(65), 'é'])('an id %j is none that is there', async (id) =>
    expect((await get('', id)).status).toBe(404),
  );
  it('an id that this program or a backup gave is taken', async () => {
    for (const id of [crypto.randomUUID(), 'new 1', 'spools', '2026-11-27.backup.json', 'a_b~c'])
      expect(await (await get('', id)).json()).toEqual({ id });
  });

  it('a query value that is no text is refused by its name', async () => {
    const no = await get('?q=a%00b');
    expect([no.status, (await no.json()).error.path]).toEqual([422, 'q']);
  });

  it('tells fifty faults and how many more there are', async () => {
    const body = JSON.stringify(Array.from({ length: 80 }, () => ({})));
    const no = await PUT(new Request('http://x/', { method: 'PUT', body }), at());
    const told = await no.json();
    expect([no.status, told.errors.length, told.more]).toEqual([422, 50, 30]);
  });

  it('a body is measured as it comes, whatever it says of its size', async () => {
    const body = new ReadableStream({ pull: (c) => c.enqueue(new Uint8Array(60_000)) });
    const endless = new Request('http://x/', { method: 'PUT', body, duplex: 'half' } as RequestInit);
    expect((await PUT(endless, at())).status).toBe(413);
  });
});
