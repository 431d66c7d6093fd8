import fs from 'node:fs';
import path from 'node:path';
import { backupSchema, type Backup } from '@/core/documents/backup';
import { faultsOf, type DocumentFault } from '@/core/documents/faults';
import { plainFault } from '@/core/documents/plain';
import { runVerb, type Verb } from '@/core/edge/verbs';

/** Work that would hold up all other requests, done in a thread of its own. */
export type Job =
  /** The open documents: their text in, the answer's text out. */
  | { readonly kind: 'verb'; readonly verb: Verb; readonly text: Uint8Array }
  /** A backup's file in; its pictures go into a folder, the rest comes back. */
  | { readonly kind: 'backup'; readonly file: string; readonly pictures: string };

export type JobAnswer =
  | { readonly ok: true; readonly output: unknown }
  | { readonly ok: false; readonly status: number; readonly faults: readonly DocumentFault[] };

const refused = (status: number, ...faults: DocumentFault[]): JobAnswer => ({ ok: false, status, faults });

/** JSON as it came, checked for what no document holds whatever its kind. */
function parsed(text: string): { doc: unknown } | JobAnswer {
  let doc: unknown;
  try {
    doc = JSON.parse(text);
  } catch {
    return refused(400, { path: '(document)', rule: 'json', message: 'is not JSON' });
  }
  const fault = plainFault(doc);
  return fault ? refused(422, fault) : { doc };
}

/** Does a job. Never throws for what the sender did wrong. */
export function doJob(job: Job): JobAnswer {
  return job.kind === 'verb' ? doVerb(job.verb, job.text) : readBackup(job.file, job.pictures);
}

function doVerb(verb: Verb, bytes: Uint8Array): JobAnswer {
  const read = parsed(Buffer.from(bytes).toString('utf8'));
  if (!('doc' in read)) return read;
  const answer = runVerb(verb, read.doc);
  return answer.ok
    ? { ok: true, output: JSON.stringify(answer.output) }
    : refused(422, ...answer.faults.slice(0, 1000));
}

/** A backup without its pictures' bytes: those are files. */
export type BareBackup = Backup;

function readBackup(file: string, pictures: string): JobAnswer {
  const read = parsed(fs.readFileSync(file, 'utf8'));
  if (!('doc' in read)) return read;
  const checked = backupSchema.safeParse(read.doc);
  if (!checked.success) return refused(422, ...faultsOf(checked.error).slice(0, 1000));
  fs.mkdirSync(pictures, { recursive: true });
  const photos = checked.data.photos.map((p) => {
    if (p.data !== null) {
      const fd = fs.openSync(path.join(pictures, `${p.id}.jpg`), 'w');
      fs.writeFileSync(fd, Buffer.from(p.data, 'base64'));
      fs.fsyncSync(fd);
      fs.closeSync(fd);
    }
    return { ...p, data: null };
  });
  return { ok: true, output: { ...checked.data, photos } satisfies BareBackup };
}
