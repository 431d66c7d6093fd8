import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { testRig } from '@/core/engine/testRigs';
import { setPath } from './edit';
import { createRigStore } from './rigStore';

const doc = testRig();
const record = {
  ...{ id: 'r1', revision: 4, doc, foamStockId: null, spoolId: 's1', supplyId: null },
  ...{ demo: false, touched: false, archived: false, updatedAt: '2026-09-26T10:00:00.000Z' },
};
const tuning = { logMean: 0, logSd: 0.35, slowMean: 0, slowSd: 0.5, setAside: [], used: 0, shownSd: 0.4 };
const open = { record, cuts: [], tuning };
const sent: { method: string; url: string; body: Record<string, unknown> }[] = [];
let answer: () => { status: number; body: unknown };

beforeEach(() => {
  vi.useFakeTimers();
  sent.length = 0;
  answer = () => ({ status: 200, body: { ...open, record: { ...record, revision: 4 + sent.length } } });
  vi.stubGlobal('fetch', (url: string, init: { method: string; body: string }) => {
    sent.push({ method: init.method, url, body: init.body ? JSON.parse(init.body) : {} });
    const { status, body } = answer();
    return Promise.resolve(new Response(JSON.stringify(body), { status }));
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const settle = () => vi.advanceTimersByTimeAsync(600);
const wire = (mm: number) => setPath(doc, 'wire.lengthMm', mm);

describe('an open rig', () => {
  it('an edit with a link of the drawer is one step of undo, and one save of both', async () => {
    const { store } = createRigStore(open);
    expect(store.getState().edit('wire', wire(1200), { spoolId: null })).toBe(true);
    await settle();
    expect(sent).toHaveLength(1);
    expect(sent[0]).toMatchObject({ method: 'PUT', body: { base: 4, spoolId: null, foamStockId: null } });
    store.getState().undo();
    expect(store.getState().doc.wire.lengthMm).toBe(doc.wire.lengthMm);
    expect(store.getState().links.spoolId).toBe('s1');
    store.getState().redo();
    expect(store.getState().links.spoolId).toBeNull();
    expect(store.getState().doc.wire.lengthMm).toBe(1200);
  });

  it('a refused edit changes nothing, is no step of undo and is not sent', async () => {
    const { store } = createRigStore(open);
    expect(store.getState().edit('wire', wire(-1))).toBe(false);
    await settle();
    expect(sent).toHaveLength(0);
    expect(store.getState()).toMatchObject({ doc, past: [], save: 'saved' });
  });

  it('another foam or wire brings its own log and tuning with the next save; any other edit keeps them', async () => {
    const { store } = createRigStore(open);
    answer = () => ({ status: 200, body: { ...open, tuning: { ...tuning, used: 9 } } });
    store.getState().edit('wire', wire(1200));
    await settle();
    expect(store.getState().tuning.used).toBe(0);
    store.getState().edit('spool', wire(1300), { spoolId: 's2' });
    await settle();
    expect(store.getState().tuning.used).toBe(9);
  });

  it('the other’s save, taken, is one step that undo brings back', async () => {
    const { store } = createRigStore(open);
    const theirs = { ...open, record: { ...record, revision: 9, doc: { ...doc, name: 'Theirs' } } };
    answer = () => ({ status: 409, body: { errors: [], theirs } });
    store.getState().edit('name', setPath(doc, 'name', 'Mine'));
    await settle();
    expect(store.getState().save).toBe('conflict');
    store.getState().settle('theirs');
    expect(store.getState()).toMatchObject({ theirs: null, save: 'saved', doc: { name: 'Theirs' } });
    answer = () => ({ status: 200, body: { ...open, record: { ...record, revision: 10 } } });
    store.getState().undo();
    await settle();
    expect(sent.at(-1)!.body).toMatchObject({ base: 9, doc: { name: 'Mine' } });
  });

  it('a conflict whose other side cannot be read is told as a refusal: nothing is taken or lost', async () => {
    const { store } = createRigStore(open);
    answer = () => ({ status: 409, body: { errors: [], theirs: { record: {} } } });
    store.getState().edit('name', setPath(doc, 'name', 'Mine'));
    await settle();
    expect(store.getState()).toMatchObject({ theirs: null, save: 'refused', doc: { name: 'Mine' } });
  });

  it('a cut is logged on the rig as it is saved: what waits goes first', async () => {
    const { store } = createRigStore(open);
    store.getState().edit('wire', wire(1200));
    answer = () =>
      sent.at(-1)!.method === 'PUT'
        ? { status: 200, body: open }
        : { status: 200, body: { open: { ...open, tuning: { ...tuning, used: 1 } }, counts: true } };
    const cut = { at: '2026-09-26T10:00:00.000Z', widthMm: 500 } as never;
    const logged = store.getState().logCut(cut);
    await vi.advanceTimersByTimeAsync(2000);
    expect((await logged).kind).toBe('done');
    expect(sent.map((s) => s.method)).toEqual(['PUT', 'POST']);
    expect(store.getState().tuning.used).toBe(1);
  });

  it('a cut that cannot be deleted says why and stays', async () => {
    const { store } = createRigStore(open);
    answer = () => ({ status: 404, body: { errors: [] } });
    const said = store.getState().dropCut('c1');
    await settle();
    expect(await said).toBeTypeOf('string');
    expect(store.getState().cuts).toBe(open.cuts);
  });
});
