/** What the pages know of the server's answers. */
export type * from '@/server/types';
