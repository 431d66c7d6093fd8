'use client';
import { useState } from 'react';
import { jobsOf, type MadeKind } from '@/core/documents/jobKinds';
import { JOB_NAMES } from '@/core/words/jobNames';
import { useJob, useJobs } from '@/state/JobContext';
import { downloads } from '@/state/places';
import { useRig } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { TwoWindows } from '@/ui/FindingCard';
import { PickFile } from '@/ui/PickFile';
import { SaveLine } from '@/ui/SaveLine';
import { Select } from '@/ui/Select';
import { TextLine } from '@/ui/TextLine';
import css from './jobs.module.css';
import { newJob } from './newJob';
import { readJob } from './readJob';
import { FIRST_WORDS, NEW_WORDS } from './words';

const MOST_BYTES = 2 * 1024 * 1024;

/** A document from a file, taken in as a new one. */
export function Import(p: { what: 'made' | 'built'; onFault: (fault: string | null) => void }) {
  const { add } = useJobs();
  const frame = useRig((s) => s.doc.frame);
  const take = async (f: File) => {
    if (f.size > MOST_BYTES) return p.onFault(`${f.name} is larger than 2 MB.`);
    const read = readJob(await f.text(), frame, p.what);
    p.onFault(read.ok ? await add(read.job) : `${f.name} ${read.fault}. Nothing was added.`);
  };
  return (
    <PickFile
      name="Job’s document"
      words="Import"
      accept=".json,application/json"
      onFile={(f) => void take(f)}
    />
  );
}

/** A new job of each kind that this cutter can do. */
function Plan({ strong, onFault }: { strong?: boolean; onFault: (fault: string | null) => void }) {
  const { add } = useJobs();
  const rig = useRig((s) => s.doc);
  const make = async (kind: MadeKind) => onFault(await add(newJob(kind, rig)));
  return (
    <p className={css.acts}>
      {jobsOf(rig.frame).map((kind) => (
        <Act key={kind} {...(strong ? { strong } : {})} onClick={() => void make(kind)}>
          {NEW_WORDS[kind]}
        </Act>
      ))}
      <Import what="made" onFault={onFault} />
    </p>
  );
}

/** Which job is open; a new one; its name, its document, its end. */
export function JobPicker() {
  const { open, stores, choose } = useJobs();
  const [fault, setFault] = useState<string | null>(null);
  const [more, setMore] = useState(false);
  if (!open)
    return (
      <>
        <p>{FIRST_WORDS}</p>
        <Plan strong onFault={setFault} />
        {fault && <p role="alert">{fault}</p>}
      </>
    );
  const id = open.store.getState().id;
  return (
    <>
      <div className={css.pick}>
        <Select
          label="Job"
          name="job"
          value={id}
          options={stores.map((s) => {
            const { id: own, doc } = s.store.getState();
            return [own, doc.name || JOB_NAMES[doc.kind]] as const;
          })}
          onChoose={choose}
        />
        <Act onClick={() => setMore(!more)}>{more ? 'Less' : 'More'}</Act>
      </div>
      <Saving key={id} />
      {more && <More onFault={setFault} />}
      {more && <Plan onFault={setFault} />}
      {fault && <p role="alert">{fault}</p>}
    </>
  );
}

/** Undo, redo and how saving stands; another window's save is asked about, and the person chooses. */
export function Saving() {
  const { save, theirs, problem, undo, redo, settle } = useJob((s) => s);
  const past = useJob((s) => s.past.length);
  const future = useJob((s) => s.future.length);
  return (
    <>
      <SaveLine name="Job" {...{ save, problem, undo, redo, past, future }} />
      {theirs && <TwoWindows what="job" settle={settle} />}
    </>
  );
}

/** Its name, its document, its end. */
export function More({ onFault }: { onFault: (fault: string | null) => void }) {
  const { drop } = useJobs();
  const id = useJob((s) => s.id);
  const name = useJob((s) => s.doc.name);
  const edit = useJob((s) => s.edit);
  return (
    <div className={css.pick}>
      <TextLine
        label="Name of the job"
        name="job.name"
        value={name}
        most={200}
        placeholder="Name"
        onText={(text) => edit('name', 'name', text)}
      />
      <a href={downloads.job(id)} download={`${name || 'job'}.job.json`}>
        Export
      </a>
      <Act onClick={async () => onFault(await drop(id))}>Delete</Act>
    </div>
  );
}
