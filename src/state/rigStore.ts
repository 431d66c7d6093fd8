'use client';
import type { LoggedCut } from '@/core/documents/log';
import { rigSchema, type Rig } from '@/core/documents/rig';
import type { Tuning } from '@/core/engine/tune';
import type { CutRecord, Logged, OpenRig, RigLinks } from '@/server/types';
import { inWords, type Outcome } from './api';
import { createDocumentStore, type DocumentState, type Point } from './documentStore';
import type { Edited } from './edit';
import { waitWhile } from './saver';
import { openRigAnswer } from './server/answers';
import { rigServer } from './server/rigs';

/** What undo of a rig brings back: the document and what of the drawer it uses. */
interface RigPoint extends Point<Rig> {
  readonly links: RigLinks;
}

/** What only a rig has: its logged cuts and what they tune. */
interface RigOwn {
  readonly id: string;
  readonly cuts: readonly CutRecord[];
  readonly tuning: Tuning;
  readonly demo: boolean;
  /** Does a command: a label for undo, and the changed document. A refused one changes nothing. */
  readonly edit: (label: string, edited: Edited, links?: Partial<RigLinks>) => boolean;
  readonly logCut: (cut: LoggedCut) => Promise<Outcome<Pick<Logged, 'open' | 'counts'>>>;
  readonly dropCut: (id: string) => Promise<string | null>;
}
export type RigState = RigPoint & DocumentState<RigPoint, OpenRig> & RigOwn;

const linksOf = (r: RigLinks): RigLinks => ({
  foamStockId: r.foamStockId,
  spoolId: r.spoolId,
  supplyId: r.supplyId,
});
const pointOf = ({ record }: OpenRig): RigPoint => ({ doc: record.doc, links: linksOf(record) });

/** The store of one open rig: its document, commands with undo, and saving. Readings are derived from it. */
export function createRigStore(open: OpenRig) {
  const { id } = open.record;
  const log = ({ cuts, tuning }: OpenRig) => rig.store.setState({ cuts, tuning });
  let tunedAnew = false;
  const rig = createDocumentStore<RigPoint, OpenRig, RigOwn>(
    {
      first: pointOf(open),
      revision: open.record.revision,
      answer: openRigAnswer,
      send: (base, { doc, links }) => rigServer.save(id, { base, doc, ...links }),
      pointOf,
      onChange: ({ links }, was) => {
        tunedAnew ||= links.foamStockId !== was.links.foamStockId || links.spoolId !== was.links.spoolId;
      },
      onSaved: (answer) => {
        if (tunedAnew) log(answer);
        tunedAnew = false;
      },
      onTheirs: log,
      stands: ({ doc }) => rigSchema.safeParse(doc).success,
    },
    (get, saver) => ({
      id,
      cuts: open.cuts,
      tuning: open.tuning,
      demo: open.record.demo,
      edit: (label, edited, links) => {
        if (edited.ok) get().take(label, { doc: edited.doc, links: { ...get().links, ...links } });
        return edited.ok;
      },
      logCut: async (cut) => {
        saver().flush();
        await settled();
        const answer = await rigServer.logCut(id, cut);
        if (answer.kind === 'done') log(answer.data.open);
        return answer;
      },
      dropCut: async (cut) => {
        const answer = await rigServer.deleteCut(id, cut);
        if (answer.kind !== 'done') return inWords(answer);
        log(answer.data);
        return null;
      },
    }),
  );
  const settled = () => waitWhile(() => rig.saver.open, 100);
  /** Takes what was saved or logged elsewhere. Fetched when there is such news. */
  const catchUp = () => import('./rigNews').then((m) => m.catchUp({ id, rig, settled, log }));
  return { ...rig, catchUp };
}
export type RigStore = ReturnType<typeof createRigStore>;
