import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { piecePlanSchema } from '@/core/documents/plan';
import { createPlanStore, mergedPlan } from './planStore';

const doc = piecePlanSchema.parse({
  format: 'upwind-rod/plan',
  version: 1,
  name: 'A core',
  piece: {
    spanMm: 640,
    root: { section: { kind: 'naca', code: '4412' }, chordMm: 180 },
    tip: { section: { kind: 'naca', code: '4412' }, chordMm: 120 },
  },
});
const record = { id: 'p1', rigId: 'r1', revision: 3, doc };
const sent: { base: number; doc: unknown }[] = [];
let answer: () => { status: number; body: unknown };

beforeEach(() => {
  vi.useFakeTimers();
  sent.length = 0;
  answer = () => ({ status: 200, body: { record: { ...record, revision: record.revision + sent.length } } });
  vi.stubGlobal('fetch', (_: string, init: { body: string }) => {
    sent.push(JSON.parse(init.body));
    const { status, body } = answer();
    return Promise.resolve(new Response(JSON.stringify(body), { status }));
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const settle = () => vi.advanceTimersByTimeAsync(600);

describe('an open piece', () => {
  it('a burst of edits is one save and one step of undo', async () => {
    const { store } = createPlanStore(record);
    for (const chordMm of [150, 151, 152])
      expect(store.getState().edit('chord', { piece: { root: { chordMm } } })).toBeNull();
    await settle();
    expect(sent).toHaveLength(1);
    expect(sent[0]).toMatchObject({ base: 3, doc: { piece: { root: { chordMm: 152 } } } });
    expect(store.getState().save).toBe('saved');
    store.getState().undo();
    expect(store.getState().doc.piece.root.chordMm).toBe(180);
    store.getState().redo();
    expect(store.getState().doc.piece.root.chordMm).toBe(152);
  });
  it('a refused edit changes nothing and says the rule', async () => {
    const { store } = createPlanStore(record);
    expect(store.getState().edit('chord', { piece: { root: { chordMm: 0 } } })).toBe('must be at least 2');
    expect(store.getState().doc).toBe(doc);
    await settle();
    expect(sent).toHaveLength(0);
  });
  it('a save that the server refuses is told, is not tried again in silence, and is over with the next good one', async () => {
    const { store } = createPlanStore(record);
    const error = { path: 'piece.spanMm', rule: '<= 20000', message: 'must be at most 20000' };
    answer = () => ({ status: 422, body: { errors: [{ error }] } });
    store.getState().edit('name', { name: 'Refused' });
    await vi.advanceTimersByTimeAsync(60_000);
    expect(sent).toHaveLength(1);
    expect(store.getState().save).toBe('refused');
    expect(store.getState().problem).toContain('must be at most 20000');
    expect(store.getState().problem).not.toContain('spanMm');
    expect(store.getState().doc.name).toBe('Refused');
    answer = () => ({ status: 200, body: { record: { ...record, revision: 4 } } });
    store.getState().edit('name', { name: 'Taken' });
    await settle();
    expect(store.getState()).toMatchObject({ save: 'saved', problem: null });
  });
  it('another window that saved first is told of; keeping mine saves on top of it', async () => {
    const { store } = createPlanStore(record);
    const theirs = { ...record, revision: 9, doc: { ...doc, name: 'Theirs' } };
    answer = () => ({ status: 409, body: { errors: [], theirs: { record: theirs } } });
    store.getState().edit('name', { name: 'Mine' });
    await settle();
    expect(store.getState().theirs?.record.doc.name).toBe('Theirs');
    answer = () => ({ status: 200, body: { record: { ...record, revision: 10 } } });
    store.getState().settle('mine');
    await settle();
    expect(sent.at(-1)).toMatchObject({ base: 9, doc: { name: 'Mine' } });
  });
});

describe('a patch over a plan', () => {
  it('of what has kinds the new takes the whole place of the old; all else is merged', () => {
    const arm = mergedPlan(
      { ...doc, method: { kind: 'anchored', anchorMm: 900 } },
      { method: { kind: 'lever', armMm: 300 } },
    );
    expect(piecePlanSchema.parse(arm).method).toEqual({ kind: 'lever', armMm: 300 });
    const round = mergedPlan(doc, { piece: { tip: { section: { kind: 'circle' } } } });
    expect(piecePlanSchema.parse(round).piece.tip).toMatchObject({ section: { kind: 'circle' }, chordMm: 120 });
  });
});
