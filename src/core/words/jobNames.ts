import type { JobKind } from '../documents/jobKinds';

export const JOB_NAMES: Readonly<Record<JobKind, string>> = {
  sheets: 'Sheets',
  strips: 'Strips and boards',
  disc: 'Disc, ring or cone',
  cutout: 'Cut-out or free shape',
  groove: 'Groove or pocket',
  segments: 'Segments',
  outline: 'Outline, by motors',
  core: 'Core, by motors',
  turned: 'Turned piece',
  comb: 'Test comb',
  build: 'Building the cutter',
};
