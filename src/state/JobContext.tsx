'use client';
import type { OwnJob } from '@/core/documents/job';
import { keptContext } from './keptContext';
import { keys } from './keys';
import { createJobStore, type JobState, type JobStore } from './jobStore';
import { jobServer } from './server/jobs';

const jobs = keptContext<OwnJob, JobState, JobStore>({
  name: 'job',
  key: keys.jobs,
  server: jobServer,
  make: createJobStore,
});

/** The jobs on a rig, for everything below; what is unsaved is sent before the page is left. */
export const JobProvider = jobs.Provider;
/** The jobs of a rig and the one that is open. */
export const useJobs = jobs.useAll;
/** Something of the open job; there must be one. */
export const useJob = jobs.useOpen;
