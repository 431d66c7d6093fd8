import type { Metadata } from 'next';
import { RunPage } from '@/features/jobs/towers/run/RunPage';
import { towerJob } from '@/server/towerJob';

export const metadata: Metadata = { title: 'Run' };

export default async function Page(p: Parameters<typeof towerJob>[0]) {
  return <RunPage {...await towerJob(p)} />;
}
