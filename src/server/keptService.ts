import 'server-only';
import type { KeptIn, KeptRecord } from '@/db/kept';
import { getRig } from '@/db/rigs';
import { database } from './db';
import { Refusal, refusal } from './http';
import { sameSave } from './sameSave';

/** What the routes do with documents that are kept beside a rig; `gone`: how one that is not there is refused. */
export function keptService<D extends { readonly name: string }>(kept: KeptIn<D>, gone: () => Refusal) {
  return {
    async list(rigId: string): Promise<KeptRecord<D>[]> {
      return kept.of(await database(), rigId);
    },
    async add(rigId: string, doc: D): Promise<KeptRecord<D>> {
      const db = await database();
      if (!(await getRig(db, rigId))) throw refusal(404, 'not-found', 'There is no such rig.');
      return kept.insert(db, rigId, doc);
    },
    /** Saves a document; where another save came first, answers 409 with that one. */
    async put(id: string, base: number, doc: D): Promise<{ record: KeptRecord<D> }> {
      const db = await database();
      const saved = await kept.save(db, id, base, doc);
      if (saved) return { record: saved };
      const there = await kept.get(db, id);
      if (!there) throw gone();
      if (there.revision > base && sameSave(doc, there.doc)) return { record: there };
      throw new Refusal(409, [{ path: '(document)', rule: 'revision', message: 'was saved elsewhere first' }], {
        theirs: { record: there },
      });
    },
    async remove(id: string): Promise<{ ok: true }> {
      if (!(await kept.remove(await database(), id))) throw gone();
      return { ok: true };
    },
  };
}
