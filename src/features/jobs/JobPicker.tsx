'use client';
import { useState } from 'react';
import { jobsOf, type JobKind } from '@/core/documents/jobKinds';
import { JOB_NAMES } from '@/core/words/jobNames';
import { useJob, useJobs } from '@/state/JobContext';
import { downloads } from '@/state/places';
import { useRig } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { TwoWindows } from '@/ui/FindingCard';
import { SaveLine } from '@/ui/SaveLine';
import css from './jobs.module.css';
import { newJob } from './newJob';
import { FIRST_WORDS, NEW_WORDS } from './words';

/** A new job of each kind that this cutter can do. */
function Plan({ strong, onFault }: { strong?: boolean; onFault: (fault: string | null) => void }) {
  const { add } = useJobs();
  const rig = useRig((s) => s.doc);
  const make = async (kind: JobKind) => onFault(await add(newJob(kind, rig)));
  return (
    <p className={css.acts}>
      {jobsOf(rig.frame).map((kind) => (
        <Act key={kind} {...(strong ? { strong } : {})} onClick={() => void make(kind)}>
          {NEW_WORDS[kind]}
        </Act>
      ))}
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
        <select aria-label="Job" name="job" value={id} onChange={(e) => choose(e.target.value)}>
          {stores.map((s) => {
            const { id: own, doc } = s.store.getState();
            return (
              <option key={own} value={own}>
                {doc.name || JOB_NAMES[doc.kind]}
              </option>
            );
          })}
        </select>
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
function Saving() {
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

function More({ onFault }: { onFault: (fault: string | null) => void }) {
  const { drop } = useJobs();
  const id = useJob((s) => s.id);
  const name = useJob((s) => s.doc.name);
  const edit = useJob((s) => s.edit);
  return (
    <div className={css.pick}>
      <input
        aria-label="Name of the job"
        name="job.name"
        value={name}
        maxLength={200}
        placeholder="Name"
        onChange={(e) => edit('name', 'name', e.target.value)}
      />
      <a href={downloads.job(id)} download={`${name || 'job'}.job.json`}>
        Export
      </a>
      <Act onClick={async () => onFault(await drop(id))}>Delete</Act>
    </div>
  );
}
