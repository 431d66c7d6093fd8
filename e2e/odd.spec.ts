import fs from 'node:fs';
import { expect, test } from '@playwright/test';
import { everyPlace, oddRequest, PATIENCE_MS, seeded, sendOdd } from './odd';
import { databaseOf, onServer } from './database';
import { TIMED, within } from './figure';
import { startServer, type Server } from './server';

const ODD = Number(process.env.ODD ?? 3000);
/** On a PostgreSQL server fewer in `npm test`: the door and the routes are the same. */
const ON_SERVER = Number(process.env.ODD_ON_SERVER ?? 1000);
const AT_ONCE = 6;
const SLOWEST_MS = 2000;
/**
 * So many at least warm the server, however few follow: the C library keeps some megabytes for each of up to eight threads a processor
 * (16 arenas here), and each is at its most only when its thread has had a large piece of work (measured: 17 MB of arenas after 1 500
 * requests, 61 after 6 500, while the runtime's own heap after a rest was 104 to 106 MB throughout).
 */
const WARM = 1500;
/** After so long without a request threads that worked things out end, s, and what they held goes back. */
const REST_S = 1;

/** A run of practice and what was found of a hidden bench, as they are sent and as documents. */
const traces = (rig: object): unknown[] => {
  const [line, face] = [
    [
      [-5, 5],
      [60, 5],
    ],
    { x0: 0, x1: 50, y0: 0, y1: 10 },
  ];
  const course = {
    near: line,
    far: line,
    faces: { near: face, far: face },
    marks: [],
    together: true,
    feed: 4,
  };
  const head = { format: 'upwind-rod/trace', version: 1, rig };
  const led = { ...head, kind: 'led', drill: 'feed', course, near: Array(200).fill(2), far: null };
  const bench = {
    ...head,
    kind: 'bench',
    drill: 'unknown',
    bench: 3,
    cuts: [3],
    answer: { fault: 'nothing', maxMmS: 6 },
  };
  return [led, bench, { rigId: null, at: '2026-05-02T18:10:00Z', trace: led }];
};

/** Threads of the server's process: one more for each in which something is worked out. */
const threads = (server: Server) => fs.readdirSync(`/proc/${server.child.pid}/task`).length;
const memory = (server: Server) =>
  Number(/VmRSS:\s+(\d+)/.exec(fs.readFileSync(`/proc/${server.child.pid}/status`, 'utf8'))![1]) / 1024;

test(
  `${ODD} odd requests, ${ON_SERVER} on a server, over every route and method: no fault of the server, no hang, and it lives on`,
  TIMED,
  async () => {
    test.setTimeout(120_000 + Math.max(ODD, ON_SERVER) * 60);
    const project = test.info().project.name;
    const below = await databaseOf(project);
    const wanted = onServer(project) ? ON_SERVER : ODD;
    const server = await startServer({ seed: true, env: { ...below.env, UPWIND_REST_S: `${REST_S}` } });
    const alone = threads(server);
    const get = async (place: string) => (await (await fetch(server.url + place)).json()) as never;
    const rigs: { id: string; doc: object }[] = await get('/api/rigs');
    const of = rigs[0]!;
    const open = (await get(`/api/rigs/${of.id}`)) as { cuts: { id: string; cut: object }[] };
    const drawer = (await get('/api/drawer')) as Record<string, Record<string, unknown>[]>;
    const plans = (await Promise.all(rigs.map((r) => get(`/api/rigs/${r.id}/plans`)))).flat() as {
      id: string;
      doc: object;
    }[];
    const events = (await get(`/api/rigs/${of.id}/events`)) as { id: string; event: object }[];
    const stock = Object.values(drawer).map((list) =>
      Object.fromEntries(Object.entries(list[0] ?? {}).filter(([k]) => k !== 'id' && k !== 'demo')),
    );
    const bodies: unknown[] = [
      ...[
        of.doc,
        { doc: of.doc },
        { base: 1, doc: of.doc },
        { base: 2147483648, doc: of.doc },
        [of.doc, of.doc],
      ],
      ...[{ rig: of.doc, cuts: open.cuts.map((c) => c.cut) }, open.cuts[0]?.cut, events[0]?.event],
      ...(plans[0]
        ? [plans[0].doc, { base: 1, doc: plans[0].doc }, await get(`/api/plans/${plans[0].id}/document`)]
        : []),
      ...[{ archived: true }, { metres: 1 }, { name: 'view', query: 'q=a' }, ...stock],
      ...[
        {
          text: 'at,width\n2026-05-02,600',
          form: 'csv',
          rigId: of.id,
          mapping: { columns: { at: { column: 'at', unit: 'furlong' } } },
        },
      ],
      ...traces(of.doc),
      ...[{ text: '[]', form: 'json' }, { at: '2026-05-02T18:10:00Z', newtons: 20 }, await get('/api/backup')],
    ];
    const ids = [
      of.id,
      rigs[1]!.id,
      plans[0]?.id ?? 'none',
      events[0]?.id ?? 'none',
      drawer['spools']![0]!['id'] as string,
      'spools',
      'foams',
    ];
    const r = seeded(13);
    const places = everyPlace();
    expect(places.length).toBeGreaterThan(40);
    // Warm: what the first requests load stays, and threads that worked things out end.
    for (const { place } of places.filter((p) => !p.place.includes('[') && !p.place.startsWith('/api')))
      await fetch(server.url + place);
    const bad: string[] = [];
    let slowest: { ms: number; what: string }[] = [];
    const statuses = new Map<number, number>();
    const send = async (many: number) => {
      let left = many;
      const one = async () => {
        while (left-- > 0) {
          const odd = oddRequest(r, { places, ids, bodies });
          const { status, ms } = await sendOdd(server.port, odd).catch(() => ({ status: 0, ms: PATIENCE_MS }));
          statuses.set(status, (statuses.get(status) ?? 0) + 1);
          const what = `${status} in ${Math.round(ms)} ms: ${odd.method} ${odd.place.slice(0, 200)} ${JSON.stringify(odd.headers)} ${odd.body?.toString('utf8').slice(0, 300) ?? ''}`;
          if (status === 0 || status >= 500) bad.push(what);
          slowest = [...slowest, { ms, what }].sort((a, b) => b.ms - a.ms).slice(0, 5);
        }
      };
      await Promise.all(Array.from({ length: AT_ONCE }, one));
      // A thread works once more. When it has ended the server has rested, and what is no longer used was given back before.
      await fetch(`${server.url}/api/v1/solve`, { method: 'POST', body: JSON.stringify(of.doc) });
      await expect.poll(() => threads(server), { timeout: 60_000 }).toBe(alone);
    };
    await send(Math.max(wanted / 2, WARM));
    const before = memory(server);
    await send(wanted);
    console.log(
      [...statuses]
        .sort((a, b) => a[0] - b[0])
        .map(([s, n]) => `${s}: ${n}`)
        .join(', '),
      `slowest ${slowest.map(({ ms, what }) => `${Math.round(ms)} ms ${what.split(' ').slice(4, 6).join(' ')}`)}`,
    );
    expect(bad.slice(0, 10), server.output().slice(-3000)).toEqual([]);
    within('the slowest of them', slowest[0]!.ms, SLOWEST_MS);
    console.log(`memory ${Math.round(before)} MB before, ${Math.round(memory(server))} MB after`);
    expect(memory(server)).toBeLessThan(before * 1.2);
    expect((await fetch(`${server.url}/api/rigs`)).status).toBe(200);
    await server.stop();
    await below.stop();
  },
);
