import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { refused } from './testRefused';
import { testRig } from '@/core/engine/testRigs';
import { heavy } from './heavy';
import { doJob } from './heavyJobs';

const bytes = (doc: unknown) =>
  Uint8Array.from(Buffer.from(typeof doc === 'string' ? doc : JSON.stringify(doc)));
const solve = (doc: unknown) => ({ kind: 'verb', verb: 'solve', text: bytes(doc) }) as const;
const rigs = (n: number) => Array.from({ length: n }, () => testRig());
/** Seconds of work. */
const LONG = `[${new Array(20_000).fill(JSON.stringify(testRig())).join()}]`;

describe('work in a thread', () => {
  it('gives the answer that the same work gives here', async () => {
    const there = await heavy(solve(rigs(3)), { deadlineMs: 30_000 });
    expect(there).toBe((doJob(solve(rigs(3))) as { output: string }).output);
    expect(JSON.parse(there as string)).toHaveLength(3);
  });

  it('refuses as the work does', async () => {
    expect((await refused(heavy(solve('{'), { deadlineMs: 30_000 }))).status).toBe(400);
    expect((await refused(heavy(solve('"\\ud800"'), { deadlineMs: 30_000 }))).faults[0]!.rule).toBe('text');
    const bad = await refused(heavy(solve([testRig(), {}]), { deadlineMs: 30_000 }));
    expect(bad.faults[0]!.path).toMatch(/^\[1\]/);
  });

  it('ends at its deadline and with its caller, running or waiting; what comes after is done', async () => {
    const late = await refused(heavy(solve(LONG), { deadlineMs: 50 }));
    expect([late.status, late.faults[0]!.rule]).toEqual([503, 'late']);
    const gone = new AbortController();
    const many = Array.from({ length: 5 }, () =>
      refused(heavy(solve(LONG), { deadlineMs: 30_000, signal: gone.signal })),
    );
    gone.abort();
    for (const e of await Promise.all(many)) expect(e.faults[0]!.rule).toBe('cancelled');
    expect((await refused(heavy(solve([]), { deadlineMs: 1000, signal: gone.signal }))).status).toBe(499);
    expect(await heavy(solve([]), { deadlineMs: 30_000 })).toBe('[]');
  });

  it('says that it is busy where too many wait', async () => {
    const gone = Array.from({ length: 30 }, () => new AbortController());
    const all = gone.map(({ signal }) => refused(heavy(solve(LONG), { deadlineMs: 30_000, signal })));
    for (const g of gone) g.abort();
    const rules = (await Promise.all(all)).map((e) => e.faults[0]!.rule);
    expect(rules.filter((r) => r === 'busy').length).toBe(30 - 2 - 16);
    expect(rules.filter((r) => r === 'cancelled').length).toBe(2 + 16);
  });

  it('a thread that falls is replaced', async () => {
    const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-heavy-'));
    const fell = heavy(
      { kind: 'backup', file: path.join(folder, 'nothing'), pictures: folder },
      { deadlineMs: 30_000 },
    );
    expect((await refused(fell)).status).toBe(500);
    expect(await heavy(solve([]), { deadlineMs: 30_000 })).toBe('[]');
  });
});

describe('a backup that is read', () => {
  const backup = (data: string | null) => ({
    format: 'upwind-rod/backup',
    version: 1,
    madeAt: '2026-05-02T18:10:00Z',
    ...{ foams: [], spools: [], supplies: [], controls: [], leads: [], cuts: [], pulls: [] },
    rigs: [{ id: 'r', doc: testRig(), updatedAt: '2026-05-02T18:10:00Z' }],
    photos: [
      ...[
        { id: '00000000-0000-4000-8000-000000000001', rigId: 'r', cutId: null, name: 'p', width: 1, height: 1 },
      ],
    ].map((p) => ({ ...p, at: '2026-05-02T18:10:00Z', data })),
  });
  const read = (doc: unknown) => {
    const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'upwind-heavy-'));
    fs.writeFileSync(path.join(folder, 'b.json'), JSON.stringify(doc));
    const answer = doJob({
      kind: 'backup',
      file: path.join(folder, 'b.json'),
      pictures: path.join(folder, 'p'),
    });
    return {
      answer,
      pictures: fs.existsSync(path.join(folder, 'p')) ? fs.readdirSync(path.join(folder, 'p')) : [],
    };
  };

  it('lays its pictures aside as files and gives the rest', () => {
    const { answer, pictures } = read(backup(Buffer.from('picture').toString('base64')));
    expect(pictures).toEqual(['00000000-0000-4000-8000-000000000001.jpg']);
    expect(answer).toMatchObject({ ok: true, output: { photos: [{ data: null }] } });
  });

  it.each(['a', 'ab=c', 'abc=====', 'ab\u00e4d', '===='])(
    'refuses %j as a picture’s bytes, and lays nothing aside',
    (data) => {
      const { answer, pictures } = read(backup(data));
      expect(answer).toMatchObject({ ok: false, status: 422, faults: [{ path: 'photos[0].data' }] });
      expect(pictures).toEqual([]);
    },
  );
});
