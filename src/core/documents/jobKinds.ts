/** Kinds of job, of all cutters that have some. */
export const JOB_KINDS = ['sheets', 'strips', 'disc', 'cutout', 'groove', 'segments'] as const;
export type JobKind = (typeof JOB_KINDS)[number];
