import type { OpenRig } from '@/server/types';
import type { Saved, Saver } from './saver';
import { rigServer } from './server/rigs';

/** An open rig, as far as news concern it. */
interface OpenHere {
  readonly id: string;
  readonly rig: {
    readonly saver: Pick<Saver<Saved>, 'open'>;
    readonly follow: (answer: OpenRig) => Promise<boolean>;
  };
  /** Ends when nothing waits to be saved any more, or after a while. */
  readonly settled: () => Promise<void>;
  /** Takes the cuts and what they tune alone. */
  readonly log: (answer: OpenRig) => void;
}

/** Those that are being caught up with; true: something came meanwhile. */
const under = new Map<OpenHere['rig'], boolean>();

/** Takes what was saved or logged elsewhere; what waits here goes first, and a conflict is asked as it is. */
export async function catchUp({ id, rig, settled, log }: OpenHere): Promise<void> {
  const busy = under.has(rig);
  under.set(rig, busy);
  if (busy) return;
  try {
    do {
      under.set(rig, false);
      await settled();
      const answer = await rigServer.open(id);
      if (answer.kind !== 'done') return;
      // What was saved here while it was asked for makes it old: it is asked for once more.
      if (rig.saver.open) under.set(rig, true);
      else if (!(await rig.follow(answer.data))) log(answer.data);
    } while (under.get(rig));
  } finally {
    under.delete(rig);
  }
}
